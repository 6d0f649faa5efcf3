import type { RequestHandler } from 'express';
import { rateLimit } from 'express-rate-limit';
import { isFromLoopback } from './caller';
import { HttpError } from './errors';

const MINUTE_MS = 60_000;

/** Requests that one address of the network may make in a minute: many times what a bench needs. */
const MOST_A_MINUTE = 1200;
/** Wrong pairing codes that one address may send in five minutes. */
export const MOST_WRONG_CODES = 10;

function refuse(): never {
  throw new HttpError('too-many-requests');
}

// Addresses are those of the connections themselves: nothing that a request says of itself counts.
const COMMON = {
  standardHeaders: 'draft-8',
  legacyHeaders: false,
  validate: { xForwardedForHeader: false, forwardedHeader: false },
  handler: refuse,
} as const;

/** How often an address of the network may ask; the machine itself is not limited. */
export function requestLimit(limit = MOST_A_MINUTE): RequestHandler {
  return rateLimit({ ...COMMON, windowMs: MINUTE_MS, limit, skip: isFromLoopback });
}

/** How often an address may be wrong about a code, the machine's own as well. */
export function codeLimit(): RequestHandler {
  return rateLimit({
    ...COMMON,
    windowMs: 5 * MINUTE_MS,
    limit: MOST_WRONG_CODES,
    skipSuccessfulRequests: true,
  });
}
