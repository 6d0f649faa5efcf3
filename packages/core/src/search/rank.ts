import { durationWords, countWords } from '../format';
import { spreadFor, ringChances, runToEnd, type Interval } from '../uncertainty';
import type { Kit } from '../kit';
import { LOST_PER_RISK } from '../route';
import { candidatesOf, prospects, type Candidate } from './candidates';
import { paretoFront } from './pareto';
import { idealWidthMm, type RingWish, type SearchPiece } from './wish';

/** An answer to "what should I use?". */
export interface SearchOption extends Candidate {
  readonly stockId: string;
  readonly annealCount: number;
  readonly minutes: number;
  readonly widthErrorMm: number;
  readonly widthMm: Interval;
  readonly sizeMm: Interval;
  /** Chance that the ring is lost, 0 to 1. */
  readonly lost: number;
  /** Chance that its size needs another pass, 0 to 1. */
  readonly anotherPass: number;
  /** Of the piece; undefined when nobody knows. */
  readonly price: number | undefined;
  /** No other option is as good in everything and better in something. */
  readonly onFront: boolean;
  /** 0 to 100, higher is better. */
  readonly score: number;
  readonly why: string;
}

export interface SearchOptions {
  readonly seed?: number | undefined;
  /** Options whose rings are drawn; the rest is left out. */
  readonly most?: number | undefined;
}

/** What each thing takes off a hundred points: a millimetre off the width weighs as much as three anneals. */
const TAKES = {
  widthMm: 9,
  lost: 60,
  /** A pass more to its size, and an anneal before it now and then (our assumption). */
  anotherPass: 3,
  anneal: 3,
  minute: 0.15,
  missingTool: 20,
  /** Edges that no reduction has turned in are left as the file left them: less comfort, worth two anneals (our assumption). */
  edgesLeft: 7,
} as const;
const MOST_OPTIONS = 24;
/** Enough to rank by; the plan itself draws ten times as many. */
const RINGS_PER_OPTION = 120;
const DRAW_INTERVALS = 8;
/** Twice as many prospects are routed as options are wanted: glance and route do not rank quite alike. */
const ROUTED_PER_OPTION = 2;
/** Shares of the work, roughly. */
const STAGES = { glance: 0.3, route: 0.4, draw: 0.3 } as const;

function widthErrorMm({ bandWidthMm }: Candidate, wish: RingWish): number {
  return Math.abs(bandWidthMm - idealWidthMm(wish.widthMm));
}

/** Whether both edges are reduced at the end: a lip turned in, trimmed, and comfortable on the finger. */
function turnsEdgesIn({ moves }: Candidate): boolean {
  return moves.includes('reduce');
}

/** How sure an option is. */
type Sure = Pick<SearchOption, 'lost' | 'anotherPass'>;

/** @param sure left out, guessed from the warnings before its rings are drawn */
function pointsOf(
  candidate: Candidate,
  wish: RingWish,
  { lost, anotherPass }: Sure = { lost: LOST_PER_RISK * candidate.cost.risks, anotherPass: 0 },
): number {
  const { cost, missingTools } = candidate;
  return (
    100 -
    TAKES.widthMm * widthErrorMm(candidate, wish) -
    TAKES.lost * lost -
    TAKES.anotherPass * anotherPass -
    TAKES.anneal * cost.anneals -
    TAKES.minute * cost.minutes -
    (turnsEdgesIn(candidate) ? 0 : TAKES.edgesLeft) -
    TAKES.missingTool * missingTools.length
  );
}

