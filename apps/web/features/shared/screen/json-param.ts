import type { z } from 'zod';

/** What an address brings as JSON; undefined for nothing, and for what cannot be read. */
export function jsonParam<S extends z.ZodType>(
  param: string | undefined,
  schema: S,
): z.output<S> | undefined {
  if (!param) return undefined;
  try {
    return schema.parse(JSON.parse(param));
  } catch {
    return undefined;
  }
}
