import { part, spreadFor, ringChances, runToEnd, type Interval } from '../uncertainty';
import type { Kit } from '../kit';
import { LOST_PER_RISK } from '../route';
import { candidatesOf, prospects, type Candidate } from './candidates';
import { pointsOf, ranked, scoreOf, whyWords, type Judged } from './score';
import { idealWidthMm, type RingWish, type SearchPiece } from './wish';
import { WHY_WORDS } from './why-words';

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

const MOST_OPTIONS = 24;
/** Enough to rank by; the plan itself draws ten times as many. */
const RINGS_PER_OPTION = 120;
const DRAW_INTERVALS = 8;
/** Twice as many prospects are routed as options are wanted: glance and route do not rank quite alike. */
const ROUTED_PER_OPTION = 2;
/** Shares of the work, roughly. */
const STAGES = { glance: 0.3, route: 0.4, draw: 0.3 } as const;

/** How far a candidate is off the width that is aimed at, mm: signed, wider is more. */
function widthOffMm({ bandWidthMm }: Candidate, wish: RingWish): number {
  return bandWidthMm - idealWidthMm(wish.widthMm);
}

/** Whether both edges are reduced at the end: a lip turned in, trimmed, and comfortable on the finger. */
function turnsEdgesIn({ moves }: Candidate): boolean {
  return moves.includes('reduce');
}

/** @param sure left out, guessed from the warnings before its rings are drawn */
function judgedAs(
  candidate: Candidate,
  wish: RingWish,
  sure: Pick<Judged, 'lost' | 'anotherPass'> = {
    lost: LOST_PER_RISK * candidate.cost.risks,
    anotherPass: 0,
  },
): Judged {
  const { cost, missingTools } = candidate;
  return {
    ...sure,
    widthOffMm: widthOffMm(candidate, wish),
    anneals: cost.anneals,
    minutes: cost.minutes,
    missingTools: missingTools.map(({ words }) => words),
    shortcomings: turnsEdgesIn(candidate) ? 0 : 1,
  };
}

function whyOf(candidate: Candidate, judged: Judged): string {
  const { method } = candidate;
  return whyWords(judged, [
    ...(turnsEdgesIn(candidate) ? [WHY_WORDS.edgesTurnedIn] : []),
    ...(method === 'stepped' ? [WHY_WORDS.stepped] : []),
  ]);
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
  const judged = judgedAs(candidate, wish, sure);
  const widthErrorMm = Math.abs(widthOffMm(candidate, wish));
  return {
    ...candidate,
    ...sure,
    stockId: piece.id,
    annealCount: cost.anneals,
    minutes: cost.minutes,
    widthErrorMm,
    widthMm: chances.widthMm,
    sizeMm: chances.sizeMm,
    price: piece.price ?? undefined,
    score: scoreOf(judged),
    why: whyOf(candidate, judged),
  };
}

/** The school with the most points; the others differ by little and would crowd the list. */
function bestSchool(candidates: readonly Candidate[], wish: RingWish): readonly Candidate[] {
  const [first, ...rest] = candidates;
  if (!first) return [];
  const points = (one: Candidate) => pointsOf(judgedAs(one, wish));
  return [rest.reduce((best, one) => (points(one) > points(best) ? one : best), first)];
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
  const glanced = yield* part(prospects(stock, kit, wish), 0, STAGES.glance);

  const promising = glanced.slice(0, ROUTED_PER_OPTION * most);
  const routed: Candidate[] = [];
  for (const [i, prospect] of promising.entries()) {
    yield STAGES.glance + (STAGES.route * i) / promising.length;
    routed.push(...bestSchool(candidatesOf(prospect, kit, wish), wish));
  }

  const points = (one: Candidate) => pointsOf(judgedAs(one, wish));
  const best = routed.sort((a, b) => points(b) - points(a)).slice(0, most);
  const drawn: Omit<SearchOption, 'onFront'>[] = [];
  for (const [i, candidate] of best.entries()) {
    yield STAGES.glance + STAGES.route + (STAGES.draw * i) / best.length;
    drawn.push(optionOf(candidate, wish, kit, options));
  }
  return ranked(drawn);
}
