import { errorSchema } from '@round-mint/contract/common';
import type { ZodError } from 'zod';

/** What a failed call says to a person: the server's own words, or that it does not answer. */
export function problemText(error: unknown): string {
  const body = errorSchema.safeParse((error as { data?: unknown } | undefined)?.data);
  return body.success ? body.data.error.message : 'The server does not answer. Nothing was lost; try again.';
}

/** What the contract says against a form, by the field's name. */
export function problemsOf({ issues }: Pick<ZodError, 'issues'>): Readonly<Record<string, string>> {
  return Object.fromEntries(issues.map(({ path, message }) => [String(path[0]), message]));
}
