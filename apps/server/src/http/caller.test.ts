import express from 'express';
import request from 'supertest';
import { isFromLoopback, isLoopback } from './caller';
import { errorHandler } from './errors';
import { requestLimit } from './limits';
import { FROM_NETWORK } from '../testing/test-server';

describe('the machine itself', () => {
  it.each(['127.0.0.1', '127.8.9.1', '::1', '::ffff:127.0.0.1', 'localhost'])('is %s', (address) => {
    expect(isLoopback(address)).toBe(true);
  });

  it.each(['192.168.7.30', '0.0.0.0', '::ffff:10.0.0.5', 'fe80::1', '127.example', '', undefined])(
    'is not %s',
    (address) => {
      expect(isLoopback(address)).toBe(false);
    },
  );

  it.each(['forwarded', 'x-forwarded-for', 'x-real-ip', 'via'])(
    'does not ask through a proxy, which says so in %s',
    (header) => {
      const socket = { remoteAddress: '127.0.0.1' } as never;
      expect(isFromLoopback({ socket, headers: {} })).toBe(true);
      expect(isFromLoopback({ socket, headers: { [header]: 'x' } })).toBe(false);
    },
  );
});

describe('requestLimit', () => {
  it('counts what comes from the network, and nothing of the machine', async () => {
    const app = express();
    app.use(requestLimit(3));
    app.get('/', (_request, response) => response.json({}));
    app.use(errorHandler);
    const ask = (headers: Record<string, string>) => request(app).get('/').set(headers);
    for (let i = 0; i < 5; i += 1) await ask({}).expect(200);
    for (let i = 0; i < 3; i += 1) await ask(FROM_NETWORK).expect(200);
    const { body } = await ask(FROM_NETWORK).expect(429);
    expect(body.error.code).toBe('too-many-requests');
    await ask({}).expect(200);
  });
});
