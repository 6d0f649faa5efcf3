import { countSchema, type StockCount } from '@round-mint/contract/stock';
import { and, eq, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { stock, stockCounts } from '../db/schema';
import { HttpError } from '../http/errors';
import { isoTime } from './resource';
import { refuseForeign } from './row-lock';

/** A change of a count, with the ring that took or gave the piece. */
type Change = Omit<StockCount, 'ringId'> & { readonly ringId?: string };

export function countOf(row: typeof stockCounts.$inferSelect): StockCount {
  return countSchema.parse({ ...row, at: isoTime(row.at) });
}

/**
 * Changes the count of a piece by so many and notes why; a change that is known already is not made again. Two that come
 * at once both count, because neither overwrites the other.
 * @throws HttpError 409 when fewer than none would be left
 */
export async function changeCount(tx: Database, stockId: string, change: Change): Promise<void> {
  const noted = await tx
    .insert(stockCounts)
    .values({ ...change, stockId })
    .onConflictDoNothing()
    .returning({ id: stockCounts.id });
  if (noted.length === 0) return refuseForeign(tx, stockCounts, stockCounts.stockId, stockId, [change]);
  const changed = await tx
    .update(stock)
    .set({ quantity: sql`${stock.quantity} + ${change.change}` })
    .where(and(eq(stock.id, stockId), sql`${stock.quantity} + ${change.change} >= 0`))
    .returning({ id: stock.id });
  if (changed.length === 0) throw new HttpError('out-of-stock');
}
