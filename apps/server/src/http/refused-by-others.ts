import { z } from 'zod';
import type { ErrorCode } from '@round-mint/contract/error-codes';
import { failuresIn } from './failures-in';

/** A failure that is told of in other words by what the server is built on. */
export interface Told {
  readonly code: ErrorCode;
  readonly message?: string;
}

const fromExpressSchema = z.object({
  status: z.number().int().min(400).max(499),
  type: z.string().optional(),
});

/** What Express and its body parser refuse: an address that cannot be decoded, a body that cannot be read. */
export function fromExpress(error: unknown): Told | undefined {
  const parsed = fromExpressSchema.safeParse(error);
  if (!parsed.success) return undefined;
  const { status, type } = parsed.data;
  if (type === 'entity.parse.failed') return { code: 'invalid', message: 'The body is not valid JSON.' };
  if (status === 413) return { code: 'too-large' };
  if (status === 415) return { code: 'not-json' };
  return { code: 'invalid', message: 'The request cannot be read.' };
}

/** Classes of PostgreSQL's codes: what was asked to be kept is no value of its column, or breaks a rule of its table. */
const NO_VALUE = /^22/;
const FOREIGN_KEY = '23503';
const BROKEN_RULE = /^23/;

/** Whether the database refused something because of what it refers to. */
export function refersToNothing(error: unknown): boolean {
  return [...failuresIn(error)].some(({ code }) => code === FOREIGN_KEY);
}

/** What the database itself refuses, where no check before it did. */
export function fromDatabase(error: unknown): Told | undefined {
  if (refersToNothing(error))
    return { code: 'invalid', message: 'It refers to something that is not there.' };
  const isRefused = [...failuresIn(error)].some(({ code }) => NO_VALUE.test(code) || BROKEN_RULE.test(code));
  return isRefused ? { code: 'invalid', message: 'A value is outside what can be kept.' } : undefined;
}
