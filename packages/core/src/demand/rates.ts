import { SIZES_US, spreadOver, takes, USUAL_SHARES, usSizeOf } from './sizes';

/** Something that was asked for: bought, ordered, or turned away. */
export interface AskedFor {
  /** ISO time. */
  readonly at: string;
  /** What kind of ring: any word, the same for the same kind. */
  readonly group: string;
  readonly insideDiameterMm: number;
  /** How much it tells of who would buy such a ring from the shelf, 0 to 1. */
  readonly weight: number;
}

/** A ring that lay on the shelf. */
export interface Lay {
  readonly group: string;
  readonly insideDiameterMm: number;
  readonly fromAt: string;
  /** Undefined while it lies there. */
  readonly toAt: string | undefined;
}

/** How often a size of a group is asked for: a gamma distribution of the number a month. */
export interface Rate {
  readonly shape: number;
  /** Months. */
  readonly months: number;
}

const DAY_MS = 86_400_000;
export const MONTH_DAYS = 30.44;
const WEEK_DAYS = 7;
/** What is so old counts half, days: tastes change (our assumption). */
const HALF_LIFE_DAYS = 270;
/** No shop remembers further back, days. */
const MOST_DAYS = 3 * 365;
/** Of those who ask for what is not there, so many are written down (our assumption). */
const WRITTEN_DOWN = 0.35;
/** A group is taken to sell like this before it has: so many in so many months. */
const GROUP_PRIOR = { count: 0.5, months: 3 } as const;
/** The spread over sizes is taken for the usual one with the weight of so many months. */
const SIZE_PRIOR_MONTHS = 4;

const daysBefore = (now: string, at: string) => (Date.parse(now) - Date.parse(at)) / DAY_MS;
const weightOf = (ageDays: number) => 0.5 ** (Math.max(0, ageDays) / HALF_LIFE_DAYS);

/** How well the shelf answered each size in a week: 1 where whoever came found a ring. */
function covered(lays: readonly Lay[], now: string, ageDays: number): readonly number[] {
  const there = lays.filter(
    ({ fromAt, toAt }) =>
      daysBefore(now, fromAt) >= ageDays && (toAt === undefined || daysBefore(now, toAt) < ageDays),
  );
  const ringsUs = there.map(({ insideDiameterMm }) => usSizeOf(insideDiameterMm));
  return SIZES_US.map((us) => 1 - ringsUs.reduce((missed, ringUs) => missed * (1 - takes(ringUs, us)), 1));
}

/** Months, older ones counting less, in which somebody who asked for a size was heard of. */
function heardMonths(lays: readonly Lay[], now: string, days: number): readonly number[] {
  const months = SIZES_US.map(() => 0);
  for (let ageDays = WEEK_DAYS / 2; ageDays < days; ageDays += WEEK_DAYS) {
    const weight = (weightOf(ageDays) * WEEK_DAYS) / MONTH_DAYS;
    covered(lays, now, ageDays).forEach((share, i) => {
      months[i] = (months[i] ?? 0) + weight * (share + WRITTEN_DOWN * (1 - share));
    });
  }
  return months;
}

function sizeCounts(asked: readonly AskedFor[], now: string): readonly number[] {
  const counts = SIZES_US.map(() => 0);
  for (const { at, insideDiameterMm, weight } of asked) {
    const told = weight * weightOf(daysBefore(now, at));
    spreadOver(usSizeOf(insideDiameterMm)).forEach((share, i) => {
      counts[i] = (counts[i] ?? 0) + told * share;
    });
  }
  return counts;
}

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0);

/**
 * How often each size of a group is asked for. What was bought and what was turned away is counted, smoothed over
 * neighbouring sizes, the newest weighing most, against the time in which it would have been heard of: a size that never
 * lay on the shelf is not taken for one that nobody wants. Few figures leave it near what is usual, and wide.
 * @param asked, lays of the group only
 * @param now ISO time
 */
export function sizeRates(asked: readonly AskedFor[], lays: readonly Lay[], now: string): readonly Rate[] {
  const starts = [...asked.map(({ at }) => at), ...lays.map(({ fromAt }) => fromAt)];
  const days = Math.min(MOST_DAYS, Math.max(0, ...starts.map((at) => daysBefore(now, at))));
  const counts = sizeCounts(asked, now);
  const months = heardMonths(lays, now, days);
  const heard = sum(USUAL_SHARES.map((share, i) => share * (months[i] ?? 0)));
  const groupRate = (sum(counts) + GROUP_PRIOR.count) / (heard + GROUP_PRIOR.months);
  return USUAL_SHARES.map((share, i) => ({
    shape: SIZE_PRIOR_MONTHS * groupRate * share + (counts[i] ?? 0),
    months: SIZE_PRIOR_MONTHS + (months[i] ?? 0),
  }));
}
