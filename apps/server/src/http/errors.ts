import type { ErrorBody } from '@round-mint/contract/common';
import { ERRORS, type ErrorCode } from '@round-mint/contract/error-codes';
import type { ErrorRequestHandler, RequestHandler } from 'express';
import { ZodError } from 'zod';
import { isDatabaseAway } from './database-away';
import { CallerGoneError } from './given-up';
import { fromDatabase, fromExpress } from './refused-by-others';

/** A failure with a code of the contract and words for people; its status follows from the code. */
export class HttpError extends Error {
  readonly status: number;

  constructor(
    readonly code: ErrorCode,
    /** Left out, what the code means. */
    message: string = ERRORS[code].message,
    readonly fields?: readonly { readonly path: string; readonly message: string }[],
    /** Of a stale write: what is there now. */
    readonly current?: unknown,
  ) {
    super(message);
    this.name = 'HttpError';
    this.status = ERRORS[code].status;
  }
}

export function notFound(what: string): HttpError {
  return new HttpError('not-found', `There is no such ${what}.`);
}

function fieldsOf(error: ZodError): { path: string; message: string }[] {
  return error.issues.flatMap((issue) =>
    issue.code === 'unrecognized_keys'
      ? issue.keys.map((key) => ({ path: [...issue.path, key].join('.'), message: 'is not a known field' }))
      : [{ path: issue.path.join('.'), message: issue.message }],
  );
}

/** The answer to a request that does not fit the contract. */
export function invalid(error: ZodError): HttpError {
  const fields = fieldsOf(error);
  const first = fields[0];
  const summary = first
    ? `${first.path ? `${first.path} ` : ''}${first.message}`
    : 'The request is not valid.';
  return new HttpError('invalid', summary, fields);
}

/** Runs a computation of the core; what it finds out of range is the request's fault, in its own words. */
export function inRange<T>(path: string, compute: () => T): T {
  try {
    return compute();
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    const { message } = error;
    throw new HttpError('invalid', message, [{ path, message }]);
  }
}

/** A failure that the server knows, whoever found it. */
function knownFailure(error: unknown): HttpError | undefined {
  if (error instanceof HttpError) return error;
  if (error instanceof ZodError) return invalid(error);
  if (isDatabaseAway(error)) return new HttpError('database-away');
  const told = fromExpress(error) ?? fromDatabase(error);
  return told && new HttpError(told.code, told.message, told.code === 'invalid' ? [] : undefined);
}

export const unknownCall: RequestHandler = (request) => {
  throw new HttpError('unknown-call', `There is no ${request.method} ${request.originalUrl}.`);
};

/** The last handler: every failure leaves as the contract's error body, and nothing internal leaks. */
export const errorHandler: ErrorRequestHandler = (error: unknown, _request, response, _next) => {
  // A file that was begun cannot become an error any more: it ends short, and does not read as whole.
  if (error instanceof CallerGoneError || response.headersSent) {
    if (!(error instanceof CallerGoneError)) console.error(error);
    response.destroy();
    return;
  }
  const known = knownFailure(error);
  if (!known) console.error(error);
  const { status, code, message, fields, current } = known ?? new HttpError('internal');
  const body: ErrorBody = {
    error: {
      code,
      message,
      ...(fields ? { fields: [...fields] } : {}),
      ...(current === undefined ? {} : { current }),
    },
  };
  response.status(status).json(body);
};
