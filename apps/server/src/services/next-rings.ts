import type { NextList, NextQuery, NextRing } from '@round-mint/contract/shelf';
import type { StockItem } from '@round-mint/contract/stock';
import { MONTH_DAYS, proposing, SIZES_US, type Proposal, type RingToMake } from '@round-mint/core/demand';
import type { Kit } from '@round-mint/core/kit';
import { metalById } from '@round-mint/core/metal';
import { SIZE_SYSTEMS } from '@round-mint/core/size';
import { WALL_KINDS } from '@round-mint/core/forming/codes';
import type { WallKind } from '@round-mint/core/forming';
import { coinReach, marginAt, possiblePrice, type Amounts, type PriceInput } from '@round-mint/core/trade';
import { and, eq, gt, isNull, sql } from 'drizzle-orm';
import { setImmediate } from 'node:timers/promises';
import type { Database } from '../db/database';
import { ringOutcomes, rings, stock } from '../db/schema';
import { loadPriceContext, priceInput } from './costs';
import { demandGroup, readAsked, readLays, type Asked, type ShelfLay } from './demand';
import { inSlices } from './in-slices';
import { readKit } from './kit';
import { stockItem } from './stored-rows';

const DAY_MS = 86_400_000;
/** Minutes at the bench of a ring of which nothing is known yet, and as how many rings that counts. */
const USUAL_MIN = 110;
const USUAL_COUNT = 3;
/** Supplies that a ring usually takes, beside what its minutes cost. */
const USUAL_AMOUNTS: Amounts = { gas: 20, abrasive: 0.3, compound: 1 };
/** A coin's faces go round at their best as it is folded; the other walls are asked for now and then (our assumption). */
const WALL_PRIOR = 2;

interface MinutesOf {
  readonly kind: string;
  readonly wall: string | null;
  readonly minutes: number;
}

async function readMinutes(db: Database): Promise<readonly MinutesOf[]> {
  const log = sql`${ringOutcomes.summary}->'log'`;
  const rows = await db
    .select({
      kind: sql<string | null>`${log}->>'kind'`,
      wall: sql<string | null>`${log}->>'wall'`,
      minutes: ringOutcomes.workedMin,
    })
    .from(ringOutcomes)
    .innerJoin(rings, eq(rings.id, ringOutcomes.ringId))
    .where(and(eq(rings.status, 'finished'), isNull(rings.archivedAt), gt(ringOutcomes.workedMin, 0)));
  return rows.flatMap(({ kind, wall, minutes }) =>
    kind !== null && minutes !== null ? [{ kind, wall, minutes }] : [],
  );
}

/** Hours of such a ring: what they took at this bench, drawn to what is usual while few were made. */
function hoursOf(known: readonly MinutesOf[], kind: string, wall: WallKind | null): number {
  const mean = (some: readonly MinutesOf[], prior: number) =>
    (some.reduce((sum, { minutes }) => sum + minutes, 0) + USUAL_COUNT * prior) / (some.length + USUAL_COUNT);
  const ofKind = known.filter((one) => one.kind === kind);
  const usual = mean(ofKind, USUAL_MIN);
  return (
    mean(
      ofKind.filter((one) => one.wall === wall),
      usual,
    ) / 60
  );
}

/** How much of the demand for coin rings a wall meets: as often as it was asked for, against the commonest. */
function appealOf(asked: readonly Asked[], group: string, wall: WallKind): number {
  const count = (one: string) =>
    asked.filter((each) => each.group === group && each.wall === one).length + WALL_PRIOR;
  return count(wall) / Math.max(...WALL_KINDS.map(count));
}

/** What a candidate comes to, beside what the demand is told of it. */
interface Candidate extends RingToMake {
  readonly piece: StockItem;
  readonly wall: WallKind | null;
  readonly price: number;
}

type Prices = Awaited<ReturnType<typeof loadPriceContext>>;

function inputOf(piece: StockItem, hours: number, prices: Prices): PriceInput {
  const made = {
    ...{ stockCost: piece.price ?? 0, metal: piece.metal, scrapMassG: 0 },
    pieceMassG: 'massG' in piece ? (piece.massG ?? 0) : 0,
    ...{ amounts: USUAL_AMOUNTS, minutes: hours * 60 },
  };
  return priceInput(made, { ...prices, coupon: 0 });
}

