import type { ShopNumbersAnswer } from '@round-mint/contract/shop';
import { costOf, shelfProgress, shopNumbers, type PastRing } from '@round-mint/core/trade';
import { and, asc, eq, gt, inArray, isNull, sql } from 'drizzle-orm';
import { setImmediate } from 'node:timers/promises';
import type { Database } from '../db/database';
import { ringOutcomes, rings } from '../db/schema';
import { isoTime } from './resource';
import { booked, pastSale } from './books';
import { ringsCosts } from './costs';
import { everyPage } from './list';
import { createResources } from './resources';
import { summariesOf } from './ring-summaries';

/** So many are read at once: few enough that other calls hardly wait. */
const RINGS_AT_ONCE = 1000;
/** No id comes before it. */
const FIRST_ID = '00000000-0000-0000-0000-000000000000';

/** A ring that is over as its figures stand, null where there is none. */
function pastRing(ring: {
  readonly overAt: string;
  readonly workedMin: number;
  readonly spoiltBy: string | null;
  readonly sizeErrorUs: number | null;
}): PastRing {
  const { spoiltBy, sizeErrorUs } = ring;
  return { ...ring, spoiltBy: spoiltBy ?? undefined, sizeErrorUs: sizeErrorUs ?? undefined };
}

/** Rings that are over and not archived, a page of them, each with what is known of it already. */
function pastPage(db: Database, after: string) {
  return db
    .select({
      id: rings.id,
      overAt: sql<string>`coalesce(${rings.finishedAt}, ${rings.createdAt})`.mapWith(isoTime),
      workedMin: ringOutcomes.workedMin,
      spoiltBy: ringOutcomes.spoiltBy,
      sizeErrorUs: ringOutcomes.sizeErrorUs,
    })
    .from(rings)
    .leftJoin(
      ringOutcomes,
      and(eq(ringOutcomes.ringId, rings.id), eq(ringOutcomes.summarised, ringOutcomes.seen)),
    )
    .where(and(gt(rings.id, after), inArray(rings.status, ['finished', 'spoilt']), isNull(rings.archivedAt)))
    .orderBy(asc(rings.id))
    .limit(RINGS_AT_ONCE);
}

/** Every ring that is over and not archived. */
async function pastRings(db: Database): Promise<readonly PastRing[]> {
  const past: PastRing[] = [];
  const unknown: string[] = [];
  for (let after = FIRST_ID; ;) {
    const rows = await pastPage(db, after);
    for (const { id, overAt, workedMin, spoiltBy, sizeErrorUs } of rows) {
      if (workedMin === null) unknown.push(id);
      else past.push(pastRing({ overAt, workedMin, spoiltBy, sizeErrorUs }));
    }
    await setImmediate();
    const last = rows.at(-1);
    if (!last || rows.length < RINGS_AT_ONCE) break;
    after = last.id;
  }
  for (const { log, workedMin, spoiltBy = null } of await summariesOf(db, unknown)) {
    past.push(pastRing({ overAt: log.finishedAt, workedMin, spoiltBy, sizeErrorUs: log.sizeErrorUs }));
  }
  return past;
}

/** What lies on the shelf, at its prices and at what making it cost. */
async function shelfWorth(db: Database): Promise<ShopNumbersAnswer['shelf']> {
  const lying = await everyPage((query) => createResources(db).shelf.list({ ...query, gone: '0' }));
  const costs = await ringsCosts(
    db,
    lying.map(({ ringId }) => ringId),
  );
  return lying.reduce(
    ({ rings: count, atPrice, atCost }, { ringId, events }) => {
      const input = costs.get(ringId);
      return {
        rings: count + 1,
        atPrice: atPrice + shelfProgress(events).price,
        atCost: atCost + (input ? costOf(input) : 0),
      };
    },
    { rings: 0, atPrice: 0, atCost: 0 },
  );
}

/** What the shop wants to know of itself, for the last twelve months. */
export async function readShopNumbers(db: Database): Promise<ShopNumbersAnswer> {
  const sales = (await booked(db)).map(pastSale);
  const { months, spoiltBy, byWay, byDiscount, ...numbers } = shopNumbers(
    await pastRings(db),
    sales,
    new Date().toISOString(),
  );
  const margins = sales.reduce((sum, { margin }) => sum + margin, 0);
  return {
    ...numbers,
    months: months.map((month) => ({
      ...month,
      hoursEach: month.hoursEach ?? null,
      sizeErrorUs: month.sizeErrorUs ?? null,
    })),
    spoiltBy: [...spoiltBy],
    byWay: byWay.map((way) => ({ ...way, marginPerHour: way.marginPerHour ?? null })),
    byDiscount: [...byDiscount],
    shelf: await shelfWorth(db),
    marginShare: numbers.marginShare ?? null,
    marginPerOrder: sales.length === 0 ? null : margins / sales.length,
  };
}
