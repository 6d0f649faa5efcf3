import { PGlite } from '@electric-sql/pglite';
import { drizzle as drizzlePg } from 'drizzle-orm/node-postgres';
import { migrate as migratePg } from 'drizzle-orm/node-postgres/migrator';
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import { drizzle as drizzlePglite } from 'drizzle-orm/pglite';
import { migrate as migratePglite } from 'drizzle-orm/pglite/migrator';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import { checkFolder } from './folder-check';
import { lockFolder } from './folder-lock';
import * as schema from './schema';
import { appliedMigrations, refuseNewer } from './schema-version';

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
  | { readonly dataDir: string }
  | { readonly url: string }
  | {
      readonly memory: true;
      /** Another database in memory as its `dump` gave it; left out, a new one. */
      readonly copyOf?: Blob | undefined;
    };

const migrationsFolder = fileURLToPath(new URL('./migrations', import.meta.url));

async function openedPglite(client: PGlite, close: () => Promise<void>): Promise<OpenDatabase> {
  const db: Database = drizzlePglite(client, { schema });
  try {
    await refuseNewer(db, migrationsFolder);
    await migratePglite(drizzlePglite(client), { migrationsFolder });
  } catch (error) {
    await client.close();
    throw error;
  }
  return { db, kind: 'pglite', schemaVersion: (await appliedMigrations(db)).count, close };
}

async function openFolder(folder: string): Promise<OpenDatabase> {
  const unlock = await lockFolder(folder);
  try {
    const client = new PGlite(join(folder, 'database'));
    return await openedPglite(client, async () => {
      await client.close();
      await unlock();
    });
  } catch (error) {
    await unlock();
    throw error;
  }
}

/** A database that is gone when it is closed; `dump` gives it as a file that another one can be copied from. */
export async function openMemory(
  copyOf?: Blob,
): Promise<OpenDatabase & { readonly dump: () => Promise<Blob> }> {
  const client = new PGlite(copyOf ? { loadDataDir: copyOf } : {});
  return {
    ...(await openedPglite(client, () => client.close())),
    dump: () => client.dumpDataDir('none'),
  };
}

async function openPostgres(url: string): Promise<OpenDatabase> {
  const pool = new pg.Pool({ connectionString: url });
  const db: Database = drizzlePg(pool, { schema });
  try {
    await refuseNewer(db, migrationsFolder);
    await migratePg(drizzlePg(pool), { migrationsFolder });
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
  return openFolder(location.dataDir);
}
