import { MINUTES_STRAY_LOG, normalDeviate, seededRandom, type Random } from '../uncertainty';
import type { ScheduleJob } from './job';
import { placeInOrder } from './place';
import { longestWorkMin, type Shop } from './shop';

/** How far real work strays from the plan (defaults, judgement). */
export interface Strays {
  /** Standard deviation of the logarithm of a step's minutes. */
  readonly minutesLog: number;
  /** The same of a customer's answer. */
  readonly answerLog: number;
  /** Chance that a ring is spoilt and begun again. */
  readonly spoilt: number;
  /** Share of the working hours that is really spent at the bench. */
  readonly atBench: number;
}

export const DEFAULT_STRAYS: Strays = {
  minutesLog: MINUTES_STRAY_LOG,
  answerLog: 0.6,
  spoilt: 0.06,
  atBench: 0.7,
};

export interface PromiseQuestion {
  readonly shop: Shop;
  /** The order of work that the rings in the shop were planned in. */
  readonly order: readonly number[];
  /** The new ring: it comes after all that was promised before. */
  readonly job: ScheduleJob;
  readonly strays?: Strays | undefined;
  readonly draws?: number | undefined;
  readonly seed?: number | undefined;
}

export interface PromiseAnswer {
  /** Moments by which it is ready in so many of a hundred runs, wall-clock minutes; Infinity where no hours allow it. */
  readonly evenMin: number;
  readonly likelyMin: number;
  readonly safeMin: number;
  /** Every run's moment, in order: for the chance of any other date. */
  readonly readyMin: readonly number[];
}

const DRAWS = 200;
const SEED = 29;
const CHANCES = { even: 0.5, likely: 0.8, safe: 0.95 } as const;
const REPORT_EVERY = 10;

function drawn(job: ScheduleJob, shop: Shop, strays: Strays, random: Random): ScheduleJob {
  const stray = (log: number) => Math.exp(log * normalDeviate(random));
  const longest = longestWorkMin(shop);
  const steps = job.steps.map((step) => {
    const { lane, handsMin, waitMin, leadMin } = step;
    // However long it takes today, it is laid down before the doors are shut: it is no other kind of step.
    const most = Math.max(handsMin, longest - shop.rules.setUpMin[lane] - (lane === 'bath' ? waitMin : 0));
    return {
      ...step,
      handsMin: Math.min(most, (handsMin * stray(strays.minutesLog)) / strays.atBench),
      leadMin: leadMin * stray(strays.answerLog),
    };
  });
  return { ...job, steps };
}

/**
 * When a new ring will be ready: it is put behind what was promised, and the whole shop is run many times with minutes,
 * answers and mishaps as they come.
 * @yields progress, 0 to 1
 */
export function* promiseDate(question: PromiseQuestion): Generator<number, PromiseAnswer> {
  const { shop, order, job, strays = DEFAULT_STRAYS, draws = DRAWS, seed = SEED } = question;
  const random = seededRandom(seed);
  const last = shop.jobs.length;
  const found: number[] = [];
  for (let i = 0; i < draws; i++) {
    if (i % REPORT_EVERY === 0) yield i / draws;
    // A ring that is spoilt is done twice: how far it had come when it broke is not known.
    const again = random() < strays.spoilt ? 2 : 1;
    const route = Array.from({ length: again }, () => job.steps).flat();
    const jobs = [...shop.jobs, { ...job, steps: route }].map((one) => drawn(one, shop, strays, random));
    const { blocks } = placeInOrder({ ...shop, jobs, pins: [] }, [...order, ...route.map(() => last)]);
    const mine = blocks.filter(({ jobId }) => jobId === job.id);
    // A step that no stretch of work takes is never done.
    found.push(mine.length === route.length ? Math.max(shop.nowMin, mine.at(-1)?.endMin ?? 0) : Infinity);
  }
  const readyMin = found.sort((a, b) => a - b);
  const by = (share: number) => readyMin[Math.min(draws - 1, Math.ceil(share * draws) - 1)] ?? shop.nowMin;
  return {
    evenMin: by(CHANCES.even),
    likelyMin: by(CHANCES.likely),
    safeMin: by(CHANCES.safe),
    readyMin,
  };
}

/** Chance that it is ready by a moment, 0 to 1. */
export function chanceBy({ readyMin }: PromiseAnswer, dueMin: number): number {
  return readyMin.filter((ready) => ready <= dueMin).length / Math.max(1, readyMin.length);
}
