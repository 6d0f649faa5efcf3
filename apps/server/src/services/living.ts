import { asc, isNull } from 'drizzle-orm';
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core';
import type { Database } from '../db/database';

type LivingTable = PgTable & {
  readonly createdAt: PgColumn;
  readonly id: PgColumn;
  readonly archivedAt: PgColumn;
};

/** What was not archived, in the order it came. */
export function living(db: Database, table: LivingTable): Promise<readonly Record<string, unknown>[]> {
  return db.select().from(table).where(isNull(table.archivedAt)).orderBy(asc(table.createdAt), asc(table.id));
}
