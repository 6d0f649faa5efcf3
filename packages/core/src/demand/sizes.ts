import { SIZE_SYSTEMS } from '../size';

/** Demand is counted by half US sizes: finer than that, nobody asks. */
const STEP_US = 0.5;
const FIRST_US = 3;
const LAST_US = 15;

/** Sizes that demand is counted by, US. */
export const SIZES_US: readonly number[] = Array.from(
  { length: (LAST_US - FIRST_US) / STEP_US + 1 },
  (_, i) => FIRST_US + i * STEP_US,
);

/** Neighbouring sizes tell of each other: what was asked for is smoothed by so much, US sizes (our assumption). */
const SMOOTHED_US = 0.5;
/** Fingers that rings are worn on, by two groups of wearers: mean and deviation, US sizes (our assumption). */
const FINGERS_US = [
  { mean: 7, deviation: 1.4 },
  { mean: 10, deviation: 1.6 },
] as const;

const bell = (x: number, deviation: number) => Math.exp(-0.5 * (x / deviation) ** 2) / deviation;

function shared(weights: readonly number[]): readonly number[] {
  const sum = weights.reduce((total, weight) => total + weight, 0);
  return weights.map((weight) => weight / sum);
}

/** Share of all wearers by size, before anything is known of this shop. */
export const USUAL_SHARES: readonly number[] = shared(
  SIZES_US.map((us) => FINGERS_US.reduce((sum, { mean, deviation }) => sum + bell(us - mean, deviation), 0)),
);

export function usSizeOf(insideDiameterMm: number): number {
  return SIZE_SYSTEMS.us.fromDiameterMm(insideDiameterMm);
}

/** One thing asked for in a size, spread over the sizes beside it; adds up to one. */
export function spreadOver(us: number): readonly number[] {
  return shared(SIZES_US.map((size) => bell(size - us, SMOOTHED_US)));
}

/** Who would need a resize of up to a size is half lost (our assumption). */
const NEAR_US = 0.3;
const RESIZED_US = 1.05;
const TAKEN_RESIZED = 0.5;

/** How likely a ring of a size is taken by somebody who wears another: as it is, after a resize, or not at all. */
export function takes(ringUs: number, fingerUs: number): number {
  const away = Math.abs(ringUs - fingerUs);
  if (away <= NEAR_US) return 1;
  return away <= RESIZED_US ? TAKEN_RESIZED : 0;
}
