import type { FrozenPlan, RingEventInput, RingInput, RingWithEvents } from '@round-mint/contract/rings';
import { and, eq, isNotNull, isNull, sql } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import type { Database } from '../db/database';
import { ringEvents, rings, stock } from '../db/schema';
import { HttpError, notFound } from '../http/errors';
import { withKeptRoutes } from './bench-word';
import { freezePlan, readBench } from './freeze-plan';
import { apartByMicros, inClockOrder } from './event-clock';
import { orderOfPlan } from './orders';
import { eventOf, eventsFor, getRing, holdRing, RING, ringOf, stateOf } from './ring-store';
import { checkApproval } from './approval';
import { keptForecast } from './ring-forecast';
import { keepScrap } from './scrap';
import { refuseForeign } from './row-lock';
import { markTools } from './tool-events';
import { changeCount } from './stock-counts';
import { partsTaken, type TakenPart } from './stock-taken';

/** Takes one piece out of stock for a ring, or gives it back. @throws HttpError 409 when none is left */
function movePiece(tx: Database, stockId: string, ringId: string, change: 1 | -1): Promise<void> {
  const why = change === 1 ? 'given-back' : 'taken';
  return changeCount(tx, stockId, { id: randomUUID(), at: new Date().toISOString(), change, why, ringId });
}

/** What may be made of a strip is told by its length, of everything else by the piece. */
async function takeStock(tx: Database, ringId: string, { stockId, lengthMm }: TakenPart): Promise<void> {
  if (lengthMm === 0) return movePiece(tx, stockId, ringId, -1);
  const taken = await changeLength(tx, stockId, -lengthMm);
  if (taken === 0) {
    throw new HttpError('out-of-stock', `Less than ${lengthMm.toFixed(1)} mm of this strip is left.`);
  }
}

/** @returns how many rows were changed: none when the strip is too short */
async function changeLength(tx: Database, stockId: string, byMm: number): Promise<number> {
  const length = sql`(${stock.shape}->>'lengthMm')::double precision + ${byMm}::double precision`;
  const changed = await tx
    .update(stock)
    .set({ shape: sql`jsonb_set(${stock.shape}, '{lengthMm}', to_jsonb(${length}))` })
    .where(and(eq(stock.id, stockId), sql`${length} >= 0`))
    .returning({ id: stock.id });
  return changed.length;
}

/** Takes a plan to the bench: the route is fixed, and its piece leaves the stock. Repeating it changes nothing. */
export async function startRing(db: Database, input: RingInput): Promise<RingWithEvents> {
  const id = input.id ?? randomUUID();
  const bench = await readBench(db);
  await db.transaction(async (tx) => {
    const [known] = await tx.select().from(rings).where(eq(rings.id, id));
    if (known?.archivedAt) throw new HttpError('id-taken');
    if (known) return;
    const { planId, startedFrom } = input;
    const order = await orderOfPlan(tx, planId);
    const { plan, frozen } = await freezePlan(tx, planId, bench, { order, startedFrom });
    await tx.insert(rings).values({
      id,
      planId: plan.id,
      stockId: plan.stockId,
      name: input.name,
      status: 'in-work',
      frozenPlan: { ...frozen, forecast: await keptForecast(frozen, bench) },
    });
    await takeAll(tx, { id, stockId: plan.stockId }, frozen);
  });
  return getRing(db, id);
}

/** A ring and the piece that it is made of. */
type PieceOfRing = Pick<typeof rings.$inferSelect, 'id' | 'stockId'>;

/** The piece and, where it has one, the strip of its other part. */
async function takeAll(tx: Database, { id: ringId, stockId }: PieceOfRing, plan: FrozenPlan): Promise<void> {
  for (const part of partsTaken(stockId, plan)) await takeStock(tx, ringId, part);
}

async function giveBack(tx: Database, { id, stockId }: PieceOfRing, plan: FrozenPlan): Promise<void> {
  for (const part of partsTaken(stockId, plan)) {
    if (part.lengthMm > 0) await changeLength(tx, part.stockId, part.lengthMm);
    else await movePiece(tx, part.stockId, id, 1);
  }
}

/**
 * Appends events; those already known are left out. The ring's status follows from all of them.
 * @param options.asTold a story that is told to its end: no route follows from what was found in it
 */
export async function logEvents(
  db: Database,
  ringId: string,
  events: readonly RingEventInput[],
  { asTold = false }: { readonly asTold?: boolean } = {},
): Promise<RingWithEvents> {
  return db.transaction(async (tx) => {
    const { ring, told } = await holdRing(tx, ringId);
    const kept = asTold ? events : await withKeptRoutes(tx, ring, events);
    if (!asTold) await checkApproval(tx, ring, kept);
    const clock = apartByMicros();
    const added = await tx
      .insert(ringEvents)
      .values(kept.map(({ id, at, body }) => ({ id, ringId, at: clock(at), body })))
      .onConflictDoNothing()
      .returning();
    if (added.length < kept.length) {
      await refuseForeign(tx, ringEvents, ringEvents.ringId, ringId, events);
    }
    const all = inClockOrder([...told, ...added]).map(eventOf);
    const state = stateOf(ring, all);
    const status = state.spoilt ? 'spoilt' : state.finished ? 'finished' : 'in-work';
    // When it was over, one way or the other.
    const finishedAt = state.spoilt?.at ?? state.finishedAt ?? null;
    const [changed] = await tx
      .update(rings)
      .set({ status, finishedAt, updatedAt: new Date().toISOString() })
      .where(eq(rings.id, ringId))
      .returning({ version: rings.version });
    await keepScrap(tx, ring, state, all);
    await markTools(tx, ringId, added.map(eventOf), all);
    return { ...ring, ...changed, status, finishedAt, events: all };
  });
}

/** Archives a ring, or brings it back; a ring that was not begun gives its piece back to the stock, and takes it again. */
async function setArchived(db: Database, id: string, archived: boolean): Promise<void> {
  await db.transaction(async (tx) => {
    const [row] = await tx
      .update(rings)
      .set({ archivedAt: archived ? new Date().toISOString() : null })
      .where(and(eq(rings.id, id), archived ? isNull(rings.archivedAt) : isNotNull(rings.archivedAt)))
      .returning();
    if (!row) throw notFound(RING);
    const begun = ((await eventsFor(tx, [id])).get(id) ?? []).length > 0;
    if (begun) return;
    const plan = ringOf(row);
    await (archived ? giveBack(tx, row, plan) : takeAll(tx, row, plan));
  });
}

export async function removeRing(db: Database, id: string): Promise<void> {
  await setArchived(db, id, true);
}

export async function restoreRing(db: Database, id: string): Promise<RingWithEvents> {
  await setArchived(db, id, false);
  return getRing(db, id);
}
