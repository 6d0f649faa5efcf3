import { longestSpanMin } from './calendar';
import { dispatch, firstCome, firstDue, goOnWith } from './dispatch';
import { improve, type Solution } from './improve';
import type { ScheduleJob } from './job';
import { isBetter, placeInOrder } from './place';
import type { Placed, Score, Shop } from './shop';

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
}

const TRIES = 3000;
const SEED = 17;
/** Minutes that hands wait for the next ring of a set-up rather than turn to another: several are tried. */
const PATIENCES_MIN = [0, 5, 15, 30] as const;

function isTooLong({ steps }: ScheduleJob, { calendar, rules }: Shop): boolean {
  const longest = longestSpanMin(calendar);
  return steps.some(
    ({ lane, handsMin, waitMin }) =>
      rules.setUpMin[lane] + handsMin + (lane === 'bath' ? waitMin : 0) > longest,
  );
}

/** Whether a schedule is late or ends later than the simple list would. */
function isLater(score: Score, simple: Score): boolean {
  return score.lateMin > simple.lateMin || score.endMin > simple.endMin;
}

/**
 * A day plan over all rings: earliest wanted first, never later than the simple list, with as few set-ups as that
 * allows. Rules of thumb give the first orders of work, a search betters them.
 * @yields progress, 0 to 1
 */
export function* makeSchedule(shop: Shop, options: ScheduleOptions = {}): Generator<number, Schedule> {
  const { tries = TRIES, seed = SEED } = options;
  const long = shop.jobs.filter((job) => isTooLong(job, shop));
  const fitting = { ...shop, jobs: shop.jobs.filter((job) => !long.includes(job)) };
  const solved = (order: readonly number[]): Solution & Placed => ({
    order,
    ...placeInOrder(fitting, order),
  });

  yield 0;
  const simple = solved(dispatch({ ...fitting, pins: [] }, firstCome));
  const rules = [firstCome, firstDue, ...PATIENCES_MIN.map(goOnWith)];
  const starts = rules.map((rule) => solved(dispatch(fitting, rule)));
  const best = [simple, ...starts]
    .filter(({ score }) => score.pinMissMin < simple.score.pinMissMin || !isLater(score, simple.score))
    .reduce((one, other) => (isBetter(other.score, one.score) ? other : one), simple);
  const { order } = yield* improve(fitting, best, simple.score, { tries, seed });
  return { ...placeInOrder(fitting, order), order, simple, tooLong: long.map(({ id }) => id) };
}
