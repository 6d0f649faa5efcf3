/** Every failure that the interface answers with: its HTTP status, and what it means where nothing more is known. */
export const ERRORS = {
  invalid: { status: 400, message: 'The request does not fit the interface.' },
  'foreign-page': { status: 403, message: 'Only pages of this workshop may change something here.' },
  'not-json': { status: 415, message: 'A body has to be JSON, with the content type application/json.' },
  'unknown-host': {
    status: 421,
    message:
      'This workshop does not answer under that name. Its own names and addresses do; others are told by ALLOWED_HOSTS.',
  },
  'not-paired': { status: 401, message: 'This device has to be paired with the workshop first.' },
  'wrong-code': { status: 403, message: 'This code is wrong, or no longer good: ask for a new one.' },
  'machine-only': {
    status: 403,
    message: 'Only the machine that the workshop runs on may do this.',
  },
  'too-many-requests': { status: 429, message: 'Too many requests: wait a little.' },
  'not-found': { status: 404, message: 'There is no such thing.' },
  'unknown-call': { status: 404, message: 'The interface has no such call.' },
  'changed-meanwhile': {
    status: 412,
    message: 'Another device has changed this meanwhile: look at both, then choose.',
  },
  'no-version': { status: 400, message: 'If-Match has to be the version of the thing, such as "42".' },
  'id-taken': {
    status: 409,
    message: 'This id already belongs to something else, or to something archived: take a new one.',
  },
  'backup-running': {
    status: 409,
    message: 'A backup or a restore is under way: wait until it is done.',
  },
  'backup-failed': { status: 409, message: 'The backup could not be made; nothing was changed.' },
  'no-backups': {
    status: 409,
    message: 'This workshop has no data folder of its own: set DATA_DIR, and backups are kept there.',
  },
  'out-of-stock': { status: 409, message: 'None of this piece is left in stock.' },
  'not-feasible': { status: 409, message: 'This ring cannot be made.' },
  'wrong-piece': { status: 409, message: 'This takes another kind of piece.' },
  'not-yet': { status: 409, message: 'Something has to be done first.' },
  'awaits-approval': {
    status: 409,
    message: 'The customer has to see this ring before this step: log their word with the order first.',
  },
  'no-address': { status: 409, message: 'This person has no e-mail address: enter one under People.' },
  'on-shelf-already': { status: 409, message: 'This ring is on the shelf already.' },
  'has-order': { status: 409, message: 'This ring belongs to an order: cancel that first.' },
  'gone-already': { status: 409, message: 'This ring has left the shelf meanwhile.' },
  'code-taken': { status: 409, message: 'Another discount has this code.' },
  'discount-refused': { status: 409, message: 'This discount does not hold here.' },
  'already-melted': { status: 409, message: 'Some of these are not in the tin any more: look again.' },
  'too-much-for-json': {
    status: 409,
    message: 'This workshop is too large for one JSON text: take /export.zip.',
  },
  'too-large': { status: 413, message: 'The body is too large.' },
  'database-away': {
    status: 503,
    message: 'The database cannot be reached; nothing was changed. It is asked again with the next call.',
  },
  internal: { status: 500, message: 'Something went wrong on the server; nothing was changed.' },
} as const satisfies Readonly<Record<string, { readonly status: number; readonly message: string }>>;

export type ErrorCode = keyof typeof ERRORS;

/** Failures that any call may answer with. */
export const COMMON_ERRORS = [
  'invalid',
  'too-large',
  'foreign-page',
  'not-json',
  'unknown-host',
  'not-paired',
  'too-many-requests',
  'database-away',
  'internal',
] as const satisfies readonly ErrorCode[];
