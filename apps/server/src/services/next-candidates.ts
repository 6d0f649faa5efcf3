import type { StockItem } from '@round-mint/contract/stock';
import { SIZES_US, type RingToMake } from '@round-mint/core/demand';
import type { WallKind } from '@round-mint/core/forming';
import { WALL_KINDS } from '@round-mint/core/forming/codes';
import type { Kit } from '@round-mint/core/kit';
import { metalById } from '@round-mint/core/metal';
import { SIZE_SYSTEMS } from '@round-mint/core/size';
import type { BenchTraits } from '@round-mint/core/steps';
import {
  coinReach,
  marginAt,
  possiblePrice,
  type Amounts,
  type PriceInput,
  type WishKind,
} from '@round-mint/core/trade';
import { worksForShelf, type ShelfWork, type WayCoin, type WayStrip } from '@round-mint/core/ways';
import { metalOfWork } from '@round-mint/core/work';
import { and, eq, gt, isNull, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { ringOutcomes, rings } from '../db/schema';
import { madeByPlan, priceInput, type loadPriceContext } from './costs';
import type { DrawerPiece } from './drawer';
import { demandGroup, variantOf, type Asked } from './demand';
import { WISH_OF } from './shelf-sale';
import { paidFor, type Paid, type TakenPart } from './stock-taken';

/** Minutes at the bench of a coin ring of which nothing is known yet, and as how many rings what is usual counts. */
const USUAL_MIN = 110;
const USUAL_COUNT = 3;
/** Supplies that a coin ring usually takes, beside what its minutes cost. */
const USUAL_AMOUNTS: Amounts = { gas: 20, abrasive: 0.3, compound: 1 };
/** Asked for as often before anything is known, rings: who wants a coin ring or a band seldom means these (our assumption). */
const USUAL_ASKED = 2;
const SELDOM_ASKED = 0.5;
const VARIANTS: Readonly<Record<WishKind, Readonly<Record<string, number>>>> = {
  coin: {
    ...Object.fromEntries(WALL_KINDS.map((wall) => [wall, USUAL_ASKED])),
    'coin-band': SELDOM_ASKED,
  },
  handle: { handle: USUAL_ASKED },
  strip: { strip: USUAL_ASKED, spinner: SELDOM_ASKED },
  band: { band: USUAL_ASKED },
};

/** A piece of the drawer with what its test found; how many there are counts those that are just as it. */
export interface ForShelf {
  readonly piece: DrawerPiece;
  readonly count: number;
}

interface MinutesOf {
  readonly wall: string | null;
  readonly minutes: number;
}

/** Of finished rings, by what was made. */
type MinutesByKind = ReadonlyMap<string, readonly MinutesOf[]>;

/** How long each finished ring took. */
export async function readMinutes(db: Database): Promise<MinutesByKind> {
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
  const known = new Map<string, MinutesOf[]>();
  for (const { kind, wall, minutes } of rows) {
    if (kind === null || minutes === null) continue;
    const ofKind = known.get(kind);
    if (ofKind) ofKind.push({ wall, minutes });
    else known.set(kind, [{ wall, minutes }]);
  }
  return known;
}

/** What some rings took on average, drawn to what is usual while they are few, minutes. */
function meanMin(some: readonly MinutesOf[], usualMin: number): number {
  const known = some.reduce((sum, { minutes }) => sum + minutes, 0);
  return (known + USUAL_COUNT * usualMin) / (some.length + USUAL_COUNT);
}

/** Minutes of a coin ring with such a wall: what they took at this bench. */
function coinMin(known: MinutesByKind, wall: WallKind): number {
  const coins = known.get('coin') ?? [];
  return meanMin(
    coins.filter((one) => one.wall === wall),
    meanMin(coins, USUAL_MIN),
  );
}

/** How often each variant of each group was asked for, by {@link countKey}. */
type AskedCounts = ReadonlyMap<string, number>;

const countKey = (group: string, variant: string) => `${group} ${variant}`;

/** Counted once for all candidates. */
export function askedCounts(asked: readonly Asked[]): AskedCounts {
  const counts = new Map<string, number>();
  for (const { group, variant } of asked) {
    const key = countKey(group, variant);
    counts.set(key, (counts.get(key) ?? 0) + 1);
  }
  return counts;
}

/** How much of its group's demand a variant meets: as often as it was asked for, against the commonest. */
function appealOf(counts: AskedCounts, group: string, wish: WishKind, variant: string): number {
  const weightOf = (name: string, usual: number) => (counts.get(countKey(group, name)) ?? 0) + usual;
  const usual = VARIANTS[wish];
  const most = Math.max(...Object.entries(usual).map(([name, count]) => weightOf(name, count)));
  return weightOf(variant, usual[variant] ?? 0) / most;
}

type Prices = Awaited<ReturnType<typeof loadPriceContext>>;

/** What candidates are made and priced with. */
export interface ShelfBench {
  readonly kit: Kit;
  readonly traits: BenchTraits;
  readonly prices: Prices;
  readonly paid: Paid;
  readonly minutes: MinutesByKind;
  readonly counts: AskedCounts;
  /** That other parts may be cut from. */
  readonly strips: readonly WayStrip[];
}

/** A ring that could be made for the shelf. */
export interface Candidate extends RingToMake {
  readonly piece: StockItem;
  /** Of a coin ring. */
  readonly wall: WallKind | null;
  /** Of any other. */
  readonly made: ShelfWork | null;
  readonly price: number;
}

const SIZES_MM = SIZES_US.map((us) => SIZE_SYSTEMS.us.toDiameterMm(us));

/** What a candidate leaves over at the price that the workshop would ask; nothing where no price carries it. */
function worthOf(input: PriceInput) {
  const price = possiblePrice(input)?.price;
  return price === undefined ? undefined : { price, margin: marginAt(input, price) };
}

function coinCandidates(
  { piece, count }: ForShelf & { readonly piece: DrawerPiece & WayCoin },
  { kit, prices, paid, minutes, counts }: ShelfBench,
): readonly Candidate[] {
  const group = demandGroup('coin', piece.metal);
  return WALL_KINDS.flatMap((wall) => {
    const reach = coinReach(piece, kit, { kind: wall });
    if (!reach) return [];
    const workedMin = coinMin(minutes, wall);
    const made = {
      ...{ metal: piece.metal, pieceMassG: piece.massG ?? 0, scrapMassG: 0, amounts: USUAL_AMOUNTS },
      ...{ minutes: workedMin, stockCost: paidFor({ stockId: piece.id, lengthMm: 0 }, paid) },
    };
    const worth = worthOf(priceInput(made, { ...prices, coupon: 0 }));
    if (!worth) return [];
    const appeal = appealOf(counts, group, 'coin', variantOf('coin', wall, 'coin'));
    return SIZES_MM.filter((mm) => mm >= reach.min && mm <= (reach.comfortableMax ?? reach.min)).map(
      (insideDiameterMm) => ({
        ...{ id: `${piece.id}/${wall}/${insideDiameterMm.toFixed(2)}`, group, insideDiameterMm, appeal },
        ...{ ...worth, hours: workedMin / 60, piece, wall, made: null },
        takes: [{ stockId: piece.id, share: 1 / count }],
      }),
    );
  });
}

/** What a work takes: whole pieces, or lengths of strip. */
function partsOf(piece: StockItem, { plan, other }: ShelfWork): readonly TakenPart[] {
  const own = { stockId: piece.id, lengthMm: plan.usesLengthMm };
  return other ? [own, { stockId: other.piece.id, lengthMm: plan.otherUsesMm }] : [own];
}

/** The same as shares of what there is; parts of one strip are one. */
function sharesOf(parts: readonly TakenPart[], { piece, count }: ForShelf, strips: readonly WayStrip[]) {
  const shares = new Map<string, number>();
  for (const { stockId, lengthMm } of parts) {
    const strip = strips.find(({ id }) => id === stockId);
    const pieces = stockId === piece.id ? count : (strip?.quantity ?? 1);
    const share = lengthMm > 0 && strip ? lengthMm / (strip.lengthMm * pieces) : 1 / pieces;
    shares.set(stockId, (shares.get(stockId) ?? 0) + share);
  }
  return [...shares].map(([stockId, share]) => ({ stockId, share }));
}

function workCandidates(one: ForShelf, bench: ShelfBench): readonly Candidate[] {
  const { piece } = one;
  const { prices, paid, minutes, counts, strips } = bench;
  return worksForShelf(piece, strips, SIZES_MM, bench).flatMap((made): readonly Candidate[] => {
    const { work, plan, insideDiameterMm } = made;
    const metal = metalOfWork(work, piece);
    const wish = WISH_OF[work.kind];
    const group = demandGroup(wish, metal);
    const workedMin = meanMin(minutes.get(work.kind) ?? [], plan.totals.handsOnMin);
    const parts = partsOf(piece, made);
    const stockCost = parts.reduce((sum, part) => sum + paidFor(part, paid), 0);
    const taken = { ...madeByPlan(metal, plan), minutes: workedMin, stockCost };
    const worth = worthOf(priceInput(taken, { ...prices, coupon: 0 }));
    if (!worth) return [];
    return [
      {
        ...{ id: `${piece.id}/${work.kind}/${insideDiameterMm.toFixed(2)}`, group, insideDiameterMm },
        ...{ ...worth, hours: workedMin / 60, piece, wall: null, made },
        appeal: appealOf(counts, group, wish, variantOf(wish, null, work.kind)),
        takes: sharesOf(parts, one, strips),
      },
    ];
  });
}

/** Every ring that a piece could become for the shelf, in every size. */
export function candidatesOf(one: ForShelf, bench: ShelfBench): readonly Candidate[] {
  const { piece } = one;
  if (metalById(piece.metal).refusal !== undefined) return [];
  const works = workCandidates(one, bench);
  // What a test has ruled out is not offered.
  if (piece.kind !== 'coin' || piece.may?.fold === 'no') return works;
  return [...coinCandidates({ ...one, piece }, bench), ...works];
}
