import {
  emptySchedule,
  layNext,
  setUpMinutes,
  soonest,
  upcoming,
  type ScheduleBuilder,
  type Soonest,
} from './schedule-builder';
import { ranksBefore } from './rank';
import type { ScheduleJob } from './job';
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
  soonest(builder, job).atMin,
  builder.shop.jobs[job]?.arrivedMin ?? 0,
  job,
];

const dueMin = (builder: ScheduleBuilder, job: number) => builder.shop.jobs[job]?.dueMin ?? Infinity;

/** Whatever can be worked on soonest, the ring wanted first before the others. */
export const firstDue: Urgency = (builder, job) => [soonest(builder, job).atMin, dueMin(builder, job), job];

/** Minutes that each job's steps from one on take, hands and waits: asked for at every turn, worked out once. */
const leftFrom = new WeakMap<ScheduleJob, readonly number[]>();

function leftOf(job: ScheduleJob): readonly number[] {
  const known = leftFrom.get(job);
  if (known) return known;
  const left = [0];
  for (const { handsMin, waitMin, leadMin } of [...job.steps].reverse()) {
    left.unshift((left[0] ?? 0) + handsMin + waitMin + leadMin);
  }
  leftFrom.set(job, left);
  return left;
}

/** Minutes that a ring still takes if nothing stands in its way. */
function leftMin({ shop, nextStep }: ScheduleBuilder, place: number): number {
  const job = shop.jobs[place];
  return job ? (leftOf(job)[nextStep[place] ?? 0] ?? 0) : 0;
}

/** Of what can be begun within a while: its rank by a rule; all else by when it can be begun. */
function within(
  patienceMin: number,
  rank: (builder: ScheduleBuilder, job: number, soonest: Soonest) => number,
): Urgency {
  return (builder, job) => {
    const next = soonest(builder, job);
    const { hands, atMin } = next;
    return atMin <= hands.freeMin + patienceMin ? [0, rank(builder, job, next), atMin, job] : [1, atMin, job];
  };
}

/** By date, a ring that will be late anyway by when it can be ready (modified due date, Baker and Bertrand 1982). */
export const modifiedDue = (patienceMin: number): Urgency =>
  within(patienceMin, (builder, job, { atMin }) =>
    Math.max(dueMin(builder, job), atMin + leftMin(builder, job)),
  );

/** How far ahead dates and set-ups are looked at, as multiples of the mean work and set-up. */
interface LookAhead {
  readonly dates: number;
  readonly setUps: number;
}

/**
 * Short work first, the more so the less slack it has and the less has to be set up for it (apparent tardiness cost with
 * set-ups, Lee, Bhaskaran and Pinedo 1997).
 */
export const tardinessCost = (patienceMin: number, { dates, setUps }: LookAhead): Urgency =>
  within(patienceMin, (builder, job, { hands, atMin }) => {
    const step = upcoming(builder, job);
    const { shop } = builder;
    const left = Math.max(1, leftMin(builder, job));
    const slack = Math.max(0, dueMin(builder, job) - atMin - left);
    const meanSetUp = Object.values(shop.rules.setUpMin).reduce((sum, min) => sum + min, 0) / 4 || 1;
    const setUp = step ? setUpMinutes(builder, hands, step, atMin) : 0;
    return Math.log(left) + slack / (dates * left) + setUp / (setUps * meanSetUp);
  });

/** Goes on with what is set up as long as anything is ready for it within a while, then by date. */
export const goOnWith =
  (patienceMin: number): Urgency =>
  (builder, job) => {
    const step = upcoming(builder, job);
    const { hands, atMin } = soonest(builder, job);
    const soon = atMin <= hands.freeMin + patienceMin;
    const isSetUp =
      step !== undefined &&
      step.lane !== 'bench' &&
      (step.lane === 'bath'
        ? hands.openBath?.setUp === step.setUp
        : setUpMinutes(builder, hands, step, atMin) === 0);
    return [soon && isSetUp ? 0 : 1, soon ? 0 : atMin, dueMin(builder, job), atMin, job];
  };
