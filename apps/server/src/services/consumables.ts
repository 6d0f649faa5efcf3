import {
  storedShelfSchema,
  type ShelfAnswer,
  type ShelfInput,
  type StoredShelf,
} from '@round-mint/contract/consumables';
import type { RingWithEvents } from '@round-mint/contract/rings';
import { standingEvents } from '@round-mint/core/ring';
import type { RouteStep } from '@round-mint/core/steps';
import {
  CONSUMABLE_IDS,
  CONSUMABLES,
  shelfLeft,
  usedBy,
  type Amounts,
  type ConsumableId,
} from '@round-mint/core/trade';
import { and, gt, inArray, isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import { consumables, ringEvents, rings } from '../db/schema';
import { isoTime } from './resource';
import { lockRow } from './row-lock';
import { eventsFor, ringOf, stateOf } from './ring-store';

const NEVER_COUNTED = '1970-01-01T00:00:00.000Z';

/** A shelf that nobody has counted yet. */
function emptyShelf(id: ConsumableId): StoredShelf {
  return { id, countedAmount: 0, countedAt: NEVER_COUNTED, buyAtAmount: 0, packAmount: 1, packPrice: 0 };
}

export function storedShelf({ version: _version, ...row }: typeof consumables.$inferSelect): StoredShelf {
  return storedShelfSchema.parse({ ...row, countedAt: isoTime(row.countedAt) });
}

/** Every kind of consumable, counted or not. */
export async function readShelves(db: Database): Promise<readonly StoredShelf[]> {
  const rows = (await db.select().from(consumables)).map(storedShelf);
  return CONSUMABLE_IDS.map((id) => rows.find((row) => row.id === id) ?? emptyShelf(id));
}

/** Steps of a ring that were done after a moment. */
export function stepsDone(ring: RingWithEvents, after = NEVER_COUNTED): readonly RouteStep[] {
  const { steps } = stateOf(ring, ring.events);
  return standingEvents(ring.events)
    .filter(({ at }) => at > after)
    .flatMap(({ body }) => {
      if (body.kind !== 'step-done' && body.kind !== 'anneal-done') return [];
      // An anneal beside the route has no step of its own.
      return body.step === undefined
        ? [{ kind: 'anneal', title: 'Anneal' } as RouteStep]
        : (steps[body.step] ?? []);
    });
}

export function bandOf({ prediction }: Pick<RingWithEvents, 'prediction'>) {
  const { targetInsideDiameterMm: insideDiameterMm, axialHeightMm } = prediction;
  return { insideDiameterMm, axialHeightMm };
}

/** Rings that something happened to since a moment. */
async function ringsTouchedSince(db: Database, since: string): Promise<readonly RingWithEvents[]> {
  const touched = db.select({ id: ringEvents.ringId }).from(ringEvents).where(gt(ringEvents.at, since));
  const rows = await db
    .select()
    .from(rings)
    .where(and(inArray(rings.id, touched), isNull(rings.archivedAt)));
  const events = await eventsFor(
    db,
    rows.map(({ id }) => id),
  );
  return rows.map((row) => ({ ...ringOf(row), events: events.get(row.id) ?? [] }));
}

function used(id: ConsumableId, after: string, rings: readonly RingWithEvents[]): number {
  const amounts: readonly Amounts[] = rings.map((ring) => usedBy(stepsDone(ring, after), bandOf(ring)));
  return amounts.reduce((sum, amount) => sum + (amount[id] ?? 0), 0);
}

/** What is on the shelves: what was counted, less what the rings used since. */
export async function listShelves(db: Database): Promise<readonly ShelfAnswer[]> {
  const shelves = await readShelves(db);
  const counted = shelves.filter(({ countedAt }) => countedAt !== NEVER_COUNTED);
  const since = counted.map(({ countedAt }) => countedAt).sort()[0];
  const touched = since === undefined ? [] : await ringsTouchedSince(db, since);
  return shelves.map((shelf) => {
    const known = counted.includes(shelf);
    const left = shelfLeft(shelf, known ? used(shelf.id, shelf.countedAt, touched) : 0);
    const { name, unit } = CONSUMABLES[shelf.id];
    // Nobody is asked to buy what was never counted.
    return { ...shelf, name, unit, ...left, ...(known ? {} : { buy: false, packs: 0 }) };
  });
}

async function shelf(db: Database, id: ConsumableId): Promise<ShelfAnswer> {
  const found = (await listShelves(db)).find((one) => one.id === id);
  if (!found) throw new Error(`no shelf for ${id}`);
  return found;
}

export async function countShelf(db: Database, id: ConsumableId, input: ShelfInput): Promise<ShelfAnswer> {
  await db
    .insert(consumables)
    .values({ id, ...input })
    .onConflictDoUpdate({ target: consumables.id, set: input });
  return shelf(db, id);
}

/** Bought packs go on top of what is left; the use so far is settled with that. */
export async function addPacks(db: Database, id: ConsumableId, packs: number): Promise<ShelfAnswer> {
  return db.transaction(async (tx) => {
    await tx.insert(consumables).values(emptyShelf(id)).onConflictDoNothing();
    await lockRow(tx, consumables, id);
    const { leftAmount, buyAtAmount, packAmount, packPrice } = await shelf(tx, id);
    const countedAmount = leftAmount + packs * packAmount;
    const countedAt = new Date().toISOString();
    const row = { id, countedAmount, countedAt, buyAtAmount, packAmount, packPrice };
    await tx.insert(consumables).values(row).onConflictDoUpdate({ target: consumables.id, set: row });
    return shelf(tx, id);
  });
}
