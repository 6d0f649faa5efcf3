/** Whether one list of numbers comes before another: the first place where they differ decides, lower is first. */
export function ranksBefore(one: readonly number[], other: readonly number[]): boolean {
  const at = one.findIndex((value, i) => value !== other[i]);
  return at >= 0 && (one[at] ?? 0) < (other[at] ?? 0);
}
