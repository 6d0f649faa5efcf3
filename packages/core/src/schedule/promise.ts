import { normalDeviate, seededRandom, type Random } from '../uncertainty';
import type { ScheduleJob } from './job';
import { placeInOrder } from './place';
import type { Shop } from './shop';

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

export const DEFAULT_STRAYS: Strays = { minutesLog: 0.3, answerLog: 0.6, spoilt: 0.06, atBench: 0.7 };

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
  /** Moments by which it is ready in so many of a hundred runs; wall-clock minutes. */
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

function drawn(job: ScheduleJob, strays: Strays, random: Random): ScheduleJob {
  const stray = (log: number) => Math.exp(log * normalDeviate(random));
  const steps = job.steps.map((step) => ({
    ...step,
    handsMin: (step.handsMin * stray(strays.minutesLog)) / strays.atBench,
    leadMin: step.leadMin * stray(strays.answerLog),
  }));
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
    const jobs = [...shop.jobs, { ...job, steps: route }].map((one) => drawn(one, strays, random));
    const { blocks } = placeInOrder({ ...shop, jobs, pins: [] }, [...order, ...route.map(() => last)]);
    const ends = blocks.filter(({ jobId }) => jobId === job.id).map(({ endMin }) => endMin);
    found.push(Math.max(shop.nowMin, ...ends));
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
