import { sql } from 'drizzle-orm';
import type { PgDatabase, PgQueryResultHKT } from 'drizzle-orm/pg-core';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { z } from 'zod';

/** Raised when a newer Round Mint has written to a database. */
export class NewerSchemaError extends Error {
  constructor(found: number, known: number) {
    super(
      `This workshop was opened by a newer Round Mint (its data are of version ${found}, this program knows ${known}). Start the newer one: nothing was changed.`,
    );
    this.name = 'NewerSchemaError';
  }
}

/** As much of a database as is asked here. */
type Queried = Pick<PgDatabase<PgQueryResultHKT>, 'execute'>;

const journalSchema = z.object({ entries: z.array(z.object({ when: z.number() })).min(1) });
const countSchema = z.object({
  rows: z.array(z.object({ n: z.number(), last: z.coerce.number().nullable() })).length(1),
});
const thereSchema = z.object({ rows: z.array(z.object({ name: z.string().nullable() })).length(1) });

/** Migrations applied to a database so far: how many, and when the last of them was written. */
export async function appliedMigrations(
  db: Queried,
): Promise<{ readonly count: number; readonly last: number }> {
  const there = await db.execute(sql`select to_regclass('drizzle.__drizzle_migrations')::text as name`);
  if (thereSchema.parse(there).rows[0]?.name === null) return { count: 0, last: 0 };
  const result = await db.execute(
    sql`select count(*)::int as n, max(created_at) as last from drizzle.__drizzle_migrations`,
  );
  const [row] = countSchema.parse(result).rows;
  return { count: row?.n ?? 0, last: row?.last ?? 0 };
}

/** Migrations that this program knows. */
async function knownMigrations(folder: string): Promise<{ readonly count: number; readonly last: number }> {
  const text = await readFile(join(folder, 'meta', '_journal.json'), 'utf8');
  const { entries } = journalSchema.parse(JSON.parse(text));
  return { count: entries.length, last: Math.max(...entries.map(({ when }) => when)) };
}

/**
 * Older data is taken over, newer data is not touched.
 * @param folder of the migrations that this program knows
 * @throws NewerSchemaError
 */
export async function refuseNewer(db: Queried, folder: string): Promise<void> {
  const known = await knownMigrations(folder);
  const { count, last } = await appliedMigrations(db);
  if (last > known.last) throw new NewerSchemaError(count, known.count);
}

/** How many migrations a database has that an older version wrote; undefined where it is new, or up to date. */
export async function olderSchema(db: Queried, folder: string): Promise<number | undefined> {
  const { count, last } = await appliedMigrations(db);
  return count > 0 && last < (await knownMigrations(folder)).last ? count : undefined;
}
