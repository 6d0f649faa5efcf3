import type { Response } from 'express';

/** Aborted when the caller goes away before it was answered: work for nobody is not done. */
export function givenUp(response: Response): AbortSignal {
  const controller = new AbortController();
  response.on('close', () => {
    if (!response.writableFinished) controller.abort(new Error('the caller has gone'));
  });
  return controller.signal;
}