function whyWords(candidate: Candidate, wish: RingWish, lost: number): string {
  const { bandWidthMm, cost, method, missingTools } = candidate;
  const off = bandWidthMm - idealWidthMm(wish.widthMm);
  const width =
    Math.abs(off) < 0.1
      ? 'as wide as wanted'
      : `${Math.abs(off).toFixed(1)} mm ${off > 0 ? 'wider' : 'narrower'} than wanted`;
  const parts = [
    width,
    countWords(cost.anneals, 'anneal'),
    durationWords(cost.minutes),
    `${Math.round(lost * 100)} in 100 lost`,
    ...(turnsEdgesIn(candidate) ? ['edges turned in'] : []),
    ...(method === 'stepped' ? ['stepped reduction under tape'] : []),
    ...(missingTools.length > 0 ? [`needs ${missingTools.map(({ words }) => words).join(' and ')}`] : []),
  ];
  return `${parts.join(', ')}.`;
}

function optionOf(
  candidate: Candidate,
  wish: RingWish,
  kit: Kit,
  options: SearchOptions,
): Omit<SearchOption, 'onFront'> {
  const { piece, holeMm, school, moves, cost } = candidate;
  const { targetInsideDiameterMm, wall } = wish;
  const chances = runToEnd(
    ringChances({
      input: { coin: piece, holeMm, targetInsideDiameterMm, wall },
      kit,
      school,
      moves,
      traits: wish.traits,
      spread: spreadFor(piece, { traits: wish.traits }),
      rings: RINGS_PER_OPTION,
      intervals: DRAW_INTERVALS,
      seed: options.seed,
    }),
  );
  const sure = { lost: chances.lost, anotherPass: chances.chanceOf.size };
  return {
    ...candidate,
    ...sure,
    stockId: piece.id,
    annealCount: cost.anneals,
    minutes: cost.minutes,
    widthErrorMm: widthErrorMm(candidate, wish),
    widthMm: chances.widthMm,
    sizeMm: chances.sizeMm,
    price: piece.price ?? undefined,
    score: Math.max(0, Math.min(100, pointsOf(candidate, wish, sure))),
    why: whyWords(candidate, wish, chances.lost),
  };
}

/** The school with the most points; the others differ by little and would crowd the list. */
function bestSchool(candidates: readonly Candidate[], wish: RingWish): readonly Candidate[] {
  const [first, ...rest] = candidates;
  if (!first) return [];
  return [rest.reduce((best, one) => (pointsOf(one, wish) > pointsOf(best, wish) ? one : best), first)];
}

/**
 * Ranks what the drawer and the punches can make of a wish, best first. Every piece, punch and school is glanced at; the
 * most promising are routed with this kit, and the best of those have their rings drawn. The front is what nothing else
 * beats in width error, chance to be lost, anneals, minutes and price together.
 * @yields progress, 0 to 1
 */
export function* searchStock(
  stock: readonly SearchPiece[],
  kit: Kit,
  wish: RingWish,
  options: SearchOptions = {},
): Generator<number, readonly SearchOption[]> {
  const { most = MOST_OPTIONS } = options;
  const looking = prospects(stock, kit, wish);
  let look = looking.next();
  for (; !look.done; look = looking.next()) yield look.value * STAGES.glance;

  const promising = look.value.slice(0, ROUTED_PER_OPTION * most);
  const routed: Candidate[] = [];
  for (const [i, prospect] of promising.entries()) {
    yield STAGES.glance + (STAGES.route * i) / promising.length;
    routed.push(...bestSchool(candidatesOf(prospect, kit, wish), wish));
  }

  const best = routed.sort((a, b) => pointsOf(b, wish) - pointsOf(a, wish)).slice(0, most);
  const drawn: Omit<SearchOption, 'onFront'>[] = [];
  for (const [i, candidate] of best.entries()) {
    yield STAGES.glance + STAGES.route + (STAGES.draw * i) / best.length;
    drawn.push(optionOf(candidate, wish, kit, options));
  }
  const front = paretoFront(
    drawn.map((one) => [one.widthErrorMm, one.lost, one.annealCount, one.minutes, one.price ?? 0]),
  );
  return drawn.map((one, i) => ({ ...one, onFront: front[i] ?? false })).sort((a, b) => b.score - a.score);
}
