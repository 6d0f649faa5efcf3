import { strainedUse } from '../ring';
import { CRACK_AT } from '../uncertainty';
import type { WorkedRing } from './worked-ring';

/** The most that a ring's metal bore between two anneals, and whether it cracked at that, as a share of the allowance. */
export interface Strained {
  readonly ringId: string;
  readonly use: number;
  readonly cracked: boolean;
}

/** A gauge that hardly moved says nothing. */
const LEAST_USE = 0.05;

const CRACKS: readonly string[] = ['crack-at-cut-edge', 'split-on-second-fold'];

/**
 * The fullest that the gauge got, up to the first crack. One piece of metal has one strength: how often it was filled
 * less than that tells nothing more.
 * @returns undefined when the gauge hardly moved
 */
export function mostStrained({ ring, state }: WorkedRing, allowanceStrainLog: number): Strained | undefined {
  const cracks = state.troubles.filter(({ symptom }) => CRACKS.includes(symptom)).map(({ step }) => step);
  const firstCrack = cracks.length > 0 ? Math.min(...cracks) : undefined;
  const done = state.steps.slice(0, firstCrack === undefined ? state.step : firstCrack + 1);
  const uses = strainedUse(done, allowanceStrainLog);
  const use = firstCrack === undefined ? Math.max(0, ...uses) : (uses.at(-1) ?? 0);
  return use > LEAST_USE ? { ringId: ring.id, use, cracked: firstCrack !== undefined } : undefined;
}

/** Benches and batches differ from the table by this much. */
const PULL_LOG = 0.3;
const GRID = { from: 0.4, to: 1.8, steps: 141 };

/** Share of pieces that have cracked by a use, when metal bears so much more than the table's; both as logarithms. */
function crackedBy(logUse: number, logFactor: number): number {
  const z = (logUse - Math.log(CRACK_AT.median) - logFactor) / CRACK_AT.logSpread;
  // Logistic stand-in for the normal distribution, within a hundredth: what is learnt was tried with it.
  return 1 / (1 + Math.exp(-1.702 * z));
}

export interface AllowanceFit {
  readonly factor: number;
  readonly rings: number;
  readonly cracks: number;
}

/** Most likely factor on the table's allowance given what held and what cracked, pulled towards 1. */
export function allowanceFit(strained: readonly Strained[]): AllowanceFit {
  let best = { factor: 1, score: -Infinity };
  const seen = strained.map(({ use, cracked }) => ({ logUse: Math.log(use), cracked }));
  for (let i = 0; i < GRID.steps; i++) {
    const factor = GRID.from + ((GRID.to - GRID.from) * i) / (GRID.steps - 1);
    const logFactor = Math.log(factor);
    let score = -((logFactor / PULL_LOG) ** 2) / 2;
    for (const { logUse, cracked } of seen) {
      const share = Math.min(1 - 1e-9, Math.max(1e-9, crackedBy(logUse, logFactor)));
      score += Math.log(cracked ? share : 1 - share);
    }
    if (score > best.score) best = { factor, score };
  }
  return {
    factor: best.factor,
    rings: new Set(strained.map(({ ringId }) => ringId)).size,
    cracks: strained.filter(({ cracked }) => cracked).length,
  };
}
