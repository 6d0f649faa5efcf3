import { earliestMin, emptyBench, layNext, setUpMinutes, upcoming, type Laying } from './laying';
import { ranksBefore } from './rank';
import type { Shop } from './shop';

/** Of the jobs that are left, the one to turn to; lower goes first. */
export type Urgency = (bench: Laying, job: number) => readonly number[];

/**
 * An order of work that a rule leads to: at every turn the hands take what is most urgent.
 * @returns per step the job's place in the shop, as {@link placeInOrder} takes it; jobs that no span takes are left out
 */
export function dispatch(shop: Shop, urgency: Urgency): readonly number[] {
  const bench = emptyBench(shop);
  const left = new Set(shop.jobs.keys());
  const order: number[] = [];
  while (left.size > 0) {
    let [best, bestRank] = [-1, [Infinity] as readonly number[]];
    for (const job of left) {
      if (!upcoming(bench, job)) {
        left.delete(job);
        continue;
      }
      const rank = urgency(bench, job);
      if (best < 0 || ranksBefore(rank, bestRank)) [best, bestRank] = [job, rank];
    }
    if (best < 0) break;
    if (layNext(bench, best)) order.push(best);
    else left.delete(best);
  }
  return order;
}

/** The simple list: whatever can be worked on soonest, the ring that came first before the others. */
export const firstCome: Urgency = (bench, job) => [
  earliestMin(bench, job),
  bench.shop.jobs[job]?.arrivedMin ?? 0,
  job,
];

const dueMin = (bench: Laying, job: number) => bench.shop.jobs[job]?.dueMin ?? Infinity;

/** Whatever can be worked on soonest, the ring wanted first before the others. */
export const firstDue: Urgency = (bench, job) => [earliestMin(bench, job), dueMin(bench, job), job];

/** Goes on with what is set up as long as anything is ready for it within a while, then by date. */
export const goOnWith =
  (patienceMin: number): Urgency =>
  (bench, job) => {
    const step = upcoming(bench, job);
    const earliest = earliestMin(bench, job);
    const soon = earliest <= bench.handsFreeMin + patienceMin;
    const isSetUp =
      step !== undefined &&
      step.lane !== 'bench' &&
      (step.lane === 'bath'
        ? bench.openBath?.setUp === step.setUp
        : setUpMinutes(bench, step, earliest) === 0);
    return [soon && isSetUp ? 0 : 1, soon ? 0 : earliest, dueMin(bench, job), earliest, job];
  };
