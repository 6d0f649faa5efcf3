import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { createApp } from './app';
import { openDatabase, type DatabaseLocation } from './db/database';
import { loadDemo } from './demo/load';

/** A server on a database of its own, for tests of the interface. */
export async function testServer(location: DatabaseLocation = { memory: true }) {
  const database = await openDatabase(location);
  const app = createApp({ database, version: 'test' });
  return { db: database.db, api: request(app), close: database.close };
}

export type TestServer = Awaited<ReturnType<typeof testServer>>;

/** A server of the made-up workshop, without its first year. */
export async function demoServer(outboxDir?: string) {
  const database = await openDatabase({ memory: true });
  await loadDemo(database.db, { history: false });
  return { api: request(createApp({ database, version: 'test', outboxDir })), close: database.close };
}

/** Something that happened, under an id of its own. */
export function eventOf(body: object, id: string = randomUUID()) {
  return { id, at: '2026-11-25T10:00:00.000Z', body };
}

/** A call's path in the interface. */
export function path(rest: string): string {
  return `/api/v1${rest}`;
}
