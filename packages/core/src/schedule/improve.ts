import { part } from '../uncertainty';
import { anneal } from './annealing';
import { rebuild } from './iterated-greedy';
import type { Score, Shop } from './shop';
import type { SearchEffort, Solution } from './solution';

/** From so many rings on, putting turns back where they cost least finds more than annealing in the same time. */
const MANY_RINGS = 30;
/** Of fewer, this share of the effort goes into annealing first. */
const ANNEALED = 0.5;

/** What part of the effort annealing takes: all where nothing is late, or something is pinned, since it goes furthest afield. */
function annealedShare({ jobs, pins }: Shop, { score: { lateMin } }: Solution): number {
  if (lateMin === 0 || pins.length > 0) return 1;
  return jobs.length < MANY_RINGS ? ANNEALED : 0;
}

/**
 * Looks for a better order of work. The answer is never worse than the order it began with.
 * @param limit what no accepted answer may exceed: lateness and end of the simple list
 * @yields progress, 0 to 1
 */
export function* improve(
  shop: Shop,
  start: Solution,
  limit: Pick<Score, 'lateMin' | 'endMin'>,
  { tries, seed }: SearchEffort,
): Generator<number, Solution> {
  const accepts = (score: Score) =>
    score.pinMissMin < start.score.pinMissMin ||
    score.lateMin < limit.lateMin ||
    (score.lateMin === limit.lateMin && score.endMin <= limit.endMin);
  const annealed = annealedShare(shop, start);
  const effort = (share: number) => ({ tries: Math.round(tries * share), seed });
  const found = yield* part(anneal(shop, start, accepts, effort(annealed)), 0, annealed);
  return yield* part(rebuild(shop, found, accepts, effort(1 - annealed)), annealed, 1);
}
