import {
  storedShelfSchema,
  type ShelfAnswer,
  type ShelfInput,
  type StoredShelf,
} from '@round-mint/contract/consumables';
import type { RingWithEvents } from '@round-mint/contract/rings';
import {
  CONSUMABLE_IDS,
  CONSUMABLES,
  shelfLeft,
  usedBy,
  type Amounts,
  type ConsumableId,
} from '@round-mint/core/trade';
import { and, eq, gt, isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import { consumables, ringEvents, rings } from '../db/schema';
import { isoTime } from './resource';
import { lockRow } from './row-lock';
import { knownSummaries, ringsInFull } from './ring-summaries';
import type { RingSummary } from './ring-summary';
import { bandOf, LONG_AGO, stepsDone } from './steps-done';

/** A shelf that nobody has counted yet. */
function emptyShelf(id: ConsumableId): StoredShelf {
  return { id, countedAmount: 0, countedAt: LONG_AGO, buyAtAmount: 0, packAmount: 1, packPrice: 0 };
}

export function storedShelf({ version: _version, ...row }: typeof consumables.$inferSelect): StoredShelf {
  return storedShelfSchema.parse({ ...row, countedAt: isoTime(row.countedAt) });
}

/** Every kind of consumable, counted or not. */
export async function readShelves(db: Database): Promise<readonly StoredShelf[]> {
  const rows = (await db.select().from(consumables)).map(storedShelf);
  return CONSUMABLE_IDS.map((id) => rows.find((row) => row.id === id) ?? emptyShelf(id));
}

/** Rings that something happened to since a moment. */
async function ringsTouchedSince(db: Database, since: string): Promise<readonly string[]> {
  const rows = await db
    .selectDistinct({ id: ringEvents.ringId })
    .from(ringEvents)
    .innerJoin(rings, eq(rings.id, ringEvents.ringId))
    .where(and(gt(ringEvents.at, since), isNull(rings.archivedAt)));
  return rows.map(({ id }) => id);
}

/** What each ring used after any moment. */
type UsedAfter = (after: string) => Amounts;

function usedByRing(ring: RingWithEvents): UsedAfter {
  return (after) => usedBy(stepsDone(ring, after), bandOf(ring));
}

/** Of a ring that is over all is known in one sum, unless a shelf was counted in the middle of it. */
function usedInOneSum({ used }: RingSummary, counts: readonly string[]): UsedAfter | undefined {
  const { firstAt, lastAt, amounts } = used;
  if (firstAt === null || lastAt === null) return () => ({});
  if (counts.some((at) => at >= firstAt && at < lastAt)) return undefined;
  return (after) => (lastAt > after ? amounts : {});
}

/** @param counts when shelves were counted */
async function usesSince(db: Database, counts: readonly string[]): Promise<readonly UsedAfter[]> {
  const [since] = [...counts].sort();
  if (since === undefined) return [];
  const ids = await ringsTouchedSince(db, since);
  const summaries = await knownSummaries(db, ids);
  const uses: UsedAfter[] = [];
  const inFull: string[] = [];
  for (const id of ids) {
    const summary = summaries.get(id);
    const summed = summary && usedInOneSum(summary, counts);
    if (summed) uses.push(summed);
    else inFull.push(id);
  }
  for await (const ring of ringsInFull(db, inFull)) uses.push(usedByRing(ring));
  return uses;
}

/** What is on the shelves: what was counted, less what the rings used since. */
export async function listShelves(db: Database): Promise<readonly ShelfAnswer[]> {
  const shelves = await readShelves(db);
  const counted = shelves.filter(({ countedAt }) => countedAt !== LONG_AGO);
  const uses = await usesSince(
    db,
    counted.map(({ countedAt }) => countedAt),
  );
  return shelves.map((shelf) => {
    const known = counted.includes(shelf);
    const used = known ? uses.reduce((sum, after) => sum + (after(shelf.countedAt)[shelf.id] ?? 0), 0) : 0;
    const left = shelfLeft(shelf, used);
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
