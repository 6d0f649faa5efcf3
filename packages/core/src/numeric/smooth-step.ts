/** From 0 at `low` to 1 at `high`, level at both ends and beyond them: 3s² − 2s³. */
export function smoothStep(low: number, high: number, value: number): number {
  const share = Math.min(1, Math.max(0, (value - low) / (high - low)));
  return share * share * (3 - 2 * share);
}
