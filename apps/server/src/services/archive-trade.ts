import type { Archive } from '@round-mint/contract/archive';
import { asc, inArray, isNull } from 'drizzle-orm';
import type { PgTable } from 'drizzle-orm/pg-core';
import type { Database } from '../db/database';
import { consumables, dayPlan, messages, orderEvents, orders, people, scrap, sizers } from '../db/schema';
import { storedShelf } from './consumables';
import { savedPlan } from './day-plan';
import { orderEventOf } from './orders';
import { attachPhotos, messageOf, SHOWN_OF_MESSAGE } from './outbox';
import {
  orderRow,
  personRow,
  sizerRow,
  storedOrder,
  storedPerson,
  storedScrap,
  storedSizer,
} from './resources';

/** Ids of what else goes into the file. */
interface Exported {
  readonly ringIds: ReadonlySet<string>;
  readonly planIds: ReadonlySet<string>;
  readonly stockIds: ReadonlySet<string>;
  readonly photoIds: ReadonlySet<string>;
}

type TradePart =
  'people' | 'orders' | 'orderEvents' | 'sizers' | 'scrap' | 'consumables' | 'messages' | 'dayPlan';

/**
 * People, orders and what belongs to them; what was archived stays out, but for people whom orders and letters name.
 * What points at a ring, plan, piece or picture that does not go along is left without it; scrap of such a ring is left
 * out.
 */
export async function exportTrade(
  db: Database,
  { ringIds, planIds, stockIds, photoIds }: Exported,
): Promise<Pick<Archive, TradePart>> {
  const orderRows = await db
    .select()
    .from(orders)
    .where(isNull(orders.archivedAt))
    .orderBy(asc(orders.createdAt), asc(orders.id));
  const orderIds = orderRows.map(({ id }) => id);
  const [personRows, eventRows, sizerRows, scrapRows, shelfRows, messageRows] = await Promise.all([
    db.select().from(people).orderBy(asc(people.createdAt), asc(people.id)),
    orderIds.length === 0
      ? []
      : db
          .select()
          .from(orderEvents)
          .where(inArray(orderEvents.orderId, orderIds))
          .orderBy(asc(orderEvents.seq)),
    db.select().from(sizers).where(isNull(sizers.archivedAt)).orderBy(asc(sizers.createdAt), asc(sizers.id)),
    db.select().from(scrap).where(isNull(scrap.archivedAt)).orderBy(asc(scrap.createdAt), asc(scrap.id)),
    db.select().from(consumables).orderBy(asc(consumables.id)),
    db
      .select({ ...SHOWN_OF_MESSAGE, eml: messages.eml })
      .from(messages)
      .orderBy(asc(messages.at), asc(messages.id)),
  ]);
  const sizerIds = new Set(sizerRows.map(({ id }) => id));
  const kept = scrapRows.filter(({ ringId }) => !ringId || ringIds.has(ringId));
  const scrapIds = new Set(kept.map(({ id }) => id));
  const letters = messageRows.filter(({ orderId }) => !orderId || orderIds.includes(orderId));
  const named = new Set([...orderRows, ...sizerRows, ...letters].map(({ personId }) => personId));
  return {
    people: personRows.filter(({ id, archivedAt }) => archivedAt === null || named.has(id)).map(storedPerson),
    // An order outlives a ring that was archived.
    orders: orderRows.map((row) => {
      const order = storedOrder(row);
      return {
        ...order,
        ringId: oneIn(ringIds, order.ringId),
        planId: oneIn(planIds, order.planId),
        stockId: oneIn(stockIds, order.stockId),
        sizerId: oneIn(sizerIds, order.sizerId),
      };
    }),
    orderEvents: eventRows.map((row) => ({ orderId: row.orderId, ...orderEventOf(row) })),
    sizers: sizerRows.map(storedSizer),
    scrap: kept
      .map(storedScrap)
      .map((thing) => ({ ...thing, meltedIntoId: oneIn(scrapIds, thing.meltedIntoId) })),
    consumables: shelfRows.map(storedShelf),
    messages: letters.map(({ eml, ...row }) => {
      const message = messageOf(row);
      return {
        ...message,
        photoIds: message.photoIds.filter((id) => photoIds.has(id)),
        emlBase64: Buffer.from(eml).toString('base64'),
      };
    }),
    dayPlan: await savedPlan(db),
  };
}

/** The id of a thing that goes along, null of one that does not. */
function oneIn(ids: ReadonlySet<string>, id: string | null): string | null {
  return id !== null && ids.has(id) ? id : null;
}

type Insert = (tx: Database, table: PgTable, values: readonly object[]) => Promise<number>;

/** Keeps when a thing was made and changed. */
function aged<T extends { createdAt: string; updatedAt: string }>(
  row: (thing: Omit<T, 'createdAt' | 'updatedAt'>) => object,
) {
  return ({ createdAt, updatedAt, ...thing }: T) => ({ ...row(thing), createdAt, updatedAt });
}

/** Buttons before what was melted into them: a row can only point at one that is there. */
function buttonsFirst(things: Archive['scrap']): Archive['scrap'] {
  const depth = new Map<string, number>();
  const depthOf = (id: string | null): number => {
    const thing = things.find((one) => one.id === id);
    if (!thing) return 0;
    const known = depth.get(thing.id);
    if (known !== undefined) return known;
    // Entered before it is looked up: things that name each other in a circle end here, and the database refuses them.
    depth.set(thing.id, 0);
    const found = depthOf(thing.meltedIntoId) + 1;
    depth.set(thing.id, found);
    return found;
  };
  return things.toSorted((a, b) => depthOf(a.id) - depthOf(b.id));
}

/** Takes them back; what is there already stays as it is. */
export async function importTrade(tx: Database, archive: Archive, insert: Insert) {
  const added = {
    people: await insert(tx, people, archive.people.map(aged(personRow))),
    sizers: await insert(tx, sizers, archive.sizers.map(aged(sizerRow))),
    orders: await insert(tx, orders, archive.orders.map(aged(orderRow))),
    orderEvents: await insert(tx, orderEvents, archive.orderEvents),
    scrap: await insert(tx, scrap, buttonsFirst(archive.scrap)),
    consumables: await insert(tx, consumables, archive.consumables),
    messages: await insert(
      tx,
      messages,
      archive.messages.map(({ emlBase64, photoIds: _photoIds, ...message }) => ({
        ...message,
        eml: Buffer.from(emlBase64, 'base64'),
      })),
    ),
  };
  for (const { id, photoIds } of archive.messages) await attachPhotos(tx, id, photoIds);
  if (archive.dayPlan) await insert(tx, dayPlan, [{ id: 1, data: archive.dayPlan }]);
  return added;
}
