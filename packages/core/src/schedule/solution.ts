import type { Score, Shop } from './shop';

/** An order of work and what it comes to. */
export interface Solution {
  readonly order: readonly number[];
  readonly score: Score;
}

/** Whether an order of work may be the answer. */
type Accepts = (score: Score) => boolean;

/** How long is searched, in orders of work that are laid, and from which chance. */
export interface SearchEffort {
  readonly tries: number;
  readonly seed: number;
}

/**
 * Looks for a better order of work than one that is known. The answer is never worse than that.
 * @param accepts whether an order may be the answer
 * @yields progress, 0 to 1
 */
export type Search = (
  shop: Shop,
  start: Solution,
  accepts: Accepts,
  effort: SearchEffort,
) => Generator<number, Solution>;

/** A minute of lateness, as minutes of {@link costOf}. */
export const LATE_COST = 20;

/** One number to walk by: a missed pin counts most, lateness next, set-ups next, an early end last. */
export function costOf(
  { pinMissMin, lateMin, setUpMin, endMin, flowMin }: Score,
  { nowMin, jobs }: Shop,
): number {
  const meanFlow = flowMin / Math.max(1, jobs.length) - nowMin;
  return 100 * pinMissMin + LATE_COST * lateMin + 4 * setUpMin + (endMin - nowMin) / 4 + meanFlow / 20;
}
