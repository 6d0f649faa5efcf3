import { PGlite } from '@electric-sql/pglite';
import { randomUUID } from 'node:crypto';
import { mkdir, readFile } from 'node:fs/promises';
import { join } from 'node:path';
import request from 'supertest';
import { createApp, type AppOptions } from '../app';
import { openDatabase, type DatabaseLocation, type OpenDatabase } from '../db/database';
import { loadDemo } from '../demo/load';
import { createLearner } from '../learning/learner';
import { localTeacher } from '../learning/teacher';
import { TEST_DEMO, TEST_PROGRAM } from './make-templates';
import { newPostgresDatabase } from './postgres';

/** Databases that every test file may copy instead of making its own; the test run makes them first. */
type Template = 'empty' | 'demo';

export async function templateOf(name: Template): Promise<Blob | undefined> {
  const folder = process.env.TEST_DATABASES;
  return folder === undefined ? undefined : new Blob([await readFile(join(folder, `${name}.tar`))]);
}

function serverOf(database: OpenDatabase, options: Partial<AppOptions> = {}) {
  const { db } = database;
  const learner = createLearner({ db, teacher: localTeacher(), program: TEST_PROGRAM });
  const app = createApp({ database, version: TEST_PROGRAM, ...options });
  return {
    db,
    app,
    api: request(app),
    /** Learns from the log what there is to learn. */
    learn: () => {
      learner.look();
      return learner.settled();
    },
    close: async () => {
      await learner.close();
      await database.close();
    },
  };
}

/** A database of its own: in memory, or on the PostgreSQL server that the test run names. */
async function ownDatabase(name: Template): Promise<OpenDatabase> {
  const server = process.env.TEST_POSTGRES;
  if (server !== undefined) return openDatabase({ url: await newPostgresDatabase(server) });
  return openDatabase({ memory: true, copyOf: await templateOf(name) });
}

/** A server on a database of its own, for tests of the interface. */
export async function testServer(location?: DatabaseLocation, options?: Partial<AppOptions>) {
  return serverOf(location ? await openDatabase(location) : await ownDatabase('empty'), options);
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
  await loadDemo(database.db, TEST_DEMO);
  await database.close();
}

/** A server of the made-up workshop, without its first year. */
export async function demoServer(outboxDir?: string, options?: Partial<AppOptions>) {
  const database = await ownDatabase('demo');
  // A copy of the made-up workshop has it already.
  await loadDemo(database.db, TEST_DEMO);
  return serverOf(database, { outboxDir, demo: true, ...options });
}

let lastMs = 0;

/** Something that happens now, under an id of its own, and after what happened before. */
export function eventOf(body: object, id: string = randomUUID()) {
  lastMs = Math.max(Date.now(), lastMs + 1);
  return { id, at: new Date(lastMs).toISOString(), body };
}

/** A call's path in the interface. */
export function path(rest: string): string {
  return `/api/v1${rest}`;
}
