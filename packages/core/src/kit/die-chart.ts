import type { MetalId } from '../metal';
import { bisect } from '../numeric';
import type { Coin } from '../stock';

/** What one push was seen to give: lines of the pusher still standing above the die, and the ring's size after it. */
export interface DieObservation {
  readonly reveal: number;
  readonly insideDiameterMm: number;
}

/** Observations of one kind of coin, one long die, one pusher (craft §5). */
export interface DieChart {
  readonly metal: MetalId;
  readonly coinDiameterMm: number;
  readonly die: string;
  readonly pusherMm: number;
  readonly observations: readonly DieObservation[];
}

/** Coins of one metal within this much of each other's diameter behave alike in a die, mm. */
const ALIKE_WITHIN_MM = 1;

/** The charts made with this kind of coin. */
export function chartsFor(
  charts: readonly DieChart[],
  coin: Pick<Coin, 'metal' | 'diameterMm'>,
): readonly DieChart[] {
  return charts.filter(
    ({ metal, coinDiameterMm }) =>
      metal === coin.metal && Math.abs(coinDiameterMm - coin.diameterMm) <= ALIKE_WITHIN_MM,
  );
}

/** Kept charts with what the log has seen besides: added to the chart of the same coins and pusher, or as charts of their own. */
export function withSeen(kept: readonly DieChart[], seen: readonly DieChart[]): readonly DieChart[] {
  const alike = (a: DieChart, b: DieChart) =>
    a.pusherMm === b.pusherMm && chartsFor([a], { metal: b.metal, diameterMm: b.coinDiameterMm }).length > 0;
  const grown = kept.map((chart) => ({
    ...chart,
    observations: [
      ...chart.observations,
      ...seen.filter((other) => alike(chart, other)).flatMap(({ observations }) => observations),
    ],
  }));
  return [...grown, ...seen.filter((other) => !kept.some((chart) => alike(chart, other)))];
}

export interface RevealAnswer {
  readonly reveal: number;
  /** The size lies outside what was seen. */
  readonly extrapolated: boolean;
}

/**
 * The observations as a rising line: size rises with reveal, so neighbours that fall are averaged until none does
 * (pool adjacent violators); repeats of one reveal are averaged too.
 */
function rising(observations: readonly DieObservation[]): readonly DieObservation[] {
  const byReveal = new Map<number, number[]>();
  for (const { reveal, insideDiameterMm } of observations) {
    byReveal.set(reveal, [...(byReveal.get(reveal) ?? []), insideDiameterMm]);
  }
  const points = [...byReveal]
    .sort(([a], [b]) => a - b)
    .map(([reveal, sizes]) => ({
      reveals: [reveal],
      sum: sizes.reduce((total, size) => total + size, 0),
      count: sizes.length,
    }));
  const pooled: typeof points = [];
  for (const point of points) {
    let last = point;
    for (
      let before = pooled.at(-1);
      before && before.sum / before.count > last.sum / last.count;
      before = pooled.at(-1)
    ) {
      pooled.pop();
      last = {
        reveals: [...before.reveals, ...last.reveals],
        sum: before.sum + last.sum,
        count: before.count + last.count,
      };
    }
    pooled.push(last);
  }
  return pooled.flatMap(({ reveals, sum, count }) =>
    reveals.map((reveal) => ({ reveal, insideDiameterMm: sum / count })),
  );
}

/** Slopes of a monotone cubic through the points (Fritsch and Carlson 1980): harmonic means, none at a turn. */
function slopesOf(points: readonly DieObservation[]): readonly number[] {
  const rises = points.slice(1).map((point, i) => {
    const before = points[i] ?? point;
    return (point.insideDiameterMm - before.insideDiameterMm) / (point.reveal - before.reveal);
  });
  return points.map((_, i) => {
    const [left, right] = [rises[i - 1], rises[i]];
    if (left === undefined) return right ?? 0;
    if (right === undefined) return left;
    return left * right <= 0 ? 0 : (2 * left * right) / (left + right);
  });
}

/** Value of the cubic between two points at a share of the way (Hermite). */
function between(
  a: DieObservation,
  b: DieObservation,
  slopeA: number,
  slopeB: number,
  share: number,
): number {
  const span = b.reveal - a.reveal;
  const t = share;
  return (
    a.insideDiameterMm * (1 + 2 * t) * (1 - t) ** 2 +
    slopeA * span * t * (1 - t) ** 2 +
    b.insideDiameterMm * t ** 2 * (3 - 2 * t) +
    slopeB * span * t ** 2 * (t - 1)
  );
}

/** Points of the curve between two observations. */
const POINTS_BETWEEN = 8;

/** The chart as a line to draw: observations and what lies between them, reveal rising. */
export function dieCurve(observations: readonly DieObservation[]): readonly DieObservation[] {
  const points = rising(observations);
  const slopes = slopesOf(points);
  return points.flatMap((point, i) => {
    const next = points[i + 1];
    if (!next) return [point];
    return Array.from({ length: POINTS_BETWEEN }, (_, k) => ({
      reveal: point.reveal + ((next.reveal - point.reveal) * k) / POINTS_BETWEEN,
      insideDiameterMm: between(point, next, slopes[i] ?? 0, slopes[i + 1] ?? 0, k / POINTS_BETWEEN),
    }));
  });
}

/**
 * At which reveal to stop for a size after the pass. Between observations along the monotone curve; outside them on
 * the straight line of the nearest two, and said so; never under 0.
 * @returns undefined when there are too few observations to tell a slope
 */
export function revealFor(
  observations: readonly DieObservation[],
  insideDiameterMm: number,
): RevealAnswer | undefined {
  const points = rising(observations);
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last) return undefined;
  if (first.reveal === last.reveal) {
    return first.insideDiameterMm === insideDiameterMm
      ? { reveal: first.reveal, extrapolated: false }
      : undefined;
  }
  const slopes = slopesOf(points);
  const beyond = (edge: DieObservation, slope: number) =>
    slope > 0
      ? {
          reveal: Math.max(0, edge.reveal + (insideDiameterMm - edge.insideDiameterMm) / slope),
          extrapolated: true,
        }
      : undefined;
  if (insideDiameterMm < first.insideDiameterMm) return beyond(first, slopes[0] ?? 0);
  if (insideDiameterMm > last.insideDiameterMm) return beyond(last, slopes.at(-1) ?? 0);
  const at = points.findIndex((point, i) => {
    const next = points[i + 1];
    return (
      next !== undefined &&
      insideDiameterMm <= next.insideDiameterMm &&
      insideDiameterMm >= point.insideDiameterMm
    );
  });
  const [a, b] = [points[at] ?? first, points[at + 1] ?? last];
  const [slopeA, slopeB] = [slopes[at] ?? 0, slopes[at + 1] ?? 0];
  const share = bisect((part) => between(a, b, slopeA, slopeB, part), insideDiameterMm, 0, 1);
  return { reveal: a.reveal + (b.reveal - a.reveal) * share, extrapolated: false };
}
