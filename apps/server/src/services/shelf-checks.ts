import { and, eq, isNull, ne, or, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { orders, orderStandings, rings } from '../db/schema';
import { HttpError, notFound } from '../http/errors';
import { RING } from './ring-store';
import { lockRow } from './row-lock';
import { holdOnShelf } from './shelf-rows';

/** Orders that are not cancelled and that a ring belongs to. */
function ordersOfRing(ringId: string) {
  return and(
    eq(orders.ringId, ringId),
    isNull(orders.archivedAt),
    or(isNull(orderStandings.state), ne(orderStandings.state, 'cancelled')),
  );
}

/** @throws HttpError 409 for a ring that somebody ordered, or whose piece was the customer's own */
async function refuseOrdered(tx: Database, ringId: string, saleOrderId?: string): Promise<void> {
  const [ordered] = await tx
    .select({ id: orders.id })
    .from(orders)
    .leftJoin(orderStandings, eq(orderStandings.orderId, orders.id))
    .where(and(ordersOfRing(ringId), saleOrderId === undefined ? undefined : ne(orders.id, saleOrderId)))
    .limit(1);
  if (ordered) throw new HttpError('has-order');
  const [theirs] = await tx
    .select({ id: orders.id })
    .from(orders)
    .where(and(eq(orders.ringId, ringId), sql`${orders.details}->>'stockFrom' = 'sent-in'`))
    .limit(1);
  if (theirs) throw new HttpError('not-yet', 'Its piece was the customer’s own: it is not yours to sell.');
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
