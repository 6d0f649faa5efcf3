import type { OrderInput } from '@round-mint/contract/orders';
import {
  WALK_IN_ID,
  type RingFigures,
  type SaleInput,
  type StoredShelfRing,
} from '@round-mint/contract/shelf';
import { holdingEvents } from '@round-mint/core/events';
import { feesOf, orderProgress, type WishKind } from '@round-mint/core/trade';
import { writeSize } from '@round-mint/core/size';
import { and, eq, isNull } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import type { Database } from '../db/database';
import { orders as orderTable, people, shelf } from '../db/schema';
import { HttpError, notFound } from '../http/errors';
import { ringCosts } from './costs';
import { createOrders, logOrderEvents } from './orders';
import { getRing } from './ring-store';
import { lockRow } from './row-lock';
import { readSettings } from './settings';
import { checkSaleable } from './shelf-checks';
import { figuresOf } from './shelf-figures';
import { appendShelfEvent, checkShelfEvent, holdShelfRing, SHELF_RING } from './shelf-rows';
import { storedShelfRing } from './stored-rows';

/** What a ring that was bought ready would have been wished as. */
export const WISH_OF: Readonly<Record<RingFigures['kind'], WishKind>> = {
  coin: 'coin',
  handle: 'handle',
  strip: 'strip',
  spinner: 'strip',
  'coin-band': 'coin',
  resize: 'band',
};

/** Whoever bought without a name: one person for all of them. */
async function walkIn(tx: Database): Promise<string> {
  const details = { phone: '', address: '', notes: '', fingers: [] };
  await tx
    .insert(people)
    .values({ id: WALK_IN_ID, name: 'Walk-in buyer', email: '', details })
    .onConflictDoUpdate({ target: people.id, set: { archivedAt: null } });
  return WALK_IN_ID;
}

async function buyerOf(tx: Database, personId: string | null): Promise<string> {
  if (personId === null) return walkIn(tx);
  const [person] = await tx
    .select({ id: people.id })
    .from(people)
    .where(and(eq(people.id, personId), isNull(people.archivedAt)));
  if (!person) throw notFound('person');
  return person.id;
}

/** The order of a ring that was bought as it lay on the shelf. */
async function orderOfSale(
  tx: Database,
  { id: shelfRingId, ringId }: StoredShelfRing,
  sale: SaleInput,
): Promise<OrderInput> {
  const ring = await getRing(tx, ringId);
  const figures = (await figuresOf(tx, [ringId])).get(ringId);
  if (!figures) throw notFound(SHELF_RING);
  const { primarySystem, trade, wayFees } = await readSettings(tx);
  const { insideDiameterMm, year, metal, face, wall, finish, lined } = figures;
  const costs = await ringCosts(tx, ringId);
  const input = { ...costs, post: sale.post, ...feesOf(trade, wayFees, sale.way) };
  return {
    id: sale.orderId,
    personId: await buyerOf(tx, sale.personId),
    name: ring.name,
    ...{ hand: 'right', finger: 'ring', measuredBy: 'ring' },
    sizeText: writeSize(insideDiameterMm, primarySystem),
    insideDiameterMm,
    gaugeWidthMm: null,
    knuckleInsideDiameterMm: null,
    wish: {
      kind: WISH_OF[ring.kind],
      ...{ year, metal, face, finish, widthMinMm: null, widthMaxMm: null },
      wall: wall ?? 'straight',
      curlDeg: ring.kind === 'coin' ? ring.curlDeg : null,
      lining: lined ? 'gold' : 'none',
      dedication: '',
    },
    wantedBy: null,
    stockFrom: 'ours',
    stockId: null,
    exchange: null,
    approvalWanted: false,
    sizerId: sale.discount?.by === 'sizer' ? sale.discount.id : null,
    planId: ring.planId,
    ringId,
    quote: {
      ...{ at: sale.at, price: sale.price, input, readyBy: null },
      ...(sale.discount ? { discount: sale.discount } : {}),
    },
    way: sale.way,
    shelfRingId,
    notes: '',
  };
}

/**
 * Sells a ring on the shelf: it leaves it, and an order is made that is ready, or closed where the ring was handed over.
 * Of two who sell it at once, one wins and the other is told. Repeating it changes nothing.
 */
export async function sellRing(db: Database, id: string, sale: SaleInput): Promise<StoredShelfRing> {
  return db.transaction(async (tx) => {
    const ring = await holdShelfRing(tx, id);
    if (ring.events.some((event) => event.id === sale.id)) return ring;
    const { orderId, price, way, at } = sale;
    const event = { id: sale.id, at, body: { kind: 'sold' as const, orderId, price, way } };
    // Whoever comes second is told that it is gone, not that somebody ordered it.
    checkShelfEvent(ring, event);
    await checkSaleable(tx, ring.ringId);
    const made = await createOrders(tx).create(await orderOfSale(tx, ring, sale));
    if (made.ringId !== ring.ringId) throw new HttpError('id-taken');
    const sold = await appendShelfEvent(tx, ring, event);
    const moved = (to: 'ready' | 'closed', why?: string) =>
      ({ id: randomUUID(), at, body: { kind: 'moved', to, ...(why ? { why } : {}) } }) as const;
    await logOrderEvents(tx, orderId, [
      moved('ready', 'sold from the shelf'),
      ...(sale.handedOver ? [moved('closed', 'paid and handed over')] : []),
    ]);
    return sold;
  });
}

/** Cancels the order of a sale that is taken back, even where it was closed; its ring comes back with that. */
export async function undoSale(tx: Database, id: string, eventId: string): Promise<void> {
  const [row] = await tx
    .select()
    .from(shelf)
    .where(and(eq(shelf.id, id), isNull(shelf.archivedAt)));
  const sold = row && holdingEvents(storedShelfRing(row).events).find((event) => event.id === eventId);
  if (sold?.body.kind !== 'sold') return;
  // The order first, as whoever cancels it does: two never wait for each other.
  await lockRow(tx, orderTable, sold.body.orderId);
  const order = await createOrders(tx).get(sold.body.orderId);
  const { history, state } = orderProgress(order.events);
  const closing = state === 'closed' ? history.findLast((line) => line.state === 'closed') : undefined;
  const at = new Date().toISOString();
  const undone = closing
    ? [{ id: randomUUID(), at, body: { kind: 'undone' as const, eventId: closing.eventId } }]
    : [];
  const body = { kind: 'moved', to: 'cancelled', why: 'the sale was undone' } as const;
  await logOrderEvents(tx, order.id, [...undone, { id: randomUUID(), at, body }]);
}
