import { z } from 'zod';
import type { Fetch } from '@/ui/Waiting';

/** One thing by its id. */
export interface One<T> extends Fetch<T> {
  /** The server knows of none. */
  readonly isMissing: boolean;
}

const missingSchema = z.object({ status: z.literal(404) });

interface Result<T> {
  /** Of the id that is asked for now. */
  readonly currentData?: T | undefined;
  readonly isError: boolean;
  readonly error?: unknown;
  readonly refetch: () => unknown;
}

/** A thing that a list holds already, or that was asked for by itself. */
export function oneOf<T>(listed: T | undefined, { currentData, isError, error, refetch }: Result<T>): One<T> {
  const isMissing = isError && missingSchema.safeParse(error).success;
  // What was there when it was asked for last is none any more.
  const known = isMissing ? undefined : currentData;
  return { data: listed ?? known, isError: isError && !isMissing, isMissing, refetch };
}

/** What a list knows of a thing, and whether the thing need not be asked for by itself. @param id undefined for none */
export function lookUp<T extends { readonly id: string }>(
  { data, isError }: Pick<Fetch<readonly T[]>, 'data' | 'isError'>,
  id: string | undefined,
): { readonly listed: T | undefined; readonly skip: boolean } {
  const listed = data?.find((thing) => thing.id === id);
  // The list comes first: most things are in it.
  const isLookedThrough = data !== undefined || isError;
  return { listed, skip: id === undefined || !isLookedThrough || listed !== undefined };
}
