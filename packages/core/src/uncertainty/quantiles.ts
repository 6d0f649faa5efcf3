/** Lower and upper end of what ninety rings in a hundred lie between, and their middle. */
export interface Interval {
  readonly low: number;
  readonly middle: number;
  readonly high: number;
}

const TAIL = 0.05;

/** The value below which a share of them lies. @param sorted smallest first */
export function quantile(sorted: readonly number[], share: number): number {
  const place = (sorted.length - 1) * share;
  const below = sorted[Math.floor(place)] ?? 0;
  const above = sorted[Math.ceil(place)] ?? below;
  return below + (above - below) * (place - Math.floor(place));
}

export function intervalOf(values: readonly number[]): Interval {
  const sorted = [...values].sort((a, b) => a - b);
  return {
    low: quantile(sorted, TAIL),
    middle: quantile(sorted, 0.5),
    high: quantile(sorted, 1 - TAIL),
  };
}

/** A bar of a small distribution. */
export interface Bin {
  readonly from: number;
  readonly to: number;
  readonly count: number;
}

/** Counts in even bins between the outermost values. */
export function binsOf(values: readonly number[], bins: number): readonly Bin[] {
  const low = Math.min(...values);
  const step = (Math.max(...values) - low) / bins || 1;
  const counts = new Array<number>(bins).fill(0);
  for (const value of values) {
    const bin = Math.min(bins - 1, Math.floor((value - low) / step));
    counts[bin] = (counts[bin] ?? 0) + 1;
  }
  return counts.map((count, i) => ({ from: low + i * step, to: low + (i + 1) * step, count }));
}

/** Share of one quantity's variance that goes with another's, r² of a straight line. */
export function sharedVariance(xs: readonly number[], ys: readonly number[]): number {
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
  const [meanX, meanY] = [mean(xs), mean(ys)];
  let [xx, yy, xy] = [0, 0, 0];
  xs.forEach((x, i) => {
    const [dx, dy] = [x - meanX, (ys[i] ?? 0) - meanY];
    xx += dx * dx;
    yy += dy * dy;
    xy += dx * dy;
  });
  return xx === 0 || yy === 0 ? 0 : (xy * xy) / (xx * yy);
}