/** Sizes that a piece can become, inside diameters in mm; undefined for what no ring for the shelf is made of. */
function reachOf(piece: StockItem, kit: Kit, wall: WallKind | null) {
  if (metalById(piece.metal).refusal !== undefined) return undefined;
  if (piece.kind === 'coin') {
    const reach = coinReach(piece, kit, { kind: wall ?? 'straight' });
    return reach && { min: reach.min, max: reach.comfortableMax ?? reach.min };
  }
  if (piece.kind !== 'handle') return undefined;
  const last = piece.stations.at(-1);
  // As thick as it is where it is thickest: the ring closes round its middle.
  const thicknessMm = Math.max(...piece.stations.map((station) => station.thicknessMm));
  return last && { min: 0, max: last.atMm / Math.PI - thicknessMm };
}

interface Known {
  readonly kit: Kit;
  readonly prices: Prices;
  readonly minutes: readonly MinutesOf[];
  readonly asked: readonly Asked[];
}

function candidatesOf(piece: StockItem, { kit, prices, minutes, asked }: Known): readonly Candidate[] {
  if (piece.kind !== 'coin' && piece.kind !== 'handle') return [];
  const group = demandGroup(piece.kind, piece.metal);
  const walls: readonly (WallKind | null)[] = piece.kind === 'coin' ? WALL_KINDS : [null];
  return walls.flatMap((wall) => {
    const reach = reachOf(piece, kit, wall);
    if (!reach) return [];
    const hours = hoursOf(minutes, piece.kind, wall);
    const input = inputOf(piece, hours, prices);
    const price = possiblePrice(input)?.price;
    if (price === undefined) return [];
    const fitting = SIZES_US.map((us) => SIZE_SYSTEMS.us.toDiameterMm(us)).filter(
      (mm) => mm >= reach.min && mm <= reach.max,
    );
    return fitting.map((insideDiameterMm) => ({
      id: `${piece.id}/${wall}/${insideDiameterMm.toFixed(2)}`,
      ...{ group, insideDiameterMm, hours, price, piece, wall, stockId: piece.id },
      margin: marginAt(input, price),
      appeal: wall === null ? 1 : appealOf(asked, group, wall),
      pieces: piece.quantity,
    }));
  });
}

/** How long the oldest of the rings has lain there that the same fingers would take, days. */
function oldestDays({ ring }: Proposal, lays: readonly ShelfLay[], nowMs: number): number | null {
  const near = lays.filter(
    ({ group, toAt, insideDiameterMm }) =>
      group === ring.group && toAt === undefined && Math.abs(insideDiameterMm - ring.insideDiameterMm) < 1,
  );
  if (near.length === 0) return null;
  return Math.max(...near.map(({ fromAt }) => (nowMs - Date.parse(fromAt)) / DAY_MS));
}

/** What to make next for the shelf: of the pieces in the drawer, with why. */
export async function nextRings(db: Database, { months, count }: NextQuery): Promise<NextList> {
  const [asked, lays, kit, prices, minutes, rows] = await Promise.all([
    readAsked(db),
    readLays(db),
    readKit(db),
    loadPriceContext(db),
    readMinutes(db),
    db
      .select()
      .from(stock)
      .where(and(isNull(stock.archivedAt), gt(stock.quantity, 0))),
  ]);
  const candidates: Candidate[] = [];
  for (const piece of rows.map(stockItem)) {
    candidates.push(...candidatesOf(piece, { kit, prices, minutes, asked }));
    // What a coin can become takes a while: other calls are answered in between.
    await setImmediate();
  }
  const nowMs = Date.now();
  const now = new Date(nowMs).toISOString();
  const found = await inSlices(proposing({ asked, lays, candidates, now, months, count }));
  const byId = new Map(candidates.map((candidate) => [candidate.id, candidate]));
  const items = found.flatMap((proposal): NextRing[] => {
    const candidate = byId.get(proposal.ring.id);
    if (!candidate) return [];
    const { piece, wall, insideDiameterMm, hours, price, margin } = candidate;
    const { sellChance, gainPerHour, alike } = proposal;
    return [
      {
        ...{ stockId: piece.id, stockName: piece.name, kind: piece.kind, wall, insideDiameterMm },
        ...{ hours, price, margin, sellChance, gainPerHour, alike, asked: proposal.asked },
        oldestDays: oldestDays(proposal, lays, nowMs),
      },
    ];
  });
  const first = Math.min(
    nowMs,
    ...[...asked.map(({ at }) => at), ...lays.map(({ fromAt }) => fromAt)].map(Date.parse),
  );
  return { items, basis: { asked: asked.length, months: (nowMs - first) / DAY_MS / MONTH_DAYS } };
}
