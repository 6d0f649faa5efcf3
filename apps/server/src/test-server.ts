import request from 'supertest';
import { createApp } from './app';
import { openDatabase, type DatabaseLocation } from './db/database';

/** A server on a database of its own, for tests of the interface. */
export async function testServer(location: DatabaseLocation = { memory: true }) {
  const database = await openDatabase(location);
  const app = createApp({ database, version: 'test' });
  return { db: database.db, api: request(app), close: database.close };
}

export type TestServer = Awaited<ReturnType<typeof testServer>>;
