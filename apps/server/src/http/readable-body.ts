import type { RequestHandler } from 'express';
import { HttpError } from './errors';

/** Deeper than anything that the interface takes; a body of a few megabytes could nest a million times. */
const MOST_NESTED = 60;

/** What a database does not keep as text: NUL, and the half of a pair. */
const NO_TEXT = /\0|\p{Surrogate}/u;

function refused(name: string, message: string): HttpError {
  return new HttpError('invalid', `${name === '' ? 'The request' : name} ${message}`, [
    { path: name, message },
  ]);
}

/**
 * Looks through a value and all within it.
 * @param name of the field that holds it
 * @throws HttpError 400 for text that cannot be kept, or a value that nests too deep
 */
function checkReadable(value: unknown, name = '', depth = 0): void {
  if (typeof value === 'string') {
    if (NO_TEXT.test(value)) throw refused(name, 'holds a sign that is no text');
    return;
  }
  if (typeof value !== 'object' || value === null) return;
  if (depth > MOST_NESTED) throw refused('', 'nests too deep');
  for (const [key, part] of Object.entries(value)) {
    if (NO_TEXT.test(key)) throw refused(name, 'has a field whose name is no text');
    checkReadable(part, key, depth + 1);
  }
}

/** Stands before every call: what cannot be kept is refused before it is looked at. */
export const readableOnly: RequestHandler = (request, _response, next) => {
  checkReadable(request.body);
  checkReadable(request.query);
  next();
};
