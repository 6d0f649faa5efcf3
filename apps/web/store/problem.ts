import { errorSchema } from '@round-mint/contract/common';
import { ERRORS, type ErrorCode } from '@round-mint/contract/error-codes';
import { capital } from '@round-mint/core/format';
import { z, type ZodError } from 'zod';

/** What the app says of a failure of which the server tells no more than its code. */
const WORDS: Readonly<Record<ErrorCode, string>> = {
  invalid: 'The server does not take this as it is. Nothing was lost; check what you entered.',
  'foreign-page': 'Only pages of this workshop may change something: open it by its own address.',
  'not-json': 'This page and the server are of different versions: reload the page.',
  'unknown-host': 'The workshop does not answer under this name: open it by its own address.',
  'not-paired': 'This device has to be paired with the workshop first.',
  'wrong-code': 'This code is wrong, or no longer good. Ask for a new one: Settings, Devices on the machine.',
  'machine-only': 'Only the machine that the workshop runs on may do this.',
  'too-many-requests': 'Too many at once: wait a little, then try again.',
  'not-found': 'It is not there any more.',
  'unknown-call': 'This page and the server are of different versions: reload the page.',
  'changed-meanwhile': 'Another device has changed this meanwhile. Nothing was saved: save again to choose.',
  'no-version': 'This page and the server are of different versions: reload the page.',
  'id-taken': 'This is archived under the same id: start it again.',
  'backup-running': 'A backup or a restore is under way: wait until it is done.',
  'backup-failed': 'The backup could not be made; nothing was changed.',
  'no-backups': 'This workshop has no data folder of its own: set DATA_DIR, and backups are kept there.',
  'out-of-stock': 'None of this piece is left in stock.',
  'not-feasible': 'This ring cannot be made.',
  'wrong-piece': 'This takes another kind of piece.',
  'not-yet': 'Something has to be done first.',
  'awaits-approval': 'The customer has to see this ring before this step. Log their word, then send again.',
  'no-address': 'This person has no e-mail address: enter one under People.',
  'on-shelf-already': 'This ring is on the shelf already.',
  'has-order': 'This ring belongs to an order: cancel that first.',
  'gone-already': 'This ring has left the shelf meanwhile: look at its page.',
  'code-taken': 'Another discount has this code: take another one, or change that.',
  'discount-refused': 'This discount does not hold here: clear its code.',
  'already-melted': 'Some of these are not in the tin any more: look again.',
  'too-much-for-json': 'This workshop is too large for one JSON text: save it as a zip.',
  'too-large': 'This is too large to send: leave something out.',
  'database-away': 'The database cannot be reached; nothing was changed. Try again in a moment.',
  internal: 'Something went wrong on the server; nothing was changed. Try again.',
};

const NO_ANSWER =
  'The server is away. What you entered stays here, and can be saved when the server is back.';

const failedCallSchema = z.object({ data: errorSchema });

function isErrorCode(code: string): code is ErrorCode {
  return code in ERRORS;
}

/** "events.0.body.bandWidthMm" is the band width. */
export function fieldWords(path: string): string {
  const name = path.split('.').at(-1) ?? path;
  const words = name
    .replace(/(Mm|Deg|Min|Sec|G)$/, '')
    .replace(/([a-z])([A-Z])/g, '$1 $2')
    .toLowerCase();
  return capital(words);
}

/** What a failed call says to a person: what the server knows of it, else the app's words, or that it does not answer. */
export function problemText(error: unknown): string {
  const failed = failedCallSchema.safeParse(error);
  if (!failed.success) return NO_ANSWER;
  const { code, message, fields = [] } = failed.data.data.error;
  const [field] = fields;
  if (field) return `${fieldWords(field.path)} ${field.message}.`;
  return isErrorCode(code) && message === ERRORS[code].message ? WORDS[code] : message;
}

/** What the contract says against a form, by the field's name. */
export function problemsOf({ issues }: Pick<ZodError, 'issues'>): Readonly<Record<string, string>> {
  return Object.fromEntries(issues.map(({ path, message }) => [String(path[0]), message]));
}
