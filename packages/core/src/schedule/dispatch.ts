import {
  earliestMin,
  emptySchedule,
  layNext,
  setUpMinutes,
  upcoming,
  type ScheduleBuilder,
} from './schedule-builder';
import { ranksBefore } from './rank';
import type { Shop } from './shop';

/** Of the jobs that are left, the one to turn to; lower goes first. */
export type Urgency = (builder: ScheduleBuilder, job: number) => readonly number[];

/**
 * An order of work that a rule leads to: at every turn the hands take what is most urgent.
 * @returns per step the job's place in the shop, as {@link placeInOrder} takes it; jobs that no span takes are left out
 */
export function dispatch(shop: Shop, urgency: Urgency): readonly number[] {
  const builder = emptySchedule(shop);
  const left = new Set(shop.jobs.keys());
  const order: number[] = [];
  while (left.size > 0) {
    let [best, bestRank] = [-1, [Infinity] as readonly number[]];
    for (const job of left) {
      if (!upcoming(builder, job)) {
        left.delete(job);
        continue;
      }
      const rank = urgency(builder, job);
      if (best < 0 || ranksBefore(rank, bestRank)) [best, bestRank] = [job, rank];
    }
    if (best < 0) break;
    if (layNext(builder, best)) order.push(best);
    else left.delete(best);
  }
  return order;
}

/** The simple list: whatever can be worked on soonest, the ring that came first before the others. */
export const firstCome: Urgency = (builder, job) => [
  earliestMin(builder, job),
  builder.shop.jobs[job]?.arrivedMin ?? 0,
  job,
];

const dueMin = (builder: ScheduleBuilder, job: number) => builder.shop.jobs[job]?.dueMin ?? Infinity;

/** Whatever can be worked on soonest, the ring wanted first before the others. */
export const firstDue: Urgency = (builder, job) => [earliestMin(builder, job), dueMin(builder, job), job];

/** Goes on with what is set up as long as anything is ready for it within a while, then by date. */
export const goOnWith =
  (patienceMin: number): Urgency =>
  (builder, job) => {
    const step = upcoming(builder, job);
    const earliest = earliestMin(builder, job);
    const soon = earliest <= builder.handsFreeMin + patienceMin;
    const isSetUp =
      step !== undefined &&
      step.lane !== 'bench' &&
      (step.lane === 'bath'
        ? builder.openBath?.setUp === step.setUp
        : setUpMinutes(builder, step, earliest) === 0);
    return [soon && isSetUp ? 0 : 1, soon ? 0 : earliest, dueMin(builder, job), earliest, job];
  };
