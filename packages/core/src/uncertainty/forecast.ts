import { normalPlace, normalShareBelow } from '../numeric';
import type { RouteStep } from '../steps';
import type { FORECAST_FIGURES } from './codes';
import { quantile } from './quantiles';

/** A forecast says the values below which so many rings lie. */
const FORECAST_SHARES = Array.from({ length: 19 }, (_, i) => (i + 1) / 20);
/** The same in deviations of a normal distribution. */
const DEVIATIONS = FORECAST_SHARES.map(normalPlace);

/** Values below which a twentieth, two twentieths … of all rings lie: 19 of them, rising. */
export type Quantiles = readonly number[];

/** What is predicted of a coin ring's wall. */
export interface WallForecast {
  readonly widthMm: Quantiles;
  readonly cutEdgeMm: Quantiles;
  readonly rimEdgeMm: Quantiles;
}

/** What is predicted of a ring: the wall of a coin ring, and of every ring the minutes of hands. */
export interface RingForecast {
  readonly widthMm?: Quantiles | undefined;
  readonly cutEdgeMm?: Quantiles | undefined;
  readonly rimEdgeMm?: Quantiles | undefined;
  readonly handsOnMin: Quantiles;
}

export type ForecastFigure = (typeof FORECAST_FIGURES)[number];

/** A forecast as a ring that is begun keeps it. */
export interface KeptForecast extends RingForecast {
  /** By how much the width's interval was stretched then. */
  readonly widened: number;
  /** What would have been predicted by default, where the log had taught something. */
  readonly standard?: RingForecast | undefined;
}

export function quantilesOf(values: readonly number[]): Quantiles {
  const sorted = [...values].sort((a, b) => a - b);
  return FORECAST_SHARES.map((share) => quantile(sorted, share));
}

/** How far real minutes of a step stray from the plan, as a standard deviation of their logarithm (default, judgement). */
export const MINUTES_STRAY_LOG = 0.3;
/** Makers are faster or slower than the plan, all steps alike (default, judgement). */
const PACE_LOG = 0.2;

/** What is predicted of the minutes of hands: steps that stray log-normally, one by one and all alike. */
export function minutesForecast(steps: readonly Pick<RouteStep, 'handsOnMin'>[]): Quantiles {
  const sumMin = steps.reduce((sum, { handsOnMin }) => sum + handsOnMin, 0);
  const squares = steps.reduce((sum, { handsOnMin }) => sum + handsOnMin ** 2, 0);
  // Of a sum of log-normal minutes, by its mean and variance (Fenton and Wilkinson).
  const ownVariance = (Math.expm1(MINUTES_STRAY_LOG ** 2) * squares) / sumMin ** 2;
  const ownLog = Math.log1p(ownVariance);
  const middleMin = sumMin * Math.exp((MINUTES_STRAY_LOG ** 2 - ownLog) / 2);
  return DEVIATIONS.map((deviation) => middleMin * Math.exp(deviation * Math.sqrt(ownLog + PACE_LOG ** 2)));
}

/** Where a value fell in what was predicted, in deviations of a normal distribution: 0 is the middle. */
export function deviationIn(quantiles: Quantiles, value: number): number {
  const last = quantiles.length - 1;
  const above = quantiles.findIndex((quantile) => value <= quantile);
  // Beyond either end the outermost two are gone on from.
  const upper = Math.min(last, Math.max(1, above === -1 ? last : above));
  const [from = 0, to = 0] = [quantiles[upper - 1], quantiles[upper]];
  const [fromZ = 0, toZ = 0] = [DEVIATIONS[upper - 1], DEVIATIONS[upper]];
  if (to === from) return value === from ? (fromZ + toZ) / 2 : value < from ? -Infinity : Infinity;
  return fromZ + ((value - from) / (to - from)) * (toZ - fromZ);
}

/** The share of rings that were to lie below where a value fell: evenly spread where forecasts are right. */
export function placeOf(deviation: number): number {
  return normalShareBelow(deviation);
}

/**
 * Continuous ranked probability score, by the quantiles: twice the mean of the pinball losses (Gneiting and Raftery
 * 2007), in the value's unit. The smaller, the better: a forecast pays for being wide and for being wrong.
 */
export function rankedScore(quantiles: Quantiles, value: number): number {
  const losses = quantiles.map((quantile, i) => {
    const share = FORECAST_SHARES[i] ?? 0.5;
    return value < quantile ? (1 - share) * (quantile - value) : share * (value - quantile);
  });
  return (2 * losses.reduce((sum, loss) => sum + loss, 0)) / quantiles.length;
}
