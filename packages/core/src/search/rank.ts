import { spreadFor, ringChances, runToEnd, type Interval } from '../uncertainty';
import type { Kit } from '../route';
import { candidates, type Candidate } from './candidates';
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
  /** Chance to spoil, 0 to 1. */
  readonly spoilt: number;
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
  spoilt: 60,
  anneal: 3,
  minute: 0.15,
  missingTool: 20,
} as const;
const MOST_OPTIONS = 24;
/** Enough to rank by; the plan itself draws ten times as many. */
const RINGS_PER_OPTION = 200;
/** Share of the work that finding the candidates is; the rest is drawing their rings. */
const FINDING = 0.6;

function widthErrorMm({ bandWidthMm }: Candidate, wish: RingWish): number {
  return Math.abs(bandWidthMm - idealWidthMm(wish.widthMm));
}

/** Before its rings are drawn, each warning stands for this chance to spoil. */
const SPOILT_PER_RISK = 0.06;

/** @param spoilt chance to spoil; left out, guessed from the warnings */
function pointsOf(
  candidate: Candidate,
  wish: RingWish,
  spoilt = SPOILT_PER_RISK * candidate.cost.risks,
): number {
  const { cost, missingTools } = candidate;
  return (
    100 -
    TAKES.widthMm * widthErrorMm(candidate, wish) -
    TAKES.spoilt * spoilt -
    TAKES.anneal * cost.anneals -
    TAKES.minute * cost.minutes -
    TAKES.missingTool * missingTools.length
  );
}

function whyWords(candidate: Candidate, wish: RingWish, spoilt: number): string {
  const { bandWidthMm, cost, method, missingTools } = candidate;
  const off = bandWidthMm - idealWidthMm(wish.widthMm);
  const width =
    Math.abs(off) < 0.1
      ? 'as wide as wished'
      : `${Math.abs(off).toFixed(1)} mm ${off > 0 ? 'wider' : 'narrower'} than wished`;
  const parts = [
    width,
    `${cost.anneals} ${cost.anneals === 1 ? 'anneal' : 'anneals'}`,
    `${Math.round(cost.minutes)} min`,
    `${Math.round(spoilt * 100)} in 100 spoil`,
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
  const { piece, holeMm, school, way, cost } = candidate;
  const { targetInsideDiameterMm, wall } = wish;
  const chances = runToEnd(
    ringChances({
      input: { coin: piece, holeMm, targetInsideDiameterMm, wall },
      kit,
      school,
      way,
      spread: spreadFor(piece),
      rings: RINGS_PER_OPTION,
      seed: options.seed,
    }),
  );
  return {
    ...candidate,
    stockId: piece.id,
    annealCount: cost.anneals,
    minutes: cost.minutes,
    widthErrorMm: widthErrorMm(candidate, wish),
    widthMm: chances.widthMm,
    sizeMm: chances.sizeMm,
    spoilt: chances.spoilt,
    price: piece.price ?? undefined,
    score: Math.max(0, Math.min(100, pointsOf(candidate, wish, chances.spoilt))),
    why: whyWords(candidate, wish, chances.spoilt),
  };
}

/** Of every piece and hole the school with the most points; the others differ by little and crowd the list. */
function bestSchools(found: readonly Candidate[], wish: RingWish): readonly Candidate[] {
  const best = new Map<string, Candidate>();
  for (const candidate of found) {
    const key = `${candidate.piece.id} ${candidate.holeMm}`;
    const other = best.get(key);
    if (!other || pointsOf(candidate, wish) > pointsOf(other, wish)) best.set(key, candidate);
  }
  return [...best.values()];
}

/**
 * Ranks what the drawer and the punches can make of a wish, best first; the front is what nothing else beats in width
 * error, chance to spoil, anneals, minutes and cost together.
 * @yields progress, 0 to 1
 */
export function* searchStock(
  stock: readonly SearchPiece[],
  kit: Kit,
  wish: RingWish,
  options: SearchOptions = {},
): Generator<number, readonly SearchOption[]> {
  const finding = candidates(stock, kit, wish);
  let step = finding.next();
  while (!step.done) {
    yield step.value * FINDING;
    step = finding.next();
  }
  const ranked = bestSchools(step.value, wish)
    .map((candidate) => ({ candidate, points: pointsOf(candidate, wish) }))
    .sort((a, b) => b.points - a.points)
    .slice(0, options.most ?? MOST_OPTIONS);
  const drawn: Omit<SearchOption, 'onFront'>[] = [];
  for (const [i, { candidate }] of ranked.entries()) {
    yield FINDING + ((1 - FINDING) * i) / ranked.length;
    drawn.push(optionOf(candidate, wish, kit, options));
  }
  const front = paretoFront(
    drawn.map((one) => [one.widthErrorMm, one.spoilt, one.annealCount, one.minutes, one.price ?? 0]),
  );
  return drawn.map((one, i) => ({ ...one, onFront: front[i] ?? false })).sort((a, b) => b.score - a.score);
}
