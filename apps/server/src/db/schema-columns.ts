import { sql } from 'drizzle-orm';
import { check, customType, timestamp, type AnyPgColumn } from 'drizzle-orm/pg-core';

/** A row can only hold one of the words that the contract knows. */
export function oneOf(name: string, column: AnyPgColumn, words: readonly string[]) {
  const list = words.map((word) => `'${word.replaceAll("'", "''")}'`).join(', ');
  return check(name, sql`${column} in (${sql.raw(list)})`);
}

/** A table of a single row. */
export function onlyRow(name: string, column: AnyPgColumn) {
  return check(name, sql`${column} = 1`);
}

/** Every stored thing has these; archiving it only sets `archivedAt`, so that it can be brought back. */
export const lifecycle = {
  createdAt: timestamp('created_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
  updatedAt: timestamp('updated_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
  archivedAt: timestamp('archived_at', { withTimezone: true, mode: 'string' }),
};

/** A file as it is. */
export const bytes = customType<{ data: Uint8Array }>({ dataType: () => 'bytea' });
