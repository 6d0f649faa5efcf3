/** Something that was loaded, as a share of what it is taken to bear, and whether it gave way at that. */
export interface Borne {
  readonly use: number;
  readonly gaveWay: boolean;
}

/** How loads that things give way at are spread: log-normally about a median. */
export interface Strength {
  readonly median: number;
  readonly logSpread: number;
}

/** Benches and batches differ from the default by this much. */
const PULL_LOG = 0.3;
const GRID = { from: 0.4, to: 1.8, steps: 141 };

/** Logistic stand-in for the normal distribution, within a hundredth: what is learnt was tried with it. */
const LOGISTIC = 1.702;
/** No load is surer than this to hold or to give way. */
const MOST_ODDS = 1e9;
/** A product of odds below this is far from the largest number there is, whatever comes next. */
const LARGE = 1e200;

/** Odds against what was seen of each load, as by the default strength: the logistic curve's, a power of the use. */
function oddsAgainst(
  seen: readonly Borne[],
  gaveWay: boolean,
  { median, logSpread }: Strength,
): Float64Array {
  const power = (gaveWay ? 1 : -1) * (LOGISTIC / logSpread);
  const uses = seen.filter((one) => one.gaveWay === gaveWay).map(({ use }) => use);
  return Float64Array.from(uses, (use) => (median / use) ** power);
}

/**
 * Logarithm of the chance of all that was seen, its odds being so many times those by default. A logarithm for hundreds of
 * loads, not one for each: every factor on the grid is tried with every load.
 */
function logChance(odds: Float64Array, times: number): number {
  let [sum, product] = [0, 1];
  for (const one of odds) {
    product *= 1 + Math.min(MOST_ODDS, Math.max(1 / MOST_ODDS, one * times));
    if (product < LARGE) continue;
    sum += Math.log(product);
    product = 1;
  }
  return -(sum + Math.log(product));
}

/** What is known of the factor on a default strength. */
export interface StrengthFit {
  /** Most likely. */
  readonly factor: number;
  /** The factor that a share of what is likely lies below. */
  readonly below: (share: number) => number;
}

/**
 * The factor on a default strength, given what held (its strength is only known to be more: censored) and what gave way
 * (known to be less), pulled towards 1.
 */
export function strengthFit(seen: readonly Borne[], strength: Strength): StrengthFit {
  const gaveWay = oddsAgainst(seen, true, strength);
  const held = oddsAgainst(seen, false, strength);
  const power = LOGISTIC / strength.logSpread;
  const scored = Array.from({ length: GRID.steps }, (_, i) => {
    const factor = GRID.from + ((GRID.to - GRID.from) * i) / (GRID.steps - 1);
    const prior = -((Math.log(factor) / PULL_LOG) ** 2) / 2;
    const score = prior + logChance(gaveWay, factor ** power) + logChance(held, factor ** -power);
    return { factor, score };
  });
  const best = scored.reduce((top, one) => (one.score > top.score ? one : top));
  const weights = scored.map(({ score }) => Math.exp(score - best.score));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  const below = (share: number) => {
    let sum = 0;
    const at = weights.findIndex((weight) => (sum += weight) >= share * all);
    return scored[at]?.factor ?? GRID.to;
  };
  return { factor: best.factor, below };
}
