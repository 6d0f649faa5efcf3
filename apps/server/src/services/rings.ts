import type { ListQuery } from '@round-mint/contract/common';
import type { Ring, RingEventInput, RingInput, RingWithEvents } from '@round-mint/contract/rings';
import { planCoinRing, ringState, type CoinRingPlan, type RingEvent } from '@round-mint/core/route';
import { and, asc, eq, inArray, isNotNull, isNull, sql } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import type { Database } from '../db/database';
import { plans, ringEvents, rings, stock } from '../db/schema';
import { HttpError, notFound } from '../http/errors';
import { readDieCharts } from './die-charts';
import { mandrelTaper, readKit } from './kit';
import { listClauses, page } from './list';
import { isoTime } from './resource';
import { stockItem, storedPlan } from './resources';
import { readSettings } from './settings';

type RingRow = typeof rings.$inferSelect;
/** The part of a ring that is fixed when it is taken to the bench. */
type RingPromise = Pick<
  Ring,
  | 'stockName'
  | 'coin'
  | 'holeMm'
  | 'wall'
  | 'curlDeg'
  | 'prediction'
  | 'allowanceStrainLog'
  | 'mandrelMmPerUsSize'
  | 'steps'
  | 'totals'
>;

const RING = 'ring';

export function ringOf(row: RingRow): Ring {
  return {
    ...(row.promise as RingPromise),
    id: row.id,
    planId: row.planId,
    stockId: row.stockId,
    name: row.name,
    status: row.status as Ring['status'],
    createdAt: isoTime(row.createdAt),
    finishedAt: row.finishedAt === null ? null : isoTime(row.finishedAt),
  };
}

export function eventOf(row: typeof ringEvents.$inferSelect): RingEventInput {
  return { id: row.id, at: isoTime(row.at), body: row.body as RingEventInput['body'] };
}

/** A ring's state by the reducer of core. */
export function stateOf(ring: Pick<Ring, 'steps' | 'mandrelMmPerUsSize'>, events: readonly RingEventInput[]) {
  const mandrel = { mmPerUsSize: ring.mandrelMmPerUsSize };
  return ringState({ steps: ring.steps, mandrel }, events as readonly RingEvent[]);
}

async function eventsFor(db: Database, ringIds: readonly string[]): Promise<Map<string, RingEventInput[]>> {
  const byRing = new Map<string, RingEventInput[]>(ringIds.map((id) => [id, []]));
  if (ringIds.length === 0) return byRing;
  const rows = await db
    .select()
    .from(ringEvents)
    .where(inArray(ringEvents.ringId, [...ringIds]))
    .orderBy(asc(ringEvents.seq));
  for (const row of rows) byRing.get(row.ringId)?.push(eventOf(row));
  return byRing;
}

async function withEvents(db: Database, rows: readonly RingRow[]): Promise<RingWithEvents[]> {
  const events = await eventsFor(
    db,
    rows.map(({ id }) => id),
  );
  return rows.map((row) => ({ ...ringOf(row), events: events.get(row.id) ?? [] }));
}

/** @param status only rings in this state; left out, all */
export async function listRings(db: Database, query: ListQuery, status?: Ring['status']) {
  const clauses = listClauses(query, {
    id: rings.id,
    deletedAt: rings.deletedAt,
    search: [rings.name, rings.status],
    sort: {
      name: rings.name,
      status: rings.status,
      createdAt: rings.createdAt,
      finishedAt: rings.finishedAt,
    },
    defaultSort: '-createdAt',
  });
  const rows = await db
    .select()
    .from(rings)
    .where(and(clauses.where, status && eq(rings.status, status)))
    .orderBy(...clauses.orderBy)
    .limit(clauses.limit + 1)
    .offset(clauses.offset);
  return page(await withEvents(db, rows), clauses);
}

export async function getRing(db: Database, id: string): Promise<RingWithEvents> {
  const rows = await db
    .select()
    .from(rings)
    .where(and(eq(rings.id, id), isNull(rings.deletedAt)));
  const [ring] = await withEvents(db, rows);
  if (!ring) throw notFound(RING);
  return ring;
}

function promiseOf(
  input: Pick<RingPromise, 'stockName' | 'coin' | 'holeMm' | 'wall' | 'curlDeg' | 'mandrelMmPerUsSize'>,
  targetInsideDiameterMm: number,
  plan: CoinRingPlan,
): RingPromise {
  const { route } = plan;
  if (!plan.feasible || !route) {
    const refusals = plan.reasons.filter(({ level }) => level === 'refuse');
    throw new HttpError(
      409,
      'not-feasible',
      `This ring cannot be made: ${refusals.map(({ message }) => message).join(' ')}`,
    );
  }
  const { bandWidthMm, axialHeightMm, thicknessCutEdgeMm, thicknessRimEdgeMm } = plan;
  const { slugMassG, ringMassG, annealCount } = plan;
  return {
    ...input,
    prediction: {
      targetInsideDiameterMm,
      bandWidthMm,
      axialHeightMm,
      thicknessCutEdgeMm,
      thicknessRimEdgeMm,
      slugMassG,
      ringMassG,
      annealCount,
    },
    allowanceStrainLog: route.allowanceStrainLog,
    steps: [...route.steps] as Ring['steps'],
    totals: route.totals,
  };
}

