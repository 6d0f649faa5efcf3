import { strainedUse } from '../ring';
import { CRACK_AT } from '../uncertainty';
import { strengthFit, type StrengthFit } from './strength-fit';
import type { WorkedRing } from './worked-ring';

/** The most that a ring's metal bore between two anneals, and whether it cracked at that, as a share of the allowance. */
export interface Strained {
  readonly ringId: string;
  readonly use: number;
  readonly cracked: boolean;
}

/** Holes lie off centre by so much on average, mm: the cut edge is stretched by more there (docs/model.md, How sure). */
const MEAN_OFF_CENTRE_MM = 0.15;
/** A gauge that hardly moved says nothing. */
const LEAST_USE = 0.05;

export const CRACKS: readonly string[] = ['crack-at-cut-edge', 'split-on-second-fold'];

/**
 * The fullest that the gauge got, up to the first crack. One piece of metal has one strength: how often it was filled
 * less than that tells nothing more.
 * @returns undefined when the gauge hardly moved
 */
export function mostStrained({ ring, state }: WorkedRing, allowanceStrainLog: number): Strained | undefined {
  const { spoilt } = state;
  const cracks = state.troubles.filter(({ symptom }) => CRACKS.includes(symptom)).map(({ step }) => step);
  if (spoilt && CRACKS.includes(spoilt.cause)) cracks.push(spoilt.step);
  const firstCrack = cracks.length > 0 ? Math.min(...cracks) : undefined;
  const done = state.steps.slice(0, firstCrack === undefined ? state.step : firstCrack + 1);
  const uses = strainedUse(done, allowanceStrainLog);
  const fullest = firstCrack === undefined ? Math.max(0, ...uses) : (uses.at(-1) ?? 0);
  const holeMm = state.holeMm ?? ring.coin?.input.holeMm;
  // Cracks begin where the hole lies nearest to the rim.
  const use = holeMm === undefined ? fullest : fullest * (1 + MEAN_OFF_CENTRE_MM / (holeMm / 2));
  return use > LEAST_USE ? { ringId: ring.id, use, cracked: firstCrack !== undefined } : undefined;
}

export interface AllowanceFit {
  /** That plans go by. */
  readonly factor: number;
  /** Most likely. */
  readonly likely: number;
  readonly rings: number;
  readonly cracks: number;
}

/** Plans ask no more of the metal than nine of ten likely strengths bear, and where it is weak, three of four. */
const SAFE = { strong: 0.1, weak: 0.25 };

/**
 * The factor on the table's allowance that plans go by. A ring that held says little of how much more it would have
 * borne, and a plan that asks for more is the next ring that is tried: by the most likely factor, more and more of them
 * crack. So it rises only as far as is all but certain, and falls as soon as metal is likely to be weak.
 */
function plannedFactor({ factor, below }: StrengthFit): number {
  return factor < 1 ? below(SAFE.weak) : Math.max(1, below(SAFE.strong));
}

/** The factor on the table's allowance given what held and what cracked, pulled towards 1. */
export function allowanceFit(strained: readonly Strained[]): AllowanceFit {
  const fit = strengthFit(
    strained.map(({ use, cracked }) => ({ use, gaveWay: cracked })),
    CRACK_AT,
  );
  return {
    factor: plannedFactor(fit),
    likely: fit.factor,
    rings: new Set(strained.map(({ ringId }) => ringId)).size,
    cracks: strained.filter(({ cracked }) => cracked).length,
  };
}
