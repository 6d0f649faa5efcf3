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

/** Far more than a smooth function takes. */
const MOST_STEPS = 40;

/**
 * The last place from `low` towards `high` where a smooth function is not negative: false position with the Illinois
 * rule (Dowell and Jarratt 1971), in a third of the steps of halving.
 * @param margin not negative at `low`, and once negative it stays so; `high` where it never is
 * @param within how near the place is to be found, in the unit of `low` and `high`
 * @returns a place on the side of `low`, within that of where the function is zero
 */
export function lastAbove(margin: (at: number) => number, low: number, high: number, within: number): number {
  let [inside, outside] = [low, high];
  let [above, below] = [margin(low), margin(high)];
  if (below >= 0) return high;
  let lastWasInside: boolean | undefined;
  for (let i = 0; i < MOST_STEPS && Math.abs(outside - inside) > within; i++) {
    // A hair towards the side that moved last, so that it is passed and the bracket closes from there.
    const zero = inside + ((outside - inside) * above) / (above - below);
    const hair = (Math.sign(outside - inside) * within) / 2;
    const at = lastWasInside === undefined ? zero : lastWasInside ? zero + hair : zero - hair;
    const found = margin(at);
    const isInside = found >= 0;
    if (isInside) [inside, above] = [at, found];
    else [outside, below] = [at, found];
    // The end that stays behind twice counts half, or it would stay for ever.
    if (isInside === lastWasInside) {
      if (isInside) below /= 2;
      else above /= 2;
    }
    lastWasInside = isInside;
  }
  return inside;
}
