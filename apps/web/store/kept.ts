import type { z } from 'zod';

/** What this browser has kept under a name; another thing instead when there is none, or none that can be read. */
export function readKept<T>(name: string, schema: z.ZodType<T>, instead: T): T {
  try {
    return schema.parse(JSON.parse(globalThis.localStorage?.getItem(name) ?? ''));
  } catch {
    return instead;
  }
}

export function keep(name: string, value: unknown): void {
  globalThis.localStorage?.setItem(name, JSON.stringify(value));
}
