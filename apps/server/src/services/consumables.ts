import {
  storedSupplySchema,
  type SupplyAnswer,
  type SupplyInput,
  type StoredSupply,
} from '@round-mint/contract/consumables';
import type { RingWithEvents } from '@round-mint/contract/rings';
import {
  CONSUMABLE_IDS,
  CONSUMABLES,
  supplyLeft,
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

/** A supply that nobody has counted yet. */
function emptySupply(id: ConsumableId): StoredSupply {
  return { id, countedAmount: 0, countedAt: LONG_AGO, buyAtAmount: 0, packAmount: 1, packPrice: 0 };
}

export function storedSupply({ version: _version, ...row }: typeof consumables.$inferSelect): StoredSupply {
  return storedSupplySchema.parse({ ...row, countedAt: isoTime(row.countedAt) });
}

/** Every kind of consumable, counted or not. */
export async function readSupplies(db: Database): Promise<readonly StoredSupply[]> {
  const rows = (await db.select().from(consumables)).map(storedSupply);
  return CONSUMABLE_IDS.map((id) => rows.find((row) => row.id === id) ?? emptySupply(id));
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

/** Of a ring that is over all is known in one sum, unless a supply was counted in the middle of it. */
function usedInOneSum({ used }: RingSummary, counts: readonly string[]): UsedAfter | undefined {
  const { firstAt, lastAt, amounts } = used;
  if (firstAt === null || lastAt === null) return () => ({});
  if (counts.some((at) => at >= firstAt && at < lastAt)) return undefined;
  return (after) => (lastAt > after ? amounts : {});
}

/** @param counts when supplies were counted */
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

/** What is left of each supply: what was counted, less what the rings used since. */
export async function listSupplies(db: Database): Promise<readonly SupplyAnswer[]> {
  const supplies = await readSupplies(db);
  const counted = supplies.filter(({ countedAt }) => countedAt !== LONG_AGO);
  const uses = await usesSince(
    db,
    counted.map(({ countedAt }) => countedAt),
  );
  return supplies.map((supply) => {
    const known = counted.includes(supply);
    const used = known ? uses.reduce((sum, after) => sum + (after(supply.countedAt)[supply.id] ?? 0), 0) : 0;
    const left = supplyLeft(supply, used);
    const { name, unit } = CONSUMABLES[supply.id];
    // Nobody is asked to buy what was never counted.
    return { ...supply, name, unit, ...left, ...(known ? {} : { buy: false, packs: 0 }) };
  });
}

async function supply(db: Database, id: ConsumableId): Promise<SupplyAnswer> {
  const found = (await listSupplies(db)).find((one) => one.id === id);
  if (!found) throw new Error(`no supply for ${id}`);
  return found;
}

export async function countSupply(db: Database, id: ConsumableId, input: SupplyInput): Promise<SupplyAnswer> {
  await db
    .insert(consumables)
    .values({ id, ...input })
    .onConflictDoUpdate({ target: consumables.id, set: input });
  return supply(db, id);
}

/** Bought packs go on top of what is left; the use so far is settled with that. */
export async function addPacks(db: Database, id: ConsumableId, packs: number): Promise<SupplyAnswer> {
  return db.transaction(async (tx) => {
    await tx.insert(consumables).values(emptySupply(id)).onConflictDoNothing();
    await lockRow(tx, consumables, id);
    const { leftAmount, buyAtAmount, packAmount, packPrice } = await supply(tx, id);
    const countedAmount = leftAmount + packs * packAmount;
    const countedAt = new Date().toISOString();
    const row = { id, countedAmount, countedAt, buyAtAmount, packAmount, packPrice };
    await tx.insert(consumables).values(row).onConflictDoUpdate({ target: consumables.id, set: row });
    return supply(tx, id);
  });
}
