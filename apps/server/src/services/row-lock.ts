import { and, eq, inArray, ne } from 'drizzle-orm';
import type { PgColumn, PgTable } from 'drizzle-orm/pg-core';
import type { Database } from '../db/database';
import { HttpError } from '../http/errors';

/** Holds a row until the transaction ends: who reads it to write what follows from it comes one at a time. */
export async function lockRow(
  tx: Database,
  table: PgTable & { readonly id: PgColumn },
  id: string | number,
): Promise<void> {
  await tx.select({ id: table.id }).from(table).where(eq(table.id, id)).for('update');
}

/**
 * Makes sure that none of some ids belongs to another owner: an event is one ring's or one order's.
 * @throws HttpError 409
 */
export async function refuseForeign(
  tx: Database,
  table: PgTable & { readonly id: PgColumn },
  owner: PgColumn,
  ownerId: string,
  things: readonly { readonly id: string }[],
): Promise<void> {
  const ids = things.map(({ id }) => id);
  if (ids.length === 0) return;
  const foreign = await tx
    .select({ id: table.id })
    .from(table)
    .where(and(inArray(table.id, ids), ne(owner, ownerId)))
    .limit(1);
  if (foreign.length > 0) throw new HttpError('id-taken');
}
