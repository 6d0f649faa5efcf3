import type { ListQuery } from '@round-mint/contract/common';
import type { PersonInList } from '@round-mint/contract/people';
import { and, count, inArray, isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import { orders } from '../db/schema';
import { createResources } from './resources';

/** How many orders some people have. */
async function ordersOf(db: Database, personIds: readonly string[]): Promise<ReadonlyMap<string, number>> {
  if (personIds.length === 0) return new Map();
  const rows = await db
    .select({ personId: orders.personId, orders: count() })
    .from(orders)
    .where(and(inArray(orders.personId, [...personIds]), isNull(orders.archivedAt)))
    .groupBy(orders.personId);
  return new Map(rows.map((row) => [row.personId, row.orders]));
}

/** People as a resource: stored plainly, listed with how many orders each has. */
export function createPeople(db: Database) {
  const { people } = createResources(db);
  return {
    ...people,
    async list(query: ListQuery) {
      const { items, nextCursor } = await people.list(query);
      const known = await ordersOf(
        db,
        items.map(({ id }) => id),
      );
      const listed = items.map((person): PersonInList => ({ ...person, orders: known.get(person.id) ?? 0 }));
      return { items: listed, nextCursor };
    },
  };
}
