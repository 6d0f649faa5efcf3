import { z } from 'zod';
import type { ErrorCode } from '@round-mint/contract/error-codes';

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

/** What the database itself refuses, where no check before it did. */
export function fromDatabase(error: unknown): Told | undefined {
  for (let one = error; one instanceof Error; one = one.cause) {
    const { code } = one as { code?: unknown };
    if (typeof code !== 'string') continue;
    if (code === FOREIGN_KEY)
      return { code: 'invalid', message: 'It refers to something that is not there.' };
    if (NO_VALUE.test(code) || BROKEN_RULE.test(code)) {
      return { code: 'invalid', message: 'A value is outside what can be kept.' };
    }
  }
  return undefined;
}
