/** Rings that one point of the line averages over. */
const WINDOW = 8;

/** The mean of each value and those shortly before it: single rings jump too much to show a trend. */
export function runningMean(values: readonly number[]): readonly number[] {
  return values.map((_, i) => {
    const window = values.slice(Math.max(0, i + 1 - WINDOW), i + 1);
    return window.reduce((sum, value) => sum + value, 0) / window.length;
  });
}
