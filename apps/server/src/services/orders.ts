import type { ListQuery } from '@round-mint/contract/common';
import {
  orderEventSchema,
  type Order,
  type OrderEventInput,
  type OrderInput,
  type StoredOrder,
} from '@round-mint/contract/orders';
import {
  approvalStep,
  missingFor,
  orderFacts,
  orderProgress,
  STATE_NAMES,
  type ApprovalFacts,
} from '@round-mint/core/trade';
import { and, asc, desc, eq, inArray, isNotNull, isNull, or, sql, type SQL } from 'drizzle-orm';
import { setImmediate } from 'node:timers/promises';
import type { Database } from '../db/database';
import { orderEvents, orders, rings } from '../db/schema';
import { HttpError } from '../http/errors';
import { apartByMicros } from './event-clock';
import { inGroups } from './in-groups';
import { isoTime } from './resource';
import { createResources, storedOrder } from './resources';
import { lockRow, refuseForeign } from './row-lock';
import { eventsFor, ringOf, stateOf } from './ring-store';

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

interface RingStanding {
  readonly finished: boolean;
  readonly lost: boolean;
  readonly holdReached: boolean;
}

const NO_RING: RingStanding = { finished: false, lost: false, holdReached: false };

/** How far the rings of some orders are. Only those in work have to be followed event by event. */
async function standingOf(
  db: Database,
  ringIds: readonly string[],
): Promise<ReadonlyMap<string, RingStanding>> {
  if (ringIds.length === 0) return new Map();
  const rows = await db
    .select({ id: rings.id, status: rings.status, archivedAt: rings.archivedAt })
    .from(rings)
    .where(inArray(rings.id, [...ringIds]));
  const reached = await holdsReached(
    db,
    rows.filter(({ status }) => status === 'in-work').map(({ id }) => id),
  );
  return new Map(
    rows.map(({ id, status, archivedAt }) => {
      const lost = status === 'spoilt' || archivedAt !== null;
      const finished = status === 'finished' && !lost;
      return [id, { finished, lost, holdReached: reached.get(id) ?? finished }];
    }),
  );
}

/** Of rings in work: whether each has come to where it waits for its owner's word. */
async function holdsReached(db: Database, ringIds: readonly string[]): Promise<ReadonlyMap<string, boolean>> {
  if (ringIds.length === 0) return new Map();
  const rows = await db
    .select()
    .from(rings)
    .where(inArray(rings.id, [...ringIds]));
  const events = await eventsFor(db, ringIds);
  return new Map(
    rows.map((row) => {
      const { steps, step } = stateOf(ringOf(row), events.get(row.id) ?? []);
      return [row.id, step >= (approvalStep(steps) ?? steps.length)];
    }),
  );
}

/** Orders with their history and where that has brought them. */
async function withProgress(db: Database, stored: readonly StoredOrder[]): Promise<Order[]> {
  const events = await eventsByOrder(
    db,
    stored.map(({ id }) => id),
  );
  const standing = await standingOf(
    db,
    stored.flatMap(({ ringId }) => ringId ?? []),
  );
  return stored.map((order) => {
    const own = events.get(order.id) ?? [];
    const { state, approval } = orderProgress(own);
    const { finished, lost, holdReached } = standing.get(order.ringId ?? '') ?? NO_RING;
    return { ...order, state, approval, ringFinished: finished, ringLost: lost, holdReached, events: own };
  });
}

async function one(db: Database, stored: StoredOrder): Promise<Order> {
  const [order] = await withProgress(db, [stored]);
  if (!order) throw new Error('an order was lost on its way');
  return order;
}

/** An order moves on only with what the next state needs. @throws HttpError 409 that says what is missing */
function checkMove(order: Order, { body }: OrderEventInput): void {
  if (body.kind !== 'moved') return;
  const missing = missingFor(orderFacts(order), body.to);
  if (missing.length > 0) {
    const words = `Before it is ${STATE_NAMES[body.to]}: ${missing.join('; ')}.`;
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
    await lockRow(tx, orders, id);
    const stored = createResources(tx).orders;
    let order = await one(tx, await stored.get(id));
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
    return order;
  });
}

/** Orders as a resource: stored plainly, shown with their history. */
export function createOrders(db: Database) {
  const { orders } = createResources(db);
  return {
    name: orders.name,
    async list(query: ListQuery) {
      const { items, nextCursor } = await orders.list(query);
      return { items: await withProgress(db, items), nextCursor };
    },
    get: async (id: string) => one(db, await orders.get(id)),
    create: async (input: OrderInput) => one(db, await orders.create(input)),
    replace: async (id: string, input: OrderInput, version?: number) =>
      one(db, await orders.replace(id, input, version)),
    remove: orders.remove,
    restore: async (id: string) => one(db, await orders.restore(id)),
  };
}

/** Whether an order is still to be made, or made again. */
function isToMake({ state, ringId, ringLost }: Order): boolean {
  return state !== 'cancelled' && (ringId === null || ringLost);
}

/** The order that a plan is to be made for, the latest first; undefined where it is of none. */
export async function orderOfPlan(db: Database, planId: string): Promise<Order | undefined> {
  const stored = await storedOrders(db, eq(orders.planId, planId));
  return (await withProgress(db, stored)).find(isToMake);
}

/**
 * Whose word a ring waits for; undefined where it is of no order, or of one that was cancelled. Asked at every step that
 * is done: how far the ring is, its caller knows.
 */
export async function approvalOf(db: Database, ringId: string): Promise<ApprovalFacts | undefined> {
  const stored = await storedOrders(db, eq(orders.ringId, ringId));
  const events = await eventsByOrder(
    db,
    stored.map(({ id }) => id),
  );
  return stored
    .map(({ id, approvalWanted }) => ({ approvalWanted, ...orderProgress(events.get(id) ?? []) }))
    .find(({ state }) => state !== 'cancelled');
}

/** Orders that are not archived, the latest first. */
async function storedOrders(db: Database, clause: SQL | undefined): Promise<readonly StoredOrder[]> {
  const rows = await db
    .select()
    .from(orders)
    .where(and(clause, isNull(orders.archivedAt)))
    .orderBy(desc(orders.createdAt));
  return rows.map(storedOrder);
}

/** Orders that have something to do with the days to come: of rings in work, and planned ones without a ring. */
export async function ordersToCome(db: Database, ringsInWork: readonly string[]): Promise<readonly Order[]> {
  const planned = and(isNull(orders.ringId), isNotNull(orders.planId));
  const inWork = ringsInWork.length === 0 ? undefined : inArray(orders.ringId, [...ringsInWork]);
  return withProgress(db, await storedOrders(db, inWork ? or(planned, inWork) : planned));
}

/** Orders that are paid and gone, and have a price. */
export async function closedOrders(db: Database): Promise<readonly Order[]> {
  // Before an order can be closed, its price is quoted.
  const rows = await db
    .select({ id: orders.id })
    .from(orders)
    .where(and(isNull(orders.archivedAt), sql`${orders.details}->'quote' is distinct from 'null'::jsonb`));
  const closed: Order[] = [];
  for (const group of inGroups(rows, ORDERS_AT_ONCE)) {
    const stored = await storedOrders(
      db,
      inArray(
        orders.id,
        group.map(({ id }) => id),
      ),
    );
    closed.push(...(await withProgress(db, stored)).filter(({ state }) => state === 'closed'));
    await setImmediate();
  }
  return closed;
}
