import { and, eq, isNull, ne, or, type SQL } from 'drizzle-orm';
import type { Database } from '../db/database';
import { orders, orderStandings } from '../db/schema';

/** Orders that hold: not archived, and not cancelled. */
export const holds = and(
  isNull(orders.archivedAt),
  or(isNull(orderStandings.state), ne(orderStandings.state, 'cancelled')),
);

/** Ids of some orders, by what they and their standings are. */
export function ordersWhere(db: Database, where: SQL | undefined) {
  return db
    .select({ id: orders.id })
    .from(orders)
    .leftJoin(orderStandings, eq(orderStandings.orderId, orders.id))
    .where(where);
}
