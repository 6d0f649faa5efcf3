/**
 * So many of the latest rings tell of a value, each the less the older it is: one ring more costs the same after four hundred
 * as after four thousand.
 */
export const LATEST_RINGS = 400;

/** The latest of a list, oldest first, so many of each kind. */
export function latestOf<T>(all: readonly T[], kindOf: (one: T) => string | undefined): readonly T[] {
  const counts = new Map<string | undefined, number>();
  const found: T[] = [];
  for (let place = all.length - 1; place >= 0; place--) {
    const one = all[place] as T;
    const kind = kindOf(one);
    const count = counts.get(kind) ?? 0;
    if (count === LATEST_RINGS) continue;
    counts.set(kind, count + 1);
    found.push(one);
  }
  return found.reverse();
}
