import { wallWishOf } from '@round-mint/contract/coin-ring';
import type { ListQuery } from '@round-mint/contract/common';
import {
  ringEventSchema,
  ringInListSchema,
  ringSchema,
  type CoinRing,
  type FrozenPlan,
  type Ring,
  type RingEventInput,
  type RingWithEvents,
} from '@round-mint/contract/rings';
import type { CoinRingInput } from '@round-mint/core/forming';
import type { MetalId } from '@round-mint/core/metal';
import { ringState } from '@round-mint/core/ring';
import { and, asc, eq, getTableColumns, inArray, isNull, type SQL } from 'drizzle-orm';
import type { Database } from '../db/database';
import { ringEvents, rings } from '../db/schema';
import { notFound } from '../http/errors';
import { everyPage, listClauses, page, pageRows } from './list';
import { isoTime } from './resource';

export type RingRow = typeof rings.$inferSelect;
/** An event as the database has it. */
export interface EventRow {
  readonly id: string;
  readonly at: string;
  readonly body: unknown;
}

export const RING = 'ring';

export function ringOf(row: RingRow): Ring {
  const { id, planId, stockId, name, status, frozenPlan, version } = row;
  const createdAt = isoTime(row.createdAt);
  const finishedAt = row.finishedAt === null ? null : isoTime(row.finishedAt);
  return ringSchema.parse({
    ...frozenPlan,
    id,
    planId,
    stockId,
    name,
    status,
    createdAt,
    finishedAt,
    version,
  });
}

export function eventOf(row: EventRow): RingEventInput {
  return ringEventSchema.parse({ id: row.id, at: isoTime(row.at), body: row.body });
}

/** A ring's state by the reducer of core. */
export function stateOf(
  ring: Pick<Ring, 'steps' | 'mandrelMmPerUsSize' | 'prediction' | 'spentAtStart'> & {
    readonly holeMm?: number;
  },
  events: readonly RingEventInput[],
) {
  const { steps, holeMm, prediction, spentAtStart } = ring;
  const mandrel = { mmPerUsSize: ring.mandrelMmPerUsSize };
  const { targetInsideDiameterMm } = prediction;
  return ringState({ steps, mandrel, holeMm, targetInsideDiameterMm, spentAtStart }, events);
}

function readEvents(db: Database, ringIds: readonly string[]) {
  return db
    .select()
    .from(ringEvents)
    .where(inArray(ringEvents.ringId, [...ringIds]))
    .orderBy(asc(ringEvents.at), asc(ringEvents.id));
}

/** Every event of some rings, in the order of the makers' clocks, whichever device sent first. */
export async function eventsFor(
  db: Database,
  ringIds: readonly string[],
): Promise<Map<string, RingEventInput[]>> {
  const byRing = new Map<string, RingEventInput[]>(ringIds.map((id) => [id, []]));
  if (ringIds.length === 0) return byRing;
  for (const row of await readEvents(db, ringIds)) byRing.get(row.ringId)?.push(eventOf(row));
  return byRing;
}

async function withEvents(db: Database, rows: readonly RingRow[]): Promise<RingWithEvents[]> {
  const events = await eventsFor(
    db,
    rows.map(({ id }) => id),
  );
  return rows.map((row) => ({ ...ringOf(row), events: events.get(row.id) ?? [] }));
}

/** Which rings: in one state, or all; the archived ones instead of the others. */
interface RingChoice {
  readonly status?: Ring['status'] | undefined;
  readonly archived?: boolean;
  /** Of those only this one. */
  readonly id?: string | undefined;
  /** What else is asked of them. */
  readonly where?: SQL | undefined;
}

function ringClauses(query: ListQuery, { status, archived = false, id, where }: RingChoice) {
  const clauses = listClauses(query, {
    id: rings.id,
    archivedAt: rings.archivedAt,
    archived,
    search: [rings.name, rings.status],
    sort: {
      name: rings.name,
      status: rings.status,
      createdAt: rings.createdAt,
      finishedAt: rings.finishedAt,
    },
    defaultSort: '-createdAt',
  });
  return {
    ...clauses,
    where: and(
      clauses.where,
      status && eq(rings.status, status),
      id === undefined ? undefined : eq(rings.id, id),
      where,
    ),
  };
}

/** Rings as lists show them: nothing of their plans is read. */
export async function listRings(db: Database, query: ListQuery, choice: RingChoice = {}) {
  const clauses = ringClauses(query, choice);
  const {
    frozenPlan: _plan,
    archivedAt: _archived,
    updatedAt: _updated,
    ...columns
  } = getTableColumns(rings);
  const rows = await pageRows(db.select(columns).from(rings).$dynamic(), clauses);
  return page(rows.map(lineOf), clauses);
}

function lineOf({ createdAt, finishedAt, ...row }: Omit<RingRow, 'frozenPlan' | 'archivedAt' | 'updatedAt'>) {
  return ringInListSchema.parse({
    ...row,
    createdAt: isoTime(createdAt),
    finishedAt: finishedAt === null ? null : isoTime(finishedAt),
  });
}

/** Rings with all that they are. */
export async function listRingsInFull(db: Database, query: ListQuery, choice: RingChoice = {}) {
  const clauses = ringClauses(query, choice);
  const rows = await pageRows(db.select().from(rings).$dynamic(), clauses);
  return page(await withEvents(db, rows), clauses);
}

/** As {@link listRings}, of each only its id. */
export async function listRingIds(db: Database, query: ListQuery, choice: RingChoice = {}) {
  const clauses = ringClauses(query, choice);
  const rows = await pageRows(db.select({ id: rings.id }).from(rings).$dynamic(), clauses);
  return page(
    rows.map(({ id }) => id),
    clauses,
  );
}

export async function getRing(db: Database, id: string): Promise<RingWithEvents> {
  const rows = await db
    .select()
    .from(rings)
    .where(and(eq(rings.id, id), isNull(rings.archivedAt)));
  const [ring] = await withEvents(db, rows);
  if (!ring) throw notFound(RING);
  return ring;
}

/**
 * A ring that nobody else writes to until the transaction ends: a route that follows from what was found follows from
 * everything before it. `told` is what was told of it so far, as the database has it.
 */
export async function holdRing(
  tx: Database,
  id: string,
): Promise<{ readonly ring: RingWithEvents; readonly told: readonly EventRow[] }> {
  const [row] = await tx
    .select()
    .from(rings)
    .where(and(eq(rings.id, id), isNull(rings.archivedAt)))
    .for('update');
  if (!row) throw notFound(RING);
  const told = await readEvents(tx, [id]);
  return { ring: { ...ringOf(row), events: told.map(eventOf) }, told };
}

/** Every ring in a state, however many there are. */
export function ringsIn(
  db: Database,
  status: Ring['status'],
  sort?: string,
): Promise<readonly RingWithEvents[]> {
  return everyPage((query) => listRingsInFull(db, query, { status }), sort);
}

/** What a ring is made of, or will be. */
export function metalOf(ring: FrozenPlan): MetalId {
  return ring.kind === 'coin' ? ring.coin.metal : ring.metal;
}

/** The plan's question that a coin ring was begun on. */
export function ringInput({ coin, holeMm, wall, curlDeg, curl, prediction }: CoinRing): CoinRingInput {
  return {
    coin,
    holeMm,
    wall: wallWishOf({ wall, curlDeg, curl }),
    targetInsideDiameterMm: prediction.targetInsideDiameterMm,
  };
}
