import type { OrderState } from '@round-mint/core/trade';
import { ORDER_STATES } from '@round-mint/core/trade/codes';
import { and, asc, eq, inArray, isNull, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { orders, orderStandings, sizers } from '../db/schema';
import { lockRow } from './row-lock';
import { storedSizer } from './stored-rows';

/** From here on an order's price holds, and with it the coupon that it was made with. */
const HOLDING: readonly OrderState[] = ORDER_STATES.slice(ORDER_STATES.indexOf('agreed')).filter(
  (state) => state !== 'cancelled',
);

/** Whether an order in a state uses the coupon of its sizer. */
export function usesCoupon(state: OrderState): boolean {
  return HOLDING.includes(state);
}

/** The order that uses each sizer's coupon: the oldest of those whose price holds. A coupon is good for one ring. */
export async function couponUsers(
  db: Database,
  sizerIds: readonly string[],
): Promise<ReadonlyMap<string, string>> {
  if (sizerIds.length === 0) return new Map();
  const rows = await db
    .select({ sizerId: orders.sizerId, orderId: orders.id })
    .from(orders)
    .innerJoin(orderStandings, eq(orderStandings.orderId, orders.id))
    .where(
      and(
        inArray(orders.sizerId, [...sizerIds]),
        inArray(orderStandings.state, HOLDING),
        isNull(orders.archivedAt),
      ),
    )
    .orderBy(asc(orders.createdAt), asc(orders.id));
  const users = new Map<string, string>();
  for (const { sizerId, orderId } of rows) {
    if (sizerId !== null && !users.has(sizerId)) users.set(sizerId, orderId);
  }
  return users;
}

/** Writes down whether a sizer's coupon is used, once an order of it has begun or ceased to use one. */
export async function noteCoupon(tx: Database, sizerId: string): Promise<void> {
  await lockRow(tx, sizers, sizerId);
  const [row] = await tx.select().from(sizers).where(eq(sizers.id, sizerId));
  if (!row || storedSizer(row).coupon === 0) return;
  const couponUsed = (await couponUsers(tx, [sizerId])).has(sizerId);
  if (couponUsed === row.details.couponUsed) return;
  await tx
    .update(sizers)
    .set({ details: { ...row.details, couponUsed }, updatedAt: sql`now()` })
    .where(eq(sizers.id, sizerId));
}
