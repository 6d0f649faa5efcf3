import { sql } from 'drizzle-orm';
import { bigint, check, customType, pgSequence, timestamp, type AnyPgColumn } from 'drizzle-orm/pg-core';

/** A row can only hold one of the words that the contract knows. */
export function oneOf(name: string, column: AnyPgColumn, words: readonly string[]) {
  const list = words.map((word) => `'${word.replaceAll("'", "''")}'`).join(', ');
  return check(name, sql`${column} in (${sql.raw(list)})`);
}

/** A table of a single row. */
export function onlyRow(name: string, column: AnyPgColumn) {
  return check(name, sql`${column} = 1`);
}

/** Counts every write to a row of any table: one that was written later has the higher number. */
export const rowVersion = pgSequence('row_version');

/** A number that grows with every write to any row. */
export const drawnVersion = (name: string) =>
  bigint(name, { mode: 'number' })
    .notNull()
    .default(sql`nextval('row_version')`);

/** Drawn anew at every write, by a trigger of the database: no writer can forget it. */
export const version = () => drawnVersion('version');

/** Every stored thing has these; archiving it only sets `archivedAt`, so that it can be brought back. */
export const lifecycle = {
  createdAt: timestamp('created_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
  updatedAt: timestamp('updated_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
  archivedAt: timestamp('archived_at', { withTimezone: true, mode: 'string' }),
  version: version(),
};

/** A file as it is. */
export const bytes = customType<{ data: Uint8Array }>({ dataType: () => 'bytea' });
