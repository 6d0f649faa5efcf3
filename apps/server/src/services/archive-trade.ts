import type { Archive } from '@round-mint/contract/archive';
import { asc, inArray, isNull } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import type { Database } from '../db/database';
import { consumables, dayPlan, messages, orderEvents, orders, people, scrap, sizers } from '../db/schema';
import { storedShelf } from './consumables';
import { orderEventOf } from './orders';
import { messageOf } from './outbox';
import {
  orderRow,
  personRow,
  sizerRow,
  storedOrder,
  storedPerson,
  storedScrap,
  storedSizer,
} from './resources';

type TradePart =
  'people' | 'orders' | 'orderEvents' | 'sizers' | 'scrap' | 'consumables' | 'messages' | 'dayPlan';

/**
 * People, orders and what belongs to them; what was archived stays out, but for people whom orders and letters name.
 * @param ringIds rings that go along: what points at another one is left without it, scrap is left out
 */
export async function exportTrade(
  db: Database,
  ringIds: ReadonlySet<string>,
  planIds: ReadonlySet<string>,
): Promise<Pick<Archive, TradePart>> {
  const orderRows = await db
    .select()
    .from(orders)
    .where(isNull(orders.archivedAt))
    .orderBy(asc(orders.createdAt));
  const orderIds = orderRows.map(({ id }) => id);
  const [personRows, eventRows, sizerRows, scrapRows, shelfRows, messageRows, planRows] = await Promise.all([
    db.select().from(people).orderBy(asc(people.createdAt)),
    orderIds.length === 0
      ? []
      : db
          .select()
          .from(orderEvents)
          .where(inArray(orderEvents.orderId, orderIds))
          .orderBy(asc(orderEvents.seq)),
    db.select().from(sizers).where(isNull(sizers.archivedAt)).orderBy(asc(sizers.createdAt)),
    db.select().from(scrap).where(isNull(scrap.archivedAt)).orderBy(asc(scrap.createdAt)),
    db.select().from(consumables).orderBy(asc(consumables.id)),
    db.select().from(messages).orderBy(asc(messages.at)),
    db.select().from(dayPlan),
  ]);
  const letters = messageRows.filter(({ orderId }) => !orderId || orderIds.includes(orderId));
  const named = new Set([...orderRows, ...sizerRows, ...letters].map(({ personId }) => personId));
  return {
    people: personRows.filter(({ id, archivedAt }) => archivedAt === null || named.has(id)).map(storedPerson),
    // An order outlives a ring that was archived.
    orders: orderRows.map((row) => {
      const { ringId, planId, ...order } = storedOrder(row);
      return {
        ...order,
        ringId: ringId !== null && ringIds.has(ringId) ? ringId : null,
        planId: planId !== null && planIds.has(planId) ? planId : null,
      };
    }),
    orderEvents: eventRows.map((row) => ({ orderId: row.orderId, ...orderEventOf(row) })),
    sizers: sizerRows.map(storedSizer),
    scrap: scrapRows.filter(({ ringId }) => !ringId || ringIds.has(ringId)).map(storedScrap),
    consumables: shelfRows.map(storedShelf),
    messages: letters.map(({ eml, ...row }) => ({
      ...messageOf(row),
      emlBase64: Buffer.from(eml).toString('base64'),
    })),
    dayPlan: (planRows[0]?.data as Archive['dayPlan']) ?? null,
  };
}

type Insert = (tx: Database, table: PgTable, values: readonly object[]) => Promise<number>;

/** Keeps when a thing was made and changed. */
function aged<T extends { createdAt: string; updatedAt: string }>(
  row: (thing: Omit<T, 'createdAt' | 'updatedAt'>) => object,
) {
  return ({ createdAt, updatedAt, ...thing }: T) => ({ ...row(thing), createdAt, updatedAt });
}

/** Takes them back; what is there already stays as it is. */
export async function importTrade(tx: Database, archive: Archive, insert: Insert) {
  const added = {
    people: await insert(tx, people, archive.people.map(aged(personRow))),
    orders: await insert(tx, orders, archive.orders.map(aged(orderRow))),
    orderEvents: await insert(tx, orderEvents, archive.orderEvents),
    sizers: await insert(tx, sizers, archive.sizers.map(aged(sizerRow))),
    scrap: await insert(tx, scrap, archive.scrap),
    consumables: await insert(tx, consumables, archive.consumables),
    messages: await insert(
      tx,
      messages,
      archive.messages.map(({ emlBase64, ...message }) => ({
        ...message,
        eml: Buffer.from(emlBase64, 'base64'),
      })),
    ),
  };
  if (archive.dayPlan) await insert(tx, dayPlan, [{ id: 1, data: archive.dayPlan }]);
  return added;
}