/** Takes one piece out of stock, or says that none is left. */
async function takePiece(tx: Database, stockId: string): Promise<void> {
  const taken = await tx
    .update(stock)
    .set({ quantity: sql`${stock.quantity} - 1` })
    .where(and(eq(stock.id, stockId), sql`${stock.quantity} > 0`))
    .returning({ id: stock.id });
  if (taken.length === 0) throw new HttpError(409, 'out-of-stock', 'None of this piece is left in stock.');
}

/** Takes a plan to the bench: the route is fixed, and one piece leaves the stock. Repeating it changes nothing. */
export async function startRing(db: Database, input: RingInput): Promise<RingWithEvents> {
  const id = input.id ?? randomUUID();
  await db.transaction(async (tx) => {
    const [known] = await tx.select().from(rings).where(eq(rings.id, id));
    if (known) return;
    const [planRow] = await tx.select().from(plans).where(eq(plans.id, input.planId));
    if (!planRow) throw notFound('plan');
    const plan = storedPlan(planRow);
    const [stockRow] = await tx.select().from(stock).where(eq(stock.id, plan.stockId));
    if (!stockRow) throw notFound('piece of stock');
    const { name: stockName, diameterMm, rimThicknessMm, massG, metal, form } = stockItem(stockRow);
    const coin = { diameterMm, rimThicknessMm, massG, metal, form };
    const tools = await readKit(tx);
    const { annealSchool } = await readSettings(tx);
    const { holeMm, targetInsideDiameterMm, wall, curlDeg, finish, school } = plan;
    const planned = planCoinRing(
      { coin, holeMm, targetInsideDiameterMm, wall: { kind: wall, curlDeg: curlDeg ?? undefined }, school },
      { kit: tools, finish, annealSchool, dieCharts: await readDieCharts(tx) },
    );
    const promise = promiseOf(
      { stockName, coin, holeMm, wall, curlDeg, mandrelMmPerUsSize: mandrelTaper(tools) },
      targetInsideDiameterMm,
      planned,
    );
    await takePiece(tx, plan.stockId);
    await tx
      .insert(rings)
      .values({ id, planId: plan.id, stockId: plan.stockId, name: input.name, status: 'in-work', promise });
  });
  return getRing(db, id);
}

/** Appends events; those already known are left out. The ring's status follows from all of them. */
export async function logEvents(
  db: Database,
  ringId: string,
  events: readonly RingEventInput[],
): Promise<RingWithEvents> {
  return db.transaction(async (tx) => {
    const ring = await getRing(tx, ringId);
    for (const { id, at, body } of events) {
      await tx.insert(ringEvents).values({ id, ringId, at, body }).onConflictDoNothing();
    }
    const all = (await eventsFor(tx, [ringId])).get(ringId) ?? [];
    const state = stateOf(ring, all);
    const status = state.finished ? 'finished' : 'in-work';
    const finishedAt = state.finishedAt ?? null;
    await tx
      .update(rings)
      .set({ status, finishedAt, updatedAt: new Date().toISOString() })
      .where(eq(rings.id, ringId));
    return { ...ring, status, finishedAt, events: all };
  });
}

/** Puts a ring away, or brings it back; a ring that was not begun gives its piece back to the stock, and takes it again. */
async function shelve(db: Database, id: string, away: boolean): Promise<void> {
  await db.transaction(async (tx) => {
    const [row] = await tx
      .update(rings)
      .set({ deletedAt: away ? new Date().toISOString() : null })
      .where(and(eq(rings.id, id), away ? isNull(rings.deletedAt) : isNotNull(rings.deletedAt)))
      .returning();
    if (!row) throw notFound(RING);
    const begun = ((await eventsFor(tx, [id])).get(id) ?? []).length > 0;
    if (begun) return;
    if (away) {
      await tx
        .update(stock)
        .set({ quantity: sql`${stock.quantity} + 1` })
        .where(eq(stock.id, row.stockId));
    } else {
      await takePiece(tx, row.stockId);
    }
  });
}

export async function removeRing(db: Database, id: string): Promise<void> {
  await shelve(db, id, true);
}

export async function restoreRing(db: Database, id: string): Promise<RingWithEvents> {
  await shelve(db, id, false);
  return getRing(db, id);
}
