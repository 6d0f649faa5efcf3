import { PGlite } from '@electric-sql/pglite';
import { sql } from 'drizzle-orm';
import { drizzle as drizzlePg } from 'drizzle-orm/node-postgres';
import { migrate as migratePg } from 'drizzle-orm/node-postgres/migrator';
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import { drizzle as drizzlePglite } from 'drizzle-orm/pglite';
import { migrate as migratePglite } from 'drizzle-orm/pglite/migrator';
import { mkdir } from 'node:fs/promises';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import pg from 'pg';
import { lockFolder } from './folder-lock';
import * as schema from './schema';

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
  { readonly dataDir: string } | { readonly url: string } | { readonly memory: true };

const migrationsFolder = fileURLToPath(new URL('./migrations', import.meta.url));

async function appliedMigrations(db: Database): Promise<number> {
  const result = (await db.execute(
    sql`select count(*)::int as n from drizzle.__drizzle_migrations`,
  )) as unknown as {
    rows: { n: number }[];
  };
  return result.rows[0]?.n ?? 0;
}

async function openPglite(folder: string | undefined): Promise<OpenDatabase> {
  const unlock = folder ? await lockFolder(folder) : async () => {};
  try {
    const client = folder ? new PGlite(join(folder, 'database')) : new PGlite();
    const db = drizzlePglite(client, { schema });
    await migratePglite(db, { migrationsFolder });
    return {
      db: db as unknown as Database,
      kind: 'pglite',
      schemaVersion: await appliedMigrations(db as unknown as Database),
      close: async () => {
        await client.close();
        await unlock();
      },
    };
  } catch (error) {
    await unlock();
    throw error;
  }
}

async function openPostgres(url: string): Promise<OpenDatabase> {
  const pool = new pg.Pool({ connectionString: url });
  const db = drizzlePg(pool, { schema });
  await migratePg(db, { migrationsFolder });
  return {
    db: db as unknown as Database,
    kind: 'postgres',
    schemaVersion: await appliedMigrations(db as unknown as Database),
    close: () => pool.end(),
  };
}

/**
 * Opens the database and brings its schema up to date.
 * @throws when another server already writes to the folder
 */
export async function openDatabase(location: DatabaseLocation): Promise<OpenDatabase> {
  if ('url' in location) return openPostgres(location.url);
  if ('memory' in location) return openPglite(undefined);
  await mkdir(location.dataDir, { recursive: true });
  return openPglite(location.dataDir);
}
