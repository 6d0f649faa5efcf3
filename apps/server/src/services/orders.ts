import {
  orderEventSchema,
  type Order,
  type OrderEventInput,
  type OrderInList,
  type OrderInput,
  type OrderListQuery,
  type StoredOrder,
} from '@round-mint/contract/orders';
import {
  awaitsApproval,
  missingFor,
  orderFacts,
  orderProgress,
  STATE_NAMES,
  type ApprovalFacts,
} from '@round-mint/core/trade';
import { and, asc, desc, eq, inArray, isNotNull, isNull, or, type SQL } from 'drizzle-orm';
import { setImmediate } from 'node:timers/promises';
import type { Database } from '../db/database';
import { orderEvents, orders as orderTable, orderStandings, people, rings } from '../db/schema';
import { HttpError } from '../http/errors';
import { noteCoupon, usesCoupon } from './coupons';
import { checkDiscount } from './discount-check';
import { apartByMicros } from './event-clock';
import { holdsReached } from './holds-reached';
import { inGroups } from './in-groups';
import { isoTime } from './resource';
import { createResources } from './resources';
import { sellAgain, takeBackSale } from './shelf-follows';
import { storedOrder } from './stored-rows';
import { lockRow, refuseForeign } from './row-lock';

export function orderEventOf(row: typeof orderEvents.$inferSelect): OrderEventInput {
  return orderEventSchema.parse({ id: row.id, at: isoTime(row.at), body: row.body });
}

async function eventsByOrder(
  db: Database,
  orderIds: readonly string[],
): Promise<ReadonlyMap<string, OrderEventInput[]>> {
  const found = new Map<string, OrderEventInput[]>(orderIds.map((id) => [id, []]));
  if (orderIds.length === 0) return found;
  const rows = await db
    .select()
    .from(orderEvents)
    .where(inArray(orderEvents.orderId, [...orderIds]))
    .orderBy(asc(orderEvents.at), asc(orderEvents.id));
  for (const row of rows) found.get(row.orderId)?.push(orderEventOf(row));
  return found;
}

/** So many are followed at once: few enough that other calls hardly wait. */
const ORDERS_AT_ONCE = 100;

const NOTHING_YET = { state: 'asked', approval: 'none' } as const;

/** Where some orders stand, whose they are and what became of their rings, as the database keeps it. */
async function factsOf(db: Database, orderIds: readonly string[]) {
  const rows =
    orderIds.length === 0
      ? []
      : await db
          .select({
            id: orderTable.id,
            personName: people.name,
            ring: { status: rings.status, archivedAt: rings.archivedAt },
            state: orderStandings.state,
            approval: orderStandings.approval,
          })
          .from(orderTable)
          .innerJoin(people, eq(people.id, orderTable.personId))
          .leftJoin(orderStandings, eq(orderStandings.orderId, orderTable.id))
          .leftJoin(rings, eq(rings.id, orderTable.ringId))
          .where(inArray(orderTable.id, [...orderIds]));
  return new Map(
    rows.map(({ id, personName, ring, state, approval }) => [
      id,
      {
        personName,
        inWork: ring?.status === 'in-work',
        ringLost: ring !== null && (ring.status === 'spoilt' || ring.archivedAt !== null),
        ringFinished: ring?.status === 'finished' && ring.archivedAt === null,
        state: state ?? NOTHING_YET.state,
        approval: approval ?? NOTHING_YET.approval,
      },
    ]),
  );
}

/**
 * Orders and where their history has brought them and their rings. Rings are followed event by event only where their
 * customers are to see them: of the others it does not matter where they would be asked.
 */
async function withStanding(db: Database, stored: readonly StoredOrder[]): Promise<OrderInList[]> {
  const facts = await factsOf(
    db,
    stored.map(({ id }) => id),
  );
  const known = stored.flatMap((order) => {
    const standing = facts.get(order.id);
    return standing ? [{ ...order, ...standing }] : [];
  });
  const reached = await holdsReached(
    db,
    known.filter((order) => order.inWork && awaitsApproval(order)).flatMap(({ ringId }) => ringId ?? []),
  );
  return known.map(({ inWork: _inWork, ...order }) => ({
    ...order,
    holdReached: reached.get(order.ringId ?? '') ?? order.ringFinished,
  }));
}

async function one(db: Database, stored: StoredOrder): Promise<Order> {
  const [order] = await withStanding(db, [stored]);
  if (!order) throw new Error('an order was lost on its way');
  const events = await eventsByOrder(db, [stored.id]);
  return { ...order, events: events.get(stored.id) ?? [] };
}

/** An order moves on only with what the next state needs. @throws HttpError 409 that says what is missing */
function checkMove(order: Order, { body }: OrderEventInput): void {
  if (body.kind !== 'moved') return;
  const missing = missingFor(orderFacts(order), body.to);
  if (missing.length > 0) {
    const words = `Before it is ${STATE_NAMES[body.to]} it needs ${missing.join('; ')}.`;
    throw new HttpError('not-yet', words);
  }
}

