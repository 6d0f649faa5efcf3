/**
 * Marks what no other beats: an option is on the front when none is at least as good in everything and better in
 * something. Smaller is better.
 */
export function paretoFront(measures: readonly (readonly number[])[]): readonly boolean[] {
  const beats = (a: readonly number[], b: readonly number[]) =>
    a.every((value, i) => value <= (b[i] ?? Infinity)) && a.some((value, i) => value < (b[i] ?? Infinity));
  return measures.map((one) => !measures.some((other) => beats(other, one)));
}
