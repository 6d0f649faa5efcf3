import type { Archive } from '@round-mint/contract/archive';
import { asc, inArray, isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import {
  consumables,
  discounts,
  messages,
  orderEvents,
  orders,
  people,
  scrap,
  shelf,
  sizers,
} from '../db/schema';
import { storedSupply } from '../services/consumables';
import { savedPlan } from '../services/day-plan';
import { living } from '../services/living';
import { orderEventOf } from '../services/orders';
import { exactTime } from '../services/event-clock';
import { messageOf, SHOWN_OF_MESSAGE } from '../services/outbox';
import {
  storedOrder,
  storedPerson,
  storedScrap,
  storedShelfRing,
  storedDiscount,
  storedSizer,
} from '../services/stored-rows';
import { unversioned } from './unversioned';

/** Ids of what else goes into the file. */
interface Exported {
  readonly ringIds: ReadonlySet<string>;
  readonly planIds: ReadonlySet<string>;
  readonly stockIds: ReadonlySet<string>;
  readonly photoIds: ReadonlySet<string>;
}

type TradePart =
  | 'people'
  | 'orders'
  | 'orderEvents'
  | 'sizers'
  | 'discounts'
  | 'shelf'
  | 'scrap'
  | 'consumables'
  | 'messages'
  | 'dayPlan';

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
  const [personRows, eventRows, sizerRows, discountRows, shelfRows, scrapRows, supplyRows, messageRows] =
    await Promise.all([
      db.select().from(people).orderBy(asc(people.createdAt), asc(people.id)),
      orderIds.length === 0
        ? []
        : db
            .select()
            .from(orderEvents)
            .where(inArray(orderEvents.orderId, orderIds))
            .orderBy(asc(orderEvents.at), asc(orderEvents.id)),
      living(db, sizers),
      living(db, discounts),
      db.select().from(shelf).where(isNull(shelf.archivedAt)).orderBy(asc(shelf.createdAt), asc(shelf.id)),
      db.select().from(scrap).where(isNull(scrap.archivedAt)).orderBy(asc(scrap.createdAt), asc(scrap.id)),
      db.select().from(consumables).orderBy(asc(consumables.id)),
      db
        .select({ ...SHOWN_OF_MESSAGE, eml: messages.eml })
        .from(messages)
        .orderBy(asc(messages.at), asc(messages.id)),
    ]);
  const sent = sizerRows.map(storedSizer);
  const sizerIds = new Set(sent.map(({ id }) => id));
  const kept = scrapRows.filter(({ ringId }) => !ringId || ringIds.has(ringId));
  const scrapIds = new Set(kept.map(({ id }) => id));
  const letters = messageRows.filter(({ orderId }) => !orderId || orderIds.includes(orderId));
  const named = new Set([...orderRows, ...sent, ...letters].map(({ personId }) => personId));
  return {
    people: personRows
      .filter(({ id, archivedAt }) => archivedAt === null || named.has(id))
      .map(storedPerson)
      .map(unversioned),
    // An order outlives a ring that was archived.
    orders: orderRows.map((row) => {
      const order = unversioned(storedOrder(row));
      return {
        ...order,
        ringId: oneIn(ringIds, order.ringId),
        planId: oneIn(planIds, order.planId),
        stockId: oneIn(stockIds, order.stockId),
        sizerId: oneIn(sizerIds, order.sizerId),
      };
    }),
    orderEvents: eventRows.map((row) => ({
      ...{ orderId: row.orderId, ...orderEventOf(row) },
      at: exactTime(row.at),
    })),
    sizers: sent.map(unversioned),
    discounts: discountRows.map(storedDiscount).map(unversioned),
    // Without its ring, or the order that it was sold by, it tells nothing.
    shelf: shelfRows
      .filter(({ ringId, orderId }) => ringIds.has(ringId) && (!orderId || orderIds.includes(orderId)))
      .map(storedShelfRing)
      .map(unversioned),
    scrap: kept
      .map(storedScrap)
      .map(unversioned)
      .map((thing) => ({ ...thing, meltedIntoId: oneIn(scrapIds, thing.meltedIntoId) })),
    consumables: supplyRows.map(storedSupply),
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