/** Appends events to an order in one transaction; those already known are left out. */
export async function logOrderEvents(
  db: Database,
  id: string,
  events: readonly OrderEventInput[],
): Promise<Order> {
  return db.transaction(async (tx) => {
    // One at a time: what an event may do follows from those before it.
    await lockRow(tx, orderTable, id);
    const stored = createResources(tx).orders;
    let order = await one(tx, await stored.get(id));
    const usedCoupon = usesCoupon(order.state);
    const wasCancelled = order.state === 'cancelled';
    const known = new Set(order.events.map((event) => event.id));
    const clock = apartByMicros();
    for (const event of events.filter((each) => !known.has(each.id))) {
      checkMove(order, event);
      await tx
        .insert(orderEvents)
        .values({ ...event, at: clock(event.at), orderId: id })
        .onConflictDoNothing();
      const own = [...order.events, event];
      const { state, approval } = orderProgress(own);
      order = { ...order, events: own, state, approval };
    }
    await refuseForeign(tx, orderEvents, orderEvents.orderId, id, events);
    if (order.sizerId !== null && usesCoupon(order.state) !== usedCoupon) await noteCoupon(tx, order.sizerId);
    const isCancelled = order.state === 'cancelled';
    if (isCancelled !== wasCancelled) await (isCancelled ? takeBackSale(tx, order) : sellAgain(tx, order));
    return order;
  });
}

/** Orders as a resource: stored plainly, shown with where they stand, one by itself with its history. */
export function createOrders(db: Database) {
  const { orders } = createResources(db);
  return {
    name: orders.name,
    async list(query: OrderListQuery) {
      const { items, nextCursor } = await orders.list(query);
      return { items: await withStanding(db, items), nextCursor };
    },
    get: async (id: string) => one(db, await orders.get(id)),
    create: (input: OrderInput) =>
      db.transaction(async (tx) => {
        await checkDiscount(tx, input);
        return one(tx, await createResources(tx).orders.create(input));
      }),
    replace: async (id: string, input: OrderInput, version?: number) =>
      one(db, await orders.replace(id, input, version)),
    remove: (id: string) =>
      db.transaction(async (tx) => {
        const stored = createResources(tx).orders;
        const order = await stored.get(id);
        await stored.remove(id);
        await takeBackSale(tx, order);
      }),
    restore: (id: string) =>
      db.transaction(async (tx) => {
        const order = await one(tx, await createResources(tx).orders.restore(id));
        if (order.state !== 'cancelled') await sellAgain(tx, order);
        return order;
      }),
  };
}

/** Whether an order is still to be made, or made again. */
function isToMake({ state, ringId, ringLost }: OrderInList): boolean {
  return state !== 'cancelled' && (ringId === null || ringLost);
}

/** The order that a plan is to be made for, the latest first; undefined where it is of none. */
export async function orderOfPlan(db: Database, planId: string): Promise<OrderInList | undefined> {
  const stored = await storedOrders(db, eq(orderTable.planId, planId));
  return (await withStanding(db, stored)).find(isToMake);
}

/**
 * Whose word a ring waits for; undefined where it is of no order, or of one that was cancelled. Asked at every step that
 * is done: how far the ring is, its caller knows.
 */
export async function approvalOf(db: Database, ringId: string): Promise<ApprovalFacts | undefined> {
  const stored = await storedOrders(db, eq(orderTable.ringId, ringId));
  const facts = await factsOf(
    db,
    stored.map(({ id }) => id),
  );
  return stored
    .flatMap(({ id, approvalWanted }) => {
      const standing = facts.get(id);
      return standing ? [{ ...standing, approvalWanted }] : [];
    })
    .find(({ state }) => state !== 'cancelled');
}

/** Orders that are not archived, the latest first. */
async function storedOrders(db: Database, clause: SQL | undefined): Promise<readonly StoredOrder[]> {
  const rows = await db
    .select()
    .from(orderTable)
    .where(and(clause, isNull(orderTable.archivedAt)))
    .orderBy(desc(orderTable.createdAt));
  return rows.map(storedOrder);
}

/** Orders that have something to do with the days to come: of rings in work, and planned ones without a ring. */
export async function ordersToCome(
  db: Database,
  ringsInWork: readonly string[],
): Promise<readonly OrderInList[]> {
  const planned = and(isNull(orderTable.ringId), isNotNull(orderTable.planId));
  const inWork = ringsInWork.length === 0 ? undefined : inArray(orderTable.ringId, [...ringsInWork]);
  return withStanding(db, await storedOrders(db, inWork ? or(planned, inWork) : planned));
}

export interface ClosedOrder {
  readonly order: OrderInList;
  readonly closedAt: string;
}

/** Orders that are paid and gone, and have a price. */
export async function closedOrders(db: Database): Promise<readonly ClosedOrder[]> {
  const rows = await db
    .select({ id: orderTable.id, lastAt: orderStandings.lastAt, updatedAt: orderTable.updatedAt })
    .from(orderTable)
    .innerJoin(orderStandings, eq(orderStandings.orderId, orderTable.id))
    .where(and(isNull(orderTable.archivedAt), eq(orderStandings.state, 'closed')));
  const closedAt = new Map(rows.map(({ id, lastAt, updatedAt }) => [id, isoTime(lastAt ?? updatedAt)]));
  const closed: ClosedOrder[] = [];
  for (const ids of inGroups([...closedAt.keys()], ORDERS_AT_ONCE)) {
    const stored = await storedOrders(db, inArray(orderTable.id, ids));
    for (const order of await withStanding(db, stored)) {
      if (order.quote) closed.push({ order, closedAt: closedAt.get(order.id) ?? order.updatedAt });
    }
    await setImmediate();
  }
  return closed;
}
