import type { PGlite } from '@electric-sql/pglite';
import { drizzle as drizzlePg } from 'drizzle-orm/node-postgres';
import { migrate as migratePg } from 'drizzle-orm/node-postgres/migrator';
import { sql } from 'drizzle-orm';
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import { drizzle as drizzlePglite } from 'drizzle-orm/pglite';
import { migrate as migratePglite } from 'drizzle-orm/pglite/migrator';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import { checkFolder } from './folder-check';
import { lockFolder } from './folder-lock';
import * as schema from './schema';
import { appliedMigrations, olderSchema, refuseNewer } from './schema-version';
import { SharedTurns } from './shared-turns';

/** General enough for the embedded database and for a PostgreSQL server; also the type of a transaction. */
export type Database = PgDatabase<PgQueryResultHKT, typeof schema>;

export interface OpenDatabase {
  readonly db: Database;
  readonly kind: 'pglite' | 'postgres';
  /** Migrations applied so far. */
  readonly schemaVersion: number;
  readonly close: () => Promise<void>;
}

export type DatabaseLocation =
  | { readonly dataDir: string; readonly beforeUpgrade?: BeforeUpgrade }
  | { readonly url: string }
  | {
      readonly memory: true;
      /** Another database in memory as its `dump` gave it; left out, a new one. */
      readonly copyOf?: Blob | undefined;
    };

/** The embedded database's own files within a data folder. */
export const DATABASE_FOLDER = 'database';

const migrationsFolder = fileURLToPath(new URL('./migrations', import.meta.url));

/** Raised when the embedded database's own files are damaged so far that it does not start. */
export class DamagedDatabaseError extends Error {
  constructor(folder: string, cause: unknown) {
    super(`The database in ${folder} cannot be opened: its files are damaged.`, { cause });
    this.name = 'DamagedDatabaseError';
  }
}

/** What is done before a newer version takes a database over that an older one wrote. @param schema its migrations so far */
export type BeforeUpgrade = (db: Database, schema: number) => Promise<void>;

async function openedPglite(
  client: PGlite,
  close: () => Promise<void>,
  beforeUpgrade?: BeforeUpgrade,
): Promise<OpenDatabase> {
  const db: Database = drizzlePglite(client, { schema });
  try {
    await refuseNewer(db, migrationsFolder);
    const older = await olderSchema(db, migrationsFolder);
    if (older !== undefined) await beforeUpgrade?.(db, older);
    await migratePglite(drizzlePglite(client), { migrationsFolder });
  } catch (error) {
    await client.close();
    throw error;
  }
  return { db, kind: 'pglite', schemaVersion: (await appliedMigrations(db)).count, close };
}

async function startedPglite(folder: string): Promise<PGlite> {
  try {
    const client = new SharedTurns(join(folder, DATABASE_FOLDER));
    await client.waitReady;
    return client;
  } catch (error) {
    throw new DamagedDatabaseError(folder, error);
  }
}

async function openFolder(folder: string, beforeUpgrade?: BeforeUpgrade): Promise<OpenDatabase> {
  const unlock = await lockFolder(folder);
  try {
    const client = await startedPglite(folder);
    const close = async () => {
      await client.close();
      await unlock();
    };
    return await openedPglite(client, close, beforeUpgrade);
  } catch (error) {
    await unlock();
    throw error;
  }
}

/** A database that is gone when it is closed; `dump` gives it as a file that another one can be copied from. */
export async function openMemory(
  copyOf?: Blob,
): Promise<OpenDatabase & { readonly dump: () => Promise<Blob> }> {
  const client = new SharedTurns(copyOf ? { loadDataDir: copyOf } : {});
  return {
    ...(await openedPglite(client, () => client.close())),
    dump: () => client.dumpDataDir('none'),
  };
}

/** Two servers that start at once on one database: the second waits until the first has brought the schema up to date. */
const MIGRATION_LOCK = 7_205_501;

async function migrateAlone(pool: pg.Pool): Promise<void> {
  const client = await pool.connect();
  try {
    const db = drizzlePg(client);
    await db.execute(sql`select pg_advisory_lock(${MIGRATION_LOCK})`);
    await refuseNewer(db, migrationsFolder);
    await migratePg(db, { migrationsFolder });
  } finally {
    // A lock ends with its connection.
    client.release(true);
  }
}

async function openPostgres(url: string): Promise<OpenDatabase> {
  const pool = new pg.Pool({ connectionString: url });
  // A connection that was lost while nobody used it: the next query opens another one.
  pool.on('error', (error) => console.error(`A connection to the database was lost: ${error.message}`));
  const db: Database = drizzlePg(pool, { schema });
  try {
    await migrateAlone(pool);
  } catch (error) {
    await pool.end();
    throw error;
  }
  return {
    db,
    kind: 'postgres',
    schemaVersion: (await appliedMigrations(db)).count,
    close: () => pool.end(),
  };
}

/**
 * Opens the database and brings its schema up to date.
 * @throws when another server already writes to the folder, it cannot be written, or a newer Round Mint has written to it
 */
export async function openDatabase(location: DatabaseLocation): Promise<OpenDatabase> {
  if ('url' in location) return openPostgres(location.url);
  if ('memory' in location) return openMemory(location.copyOf);
  await checkFolder(location.dataDir);
  return openFolder(location.dataDir, location.beforeUpgrade);
}
