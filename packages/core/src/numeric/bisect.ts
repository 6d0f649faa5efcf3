/** Halvings after which a bracket of 100 mm is as narrow as a double can tell. */
const HALVINGS = 60;

/**
 * The last point of a bracket at which something still holds, by bisection.
 * @param holds true at `low`, and once false it stays false
 * @returns a point where it holds, within (high − low)/2^halvings of where it ends
 */
export function lastWhere(
  holds: (at: number) => boolean,
  low: number,
  high: number,
  halvings = HALVINGS,
): number {
  let [inside, outside] = [low, high];
  for (let i = 0; i < halvings; i++) {
    const middle = (inside + outside) / 2;
    if (holds(middle)) inside = middle;
    else outside = middle;
  }
  return inside;
}

/**
 * Where a rising function reaches a value, by bisection.
 * @param rising does not fall between `low` and `high`
 * @returns `low` where the function is above the value everywhere, `high` where it is below everywhere
 */
export function bisect(rising: (at: number) => number, wanted: number, low: number, high: number): number {
  return lastWhere((at) => rising(at) < wanted, low, high);
}
