import express from 'express';
import request from 'supertest';
import { z } from 'zod';
import { errorHandler, HttpError, invalid, notFound, unknownCall } from './errors';

/** A server whose only call fails in one way. */
function failing(error: unknown) {
  const app = express();
  app.get('/', () => {
    throw error;
  });
  app.use(unknownCall);
  app.use(errorHandler);
  return request(app);
}

describe('errorHandler', () => {
  it('sends a known failure with its status, code and words', async () => {
    const { status, body } = await failing(new HttpError('out-of-stock', 'None left.')).get('/');
    expect(status).toBe(409);
    expect(body).toEqual({ error: { code: 'out-of-stock', message: 'None left.' } });
  });

  it('says not found, and names an unknown call', async () => {
    expect((await failing(notFound('ring')).get('/')).body.error.message).toBe('There is no such ring.');
    const { body } = await failing(undefined).get('/nowhere');
    expect(body.error).toEqual({ code: 'unknown-call', message: 'There is no GET /nowhere.' });
  });

  it('leaks nothing of an unforeseen failure, but writes it to the server’s log', async () => {
    const written: unknown[] = [];
    const log = console.error;
    console.error = (...words: unknown[]) => written.push(...words);
    const { status, text } = await failing(new Error('password is heron')).get('/');
    expect(status).toBe(500);
    expect(text).not.toContain('heron');
    expect(JSON.parse(text).error).toEqual({
      code: 'internal',
      message: 'Something went wrong on the server; nothing was changed.',
    });
    console.error = log;
    expect(String(written[0])).toContain('heron');
  });
});

describe('invalid', () => {
  const schema = z.strictObject({
    coin: z.strictObject({ diameterMm: z.number({ error: 'must be a length' }) }),
  });

  function refusalOf(value: unknown): HttpError {
    const { error } = schema.safeParse(value);
    if (!error) throw new Error('it should have been refused');
    return invalid(error);
  }

  it('names the field by its whole path, in the summary too', () => {
    expect(refusalOf({ coin: { diameterMm: 'x' } })).toMatchObject({
      status: 400,
      code: 'invalid',
      message: 'coin.diameterMm must be a length',
      fields: [{ path: 'coin.diameterMm', message: 'must be a length' }],
    });
  });

  it('names each unknown field', () => {
    expect(refusalOf({ coin: { diameterMm: 3, a: 1, b: 2 } }).fields).toEqual([
      { path: 'coin.a', message: 'is not a known field' },
      { path: 'coin.b', message: 'is not a known field' },
    ]);
  });

  it.each([
    ['an address that cannot be decoded', Object.assign(new Error('no'), { status: 400 }), 400, 'invalid'],
    [
      'a body that is no JSON',
      Object.assign(new Error('no'), { status: 400, type: 'entity.parse.failed' }),
      400,
      'invalid',
    ],
    ['a charset nobody knows', Object.assign(new Error('no'), { status: 415 }), 415, 'not-json'],
    ['a body that is too large', Object.assign(new Error('no'), { status: 413 }), 413, 'too-large'],
    [
      'what is no value of its column',
      new Error('query', { cause: Object.assign(new Error('x'), { code: '22008' }) }),
      400,
      'invalid',
    ],
    [
      'what refers to nothing',
      new Error('query', { cause: Object.assign(new Error('x'), { code: '23503' }) }),
      400,
      'invalid',
    ],
    [
      'a lost connection',
      new Error('query', { cause: Object.assign(new Error('x'), { code: 'ECONNREFUSED' }) }),
      503,
      'database-away',
    ],
    ['a connection that ended', new Error('Connection terminated unexpectedly'), 503, 'database-away'],
  ])('answers %s as the request’s own fault, or as away', async (_what, error, status, code) => {
    const answer = await failing(error).get('/');
    expect([answer.status, answer.body.error.code]).toEqual([status, code]);
  });

  it('does not take a missing file for a missing database', async () => {
    const log = console.error;
    console.error = () => undefined;
    const { status } = await failing(Object.assign(new Error('x'), { code: 'ENOENT', syscall: 'open' })).get(
      '/',
    );
    console.error = log;
    expect(status).toBe(500);
  });
});
