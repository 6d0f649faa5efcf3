import { part } from '../uncertainty';
import {
  dispatch,
  firstCome,
  firstDue,
  goOnWith,
  modifiedDue,
  tardinessCost,
  type Urgency,
} from './dispatch';
import { leastLate } from './exact';
import { improve } from './improve';
import type { ScheduleJob } from './job';
import { isBetter, placeInOrder } from './place';
import type { Solution } from './solution';
import { handsOf, longestWorkMin, type Placed, type Score, type Shop } from './shop';

export interface Schedule extends Placed {
  /** The order of work that it came from, for promises that build on it. */
  readonly order: readonly number[];
  /** The simple list on the same rings: whatever can be done next, first come first. */
  readonly simple: Placed;
  /** Rings with a step that is longer than any stretch of work. */
  readonly tooLong: readonly string[];
}

export interface ScheduleOptions {
  readonly tries?: number | undefined;
  readonly seed?: number | undefined;
  /** Whether every order of few rings is looked at, which takes seconds; left out, it is. */
  readonly exact?: boolean | undefined;
}

const TRIES = { turns: 300_000, least: 1000, most: 6000 };
/** Turns that may be laid in looking at every order of so many rings: some seconds. */
const EXACT_TURNS: Readonly<Record<number, number>> = { 1: 20_000, 2: 400_000, 3: 1_000_000 };
/** From so many rings on, each rule of thumb takes as long as dozens of orders tried. */
const CROWDED = 30;
/** Shares of the whole at which the search goes on to every order, and back from it. */
const FIRST_SEARCH = 0.4;
const LAST_SEARCH = 0.9;
const SEED = 17;
/** Minutes that hands wait for the next ring of a set-up rather than turn to another: several are tried. */
const PATIENCES_MIN = [0, 5, 15, 30] as const;
/** How far rules look ahead: none is best for every shop. */
const LOOK_AHEADS = [
  { dates: 0.5, setUps: 0.5 },
  { dates: 2, setUps: 1 },
  { dates: 8, setUps: 4 },
] as const;

function isTooLong({ steps }: ScheduleJob, shop: Shop): boolean {
  const longest = longestWorkMin(shop);
  return steps.some(
    ({ lane, handsMin, waitMin }) =>
      shop.rules.setUpMin[lane] + handsMin + (lane === 'bath' ? waitMin : 0) > longest,
  );
}

/** Whether a schedule is later than the simple list, or as late and ends after it. */
function isLater(score: Score, simple: Score): boolean {
  return score.lateMin > simple.lateMin || (score.lateMin === simple.lateMin && score.endMin > simple.endMin);
}

/** First orders of work by rules of thumb; of many rings, only those that look a little ahead. */
function rulesFor({ jobs }: Shop): readonly Urgency[] {
  const patiences = jobs.length > CROWDED ? PATIENCES_MIN.slice(0, 2) : PATIENCES_MIN;
  return [
    firstCome,
    firstDue,
    ...patiences.flatMap((patience) => [
      goOnWith(patience),
      modifiedDue(patience),
      ...LOOK_AHEADS.map((ahead) => tardinessCost(patience, ahead)),
    ]),
  ];
}

/** Orders that are tried: as many as are placed in about the same time, whatever the number of rings. */
function triesFor({ jobs }: Shop): number {
  const turns = jobs.reduce((sum, { steps }) => sum + steps.length, 0);
  return Math.max(TRIES.least, Math.min(TRIES.most, Math.round(TRIES.turns / Math.max(1, turns))));
}

/**
 * A day plan over all rings: as little lateness as can be, then as few set-ups and as early an end as that allows; never
 * later than the simple list. Rules of thumb give the first orders of work, a search betters them; of up to three rings,
 * every order is looked at or ruled out.
 * @yields progress, 0 to 1
 */
export function* makeSchedule(shop: Shop, options: ScheduleOptions = {}): Generator<number, Schedule> {
  const long = shop.jobs.filter((job) => isTooLong(job, shop));
  const fitting = { ...shop, jobs: shop.jobs.filter((job) => !long.includes(job)) };
  const { tries = triesFor(fitting), seed = SEED, exact = true } = options;
  const solved = (order: readonly number[]): Solution & Placed => ({
    order,
    ...placeInOrder(fitting, order),
  });

  yield 0;
  const simple = solved(dispatch({ ...fitting, pins: [] }, firstCome));
  const starts = rulesFor(fitting).map((rule) => solved(dispatch(fitting, rule)));
  const best = [simple, ...starts]
    .filter(({ score }) => score.pinMissMin < simple.score.pinMissMin || !isLater(score, simple.score))
    .reduce((one, other) => (isBetter(other.score, one.score) ? other : one), simple);
  const search = { tries, seed };
  const found = yield* part(improve(fitting, best, simple.score, search), 0, FIRST_SEARCH);
  const least = exact ? yield* part(exactly(fitting, found.score), FIRST_SEARCH, LAST_SEARCH) : undefined;
  const order = least
    ? (yield* part(improve(fitting, solved(least), solved(least).score, search), LAST_SEARCH, 1)).order
    : found.order;
  return { ...placeInOrder(fitting, order), order, simple, tooLong: long.map(({ id }) => id) };
}

/**
 * An order that is less late than what was found, of few rings and one pair of hands; undefined where there is none, or
 * nothing is late.
 */
function* exactly(shop: Shop, found: Score): Generator<number, readonly number[] | undefined> {
  if (handsOf(shop).length > 1) return undefined;
  const most = EXACT_TURNS[shop.jobs.filter(({ steps }) => steps.length > 0).length];
  if (most === undefined || (found.lateMin === 0 && found.pinMissMin === 0)) return undefined;
  return (yield* leastLate(shop, found, most)).order;
}
