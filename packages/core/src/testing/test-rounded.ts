/** Digits that are pinned: a change of one part in a thousand is seen, noise of the last bits is not. */
const DIGITS = 4;

/** A whole answer with its numbers rounded, to be pinned. For tests only. */
export function rounded(value: unknown): unknown {
  if (typeof value === 'number')
    return Number.isFinite(value) ? Number(value.toPrecision(DIGITS)) : String(value);
  if (Array.isArray(value)) return value.map(rounded);
  if (value instanceof Map) return rounded(Object.fromEntries(value));
  if (typeof value !== 'object' || value === null) return value;
  return Object.fromEntries(Object.entries(value).map(([key, one]) => [key, rounded(one)]));
}

/** The same for a list, a line to each: a difference is then a line. For tests only. */
export function roundedLines(values: readonly unknown[]): readonly string[] {
  return values.map((value) => JSON.stringify(rounded(value)));
}
