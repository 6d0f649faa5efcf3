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

/** Share of pieces that have given way by a use, when they bear so much more than by default; both as logarithms. */
function yieldedBy(logUse: number, logFactor: number, { median, logSpread }: Strength): number {
  const z = (logUse - Math.log(median) - logFactor) / logSpread;
  // Logistic stand-in for the normal distribution, within a hundredth: what is learnt was tried with it.
  return 1 / (1 + Math.exp(-1.702 * z));
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
  const loads = seen.map(({ use, gaveWay }) => ({ logUse: Math.log(use), gaveWay }));
  const scored = Array.from({ length: GRID.steps }, (_, i) => {
    const factor = GRID.from + ((GRID.to - GRID.from) * i) / (GRID.steps - 1);
    const logFactor = Math.log(factor);
    let score = -((logFactor / PULL_LOG) ** 2) / 2;
    for (const { logUse, gaveWay } of loads) {
      const share = Math.min(1 - 1e-9, Math.max(1e-9, yieldedBy(logUse, logFactor, strength)));
      score += Math.log(gaveWay ? share : 1 - share);
    }
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
