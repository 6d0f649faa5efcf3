import { and, eq, isNull, ne, notExists, or, sql, type SQL } from 'drizzle-orm';
import type { Database } from '../db/database';
import { orders, rings, shelf } from '../db/schema';
import { HttpError, notFound } from '../http/errors';
import { RING } from './ring-store';
import { lockRow } from './row-lock';
import { holds, ordersWhere } from './orders-held';
import { holdOnShelf } from './shelf-rows';

/** Orders whose piece was the customer's own: its ring is never the workshop's to sell. */
const isTheirs = sql`${orders.details}->>'stockFrom' = 'sent-in'`;

/** @throws HttpError 409 for a ring that somebody ordered, or whose piece was the customer's own */
async function refuseOrdered(tx: Database, ringId: string, saleOrderId?: string): Promise<void> {
  const ofRing = eq(orders.ringId, ringId);
  const others = saleOrderId === undefined ? undefined : ne(orders.id, saleOrderId);
  const [ordered] = await ordersWhere(tx, and(ofRing, holds, others)).limit(1);
  if (ordered) throw new HttpError('has-order');
  const [theirs] = await ordersWhere(tx, and(ofRing, isTheirs)).limit(1);
  if (theirs) throw new HttpError('not-yet', 'Its piece was the customer’s own: it is not yours to sell.');
}

/** Rings, of a query over them, that may be put on the shelf as far as orders and the shelf go. */
export function isFree(db: Database): SQL | undefined {
  const lying = db
    .select({ id: shelf.id })
    .from(shelf)
    .where(and(eq(shelf.ringId, rings.id), isNull(shelf.archivedAt)));
  const bound = ordersWhere(db, and(eq(orders.ringId, rings.id), or(holds, isTheirs)));
  return and(notExists(lying), notExists(bound));
}

/**
 * Whether a ring may lie on the shelf or be sold from it: finished, and of no order.
 * @param saleOrderId the order that it was sold by, which does not count
 * @throws HttpError
 */
export async function checkSaleable(tx: Database, ringId: string, saleOrderId?: string): Promise<void> {
  const [ring] = await tx
    .select({ status: rings.status })
    .from(rings)
    .where(and(eq(rings.id, ringId), isNull(rings.archivedAt)));
  if (!ring) throw notFound(RING);
  if (ring.status !== 'finished') throw new HttpError('not-yet', 'Finish the ring at the bench first.');
  await refuseOrdered(tx, ringId, saleOrderId);
}

/** Whether a ring may go on the shelf: it lies there once. @throws HttpError */
export async function checkFree(tx: Database, ringId: string, saleOrderId?: string): Promise<void> {
  await lockRow(tx, rings, ringId);
  if (await holdOnShelf(tx, ringId)) throw new HttpError('on-shelf-already');
  await checkSaleable(tx, ringId, saleOrderId);
}
