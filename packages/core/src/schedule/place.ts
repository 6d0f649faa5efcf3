import { emptySchedule, layNext, type ScheduleBuilder } from './schedule-builder';
import { ranksBefore } from './rank';
import type { Placed, Score, Shop } from './shop';

export function scoreOf({ shop, readyMin, pinMissMin, setUpMin }: ScheduleBuilder): Score {
  let [lateMin, endMin, flowMin] = [0, shop.nowMin, 0];
  shop.jobs.forEach(({ dueMin = Infinity, steps }, i) => {
    if (steps.length === 0) return;
    const done = readyMin[i] ?? 0;
    lateMin += Math.max(0, done - dueMin);
    endMin = Math.max(endMin, done);
    flowMin += done;
  });
  return { pinMissMin, lateMin, setUpMin, endMin, flowMin };
}

/**
 * Lays the steps in an order of work.
 * @param order a job's place in {@link Shop.jobs} once for each of its steps: the n-th time means its n-th step
 */
export function placeInOrder(shop: Shop, order: readonly number[]): Placed {
  const bench = emptySchedule(shop);
  for (const job of order) layNext(bench, job);
  return { blocks: bench.blocks, score: scoreOf(bench) };
}

/** A minute of set-up is worth as many minutes of an earlier end: nobody stays over a pause to change one die less (judgement). */
const END_PER_SET_UP = 16;

/** Whether one schedule is better than another: pins, then lateness, then set-ups and the end together. */
export function isBetter(one: Score, other: Score): boolean {
  const ranked = (score: Score) => [
    score.pinMissMin,
    score.lateMin,
    END_PER_SET_UP * score.setUpMin + score.endMin,
    score.flowMin,
  ];
  return ranksBefore(ranked(one), ranked(other));
}
