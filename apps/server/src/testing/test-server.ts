import { PGlite } from '@electric-sql/pglite';
import { randomUUID } from 'node:crypto';
import { mkdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import request from 'supertest';
import { createApp, type AppOptions } from '../app';
import { openDatabase, type DatabaseLocation, type OpenDatabase } from '../db/database';
import { loadDemo } from '../demo/load';

/** Databases that every test file may copy instead of making its own; the test run makes them first. */
type Template = 'empty' | 'demo';

export async function templateOf(name: Template): Promise<Blob | undefined> {
  const folder = process.env.TEST_DATABASES;
  return folder === undefined ? undefined : new Blob([await readFile(join(folder, `${name}.tar`))]);
}

function serverOf(database: OpenDatabase, options: Partial<AppOptions> = {}) {
  const app = createApp({ database, version: 'test', ...options });
  return { db: database.db, app, api: request(app), close: database.close };
}

/** A server on a database of its own, for tests of the interface. */
export async function testServer(location?: DatabaseLocation, options?: Partial<AppOptions>) {
  const database = await openDatabase(location ?? { memory: true, copyOf: await templateOf('empty') });
  return serverOf(database, options);
}

/** Headers of a request that comes from the network: through a proxy, as far as the server can tell. */
export const FROM_NETWORK = { 'x-forwarded-for': '192.168.7.30' } as const;

export type TestServer = Awaited<ReturnType<typeof testServer>>;

/** A data folder with the made-up workshop in it, as a server left it. */
export async function makeDemoFolder(dataDir: string): Promise<void> {
  await mkdir(dataDir, { recursive: true });
  const copyOf = await templateOf('demo');
  if (copyOf) {
    const client = new PGlite(join(dataDir, 'database'), { loadDataDir: copyOf });
    await client.waitReady;
    await client.close();
    return;
  }
  const database = await openDatabase({ dataDir });
  await loadDemo(database.db, { history: false });
  await database.close();
}

/** A server of the made-up workshop, without its first year. */
export async function demoServer(outboxDir?: string) {
  const copyOf = await templateOf('demo');
  const database = await openDatabase({ memory: true, copyOf });
  if (!copyOf) await loadDemo(database.db, { history: false });
  return serverOf(database, { outboxDir, demo: true });
}

/** Something that happened, under an id of its own. */
export function eventOf(body: object, id: string = randomUUID()) {
  return { id, at: '2026-11-25T10:00:00.000Z', body };
}

/** A call's path in the interface. */
export function path(rest: string): string {
  return `/api/v1${rest}`;
}
