import type { Kit } from '../kit';
import {
  alikeBy,
  idealWidthMm,
  outsideWishMm,
  pieceFitsWish,
  ranked,
  scoreOf,
  searchStock,
  whyWords,
  WIDTH_TOLERANCE_MM,
  type AlikePieces,
  type Judged,
  type SearchOptions,
} from '../search';
import type { SizeSystemId } from '../size';
import { part } from '../uncertainty';
import { wayLikeness } from './alike';
import { planAttempt } from './plan-attempt';
import type { Attempt, CoinWay, Way, WayCoin, WayPiece, WayWish, WorkWay } from './way';
import { HOW_MADE_WORDS } from './way-words';
import { attemptsFor, stripsForParts } from './works-of-piece';
import { workChances } from './work-chances';

export interface WaysOptions extends SearchOptions {
  /** Other works of this piece alone: its other part may come from any strip; left out, of the whole drawer. */
  readonly stockId?: string | undefined;
  /** Size system that reasons are told in; left out, US. */
  readonly system?: SizeSystemId | undefined;
}

type Unranked = Omit<WorkWay, 'onFront'>;

/** Of each kind of work so many are shown: a drawer of coins has as many bands with a coin. */
const MOST_OF_KIND = 4;
/** Share of the work that coin rings are. */
const COINS = 0.8;

/** Whether any width will do. */
function isOpen({ widthMm: { min, max, ideal } }: WayWish): boolean {
  return min === undefined && max === undefined && ideal === undefined;
}

function wayOf(
  { piece, count }: AlikePieces<WayPiece>,
  attempt: Attempt,
  wish: WayWish,
  kit: Kit,
  options: WaysOptions,
): Unranked | undefined {
  const plan = planAttempt(piece, attempt, wish, { kit, traits: wish.traits, system: options.system });
  if (!plan) return undefined;
  const { bandWidthMm } = plan.prediction;
  if (outsideWishMm(bandWidthMm, wish.widthMm) > WIDTH_TOLERANCE_MM) return undefined;
  const { work, other } = attempt;
  const prices = [piece.price, ...(other && !other.isSame ? [other.piece.price] : [])];
  const known = prices.reduce<number>((sum, price) => sum + (price ?? 0), 0);
  if (wish.priceMax !== undefined && known > wish.priceMax) return undefined;
  const warnings = plan.reasons.filter(({ level }) => level === 'warn');
  const chances = workChances(piece, attempt, plan, wish.traits);
  const judged: Judged = {
    ...chances,
    // Where any width will do, theirs is as good as another.
    widthOffMm: isOpen(wish) ? undefined : bandWidthMm - idealWidthMm(wish.widthMm),
    anneals: plan.totals.anneals,
    minutes: plan.totals.handsOnMin,
    // Works that need a tool which is not there are not tried.
    missingTools: [],
    shortcomings: warnings.length,
  };
  return {
    ...chances,
    ...attempt,
    kind: work.kind,
    piece,
    stockId: piece.id,
    alike: count,
    bandWidthMm,
    widthErrorMm: Math.abs(judged.widthOffMm ?? 0),
    annealCount: judged.anneals,
    minutes: judged.minutes,
    price: prices.every((price) => typeof price === 'number') ? known : undefined,
    missingTools: [],
    score: scoreOf(judged),
    why: whyWords(judged, [
      ...HOW_MADE_WORDS.of(work, other?.piece.name),
      ...HOW_MADE_WORDS.warned(judged.shortcomings),
    ]),
  };
}

const byScore = (one: Unranked, other: Unranked) => other.score - one.score;

/** Of one piece the best of each kind: styles and thicknesses differ by little, and would crowd the list. */
function bestOfEachKind(ways: readonly Unranked[]): readonly Unranked[] {
  const sorted = [...ways].sort(byScore);
  return sorted.filter(({ kind }, i) => sorted.findIndex((other) => other.kind === kind) === i);
}

/** Of all pieces the best few of each kind. */
function fewOfEachKind(ways: readonly Unranked[]): readonly Unranked[] {
  const kinds = new Set(ways.map(({ kind }) => kind));
  return [...kinds].flatMap((kind) =>
    ways
      .filter((way) => way.kind === kind)
      .sort(byScore)
      .slice(0, MOST_OF_KIND),
  );
}

/**
 * What handles, strips, and coins in a band make of a wish, best first: of each piece the best of each kind of work, and a
 * few of each kind.
 * @yields progress, 0 to 1
 */
export function* workWays(
  drawer: readonly WayPiece[],
  kit: Kit,
  wish: WayWish,
  options: WaysOptions = {},
): Generator<number, readonly WorkWay[]> {
  const strips = stripsForParts(drawer, wish);
  const used = drawer.filter(
    (piece) => pieceFitsWish(piece, wish) && (options.stockId === undefined || piece.id === options.stockId),
  );
  const pieces = alikeBy(used, wayLikeness);
  const found: Unranked[] = [];
  for (const [i, one] of pieces.entries()) {
    yield i / pieces.length;
    const attempts = attemptsFor(one.piece, strips, kit, wish);
    found.push(
      ...bestOfEachKind(attempts.flatMap((attempt) => wayOf(one, attempt, wish, kit, options) ?? [])),
    );
  }
  return ranked(fewOfEachKind(found));
}

/**
 * Every way the drawer can make a ring that is wished for, best first: coin rings and other works beside each other, judged
 * by the same things.
 * @yields progress, 0 to 1
 */
export function* rankWays(
  drawer: readonly WayPiece[],
  kit: Kit,
  wish: WayWish,
  options: WaysOptions = {},
): Generator<number, readonly Way[]> {
  // What a test has ruled out is not offered.
  const coins = drawer.filter((piece): piece is WayCoin => piece.kind === 'coin' && piece.may?.fold !== 'no');
  const found = yield* part(searchStock(coins, kit, wish, options), 0, COINS);
  const rings = found.map((option): CoinWay => ({ ...option, kind: 'coin' }));
  const works = yield* part(workWays(drawer, kit, wish, options), COINS, 1);
  return ranked<Way>([...rings, ...works]);
}
