import type { Response } from 'express';

/** Why work was given up: nobody waits for its answer any more. */
export class CallerGoneError extends Error {
  constructor() {
    super('The caller has gone.');
    this.name = 'CallerGoneError';
  }
}

/** Aborted when the caller goes away before it was answered: work for nobody is not done. */
export function givenUp(response: Response): AbortSignal {
  const controller = new AbortController();
  response.on('close', () => {
    if (!response.writableFinished) controller.abort(new CallerGoneError());
  });
  return controller.signal;
}
