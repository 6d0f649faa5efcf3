import type { Response } from 'express';
import pLimit from 'p-limit';
import { HttpError } from './errors';
import { givenUp } from './given-up';

/** Heavy calls that run at once: each reads much of the workshop, and all others are answered beside them. */
const AT_ONCE = 2;
/** As many more wait for their turn; further ones are refused. */
const MOST_WAITING = 10;

/**
 * Lets heavy calls run a few at a time.
 * @returns runs one in its turn, unless its caller has gone by then. @throws HttpError 429 when too many wait
 */
export function createHeavyQueue(atOnce = AT_ONCE, mostWaiting = MOST_WAITING) {
  const limit = pLimit(atOnce);
  return async <T>(response: Response, work: () => T | Promise<T>): Promise<T> => {
    if (limit.activeCount + limit.pendingCount >= atOnce + mostWaiting)
      throw new HttpError('too-many-requests');
    const signal = givenUp(response);
    return limit(async () => {
      signal.throwIfAborted();
      return work();
    });
  };
}
