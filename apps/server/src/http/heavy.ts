import type { Response } from 'express';
import pLimit from 'p-limit';
import { HttpError } from './errors';
import { givenUp } from './given-up';

/** Heavy calls that run at once: each reads much of the workshop, and all others are answered beside them. */
const AT_ONCE = 2;
/** As many more wait for their turn; further ones are refused. */
const MOST_WAITING = 10;

/** Nobody waits longer than this for their turn: they are told to come again. */
const MOST_WAIT_MS = 30_000;

/**
 * Lets heavy calls run a few at a time.
 * @returns runs one in its turn, unless its caller has gone by then. @throws HttpError 429 when too many wait, or it has
 * waited too long
 */
export function createHeavyQueue(atOnce = AT_ONCE, mostWaiting = MOST_WAITING, mostWaitMs = MOST_WAIT_MS) {
  const limit = pLimit(atOnce);
  return async <T>(response: Response, work: () => T | Promise<T>): Promise<T> => {
    if (limit.activeCount + limit.pendingCount >= atOnce + mostWaiting)
      throw new HttpError('too-many-requests');
    const signal = givenUp(response);
    return new Promise<T>((resolve, reject) => {
      let tooLate = false;
      const timer = setTimeout(() => {
        tooLate = true;
        reject(new HttpError('too-many-requests'));
      }, mostWaitMs);
      // Who waits does not keep the server from ending.
      timer.unref();
      limit(async () => {
        clearTimeout(timer);
        if (tooLate) return;
        signal.throwIfAborted();
        resolve(await work());
      }).catch(reject);
    });
  };
}
