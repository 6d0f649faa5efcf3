import type { StepKind } from './step-kind';

/** Weight of a blow under which the wall lies in a die: the die supports it (craft §4, default). */
const SUPPORTED_WEIGHT = 2 / 3;
/** Free opening counts in full. */
const FREE_WEIGHT = 1;

const WEIGHTS: Partial<Readonly<Record<StepKind, number>>> = {
  fold: SUPPORTED_WEIGHT,
  reduce: SUPPORTED_WEIGHT,
  stepped: SUPPORTED_WEIGHT,
  curl: SUPPORTED_WEIGHT,
  stretch: FREE_WEIGHT,
  straighten: FREE_WEIGHT,
  'true-up': FREE_WEIGHT,
  bend: FREE_WEIGHT,
  close: FREE_WEIGHT,
  assemble: FREE_WEIGHT,
  roll: FREE_WEIGHT,
};

/** Kinds of step whose heat softens the metal as an anneal does. */
const SOFTENS: readonly StepKind[] = ['anneal', 'solder'];

export function softens(kind: StepKind): boolean {
  return SOFTENS.includes(kind);
}

/** How much a hoop strain of this kind of step counts against the allowance; 0 where nothing is formed. */
export function budgetWeight(kind: StepKind): number {
  return WEIGHTS[kind] ?? 0;
}

/** Weighted hoop strain since the last anneal, per edge: the softness gauge. */
export interface EdgeSpend {
  readonly cut: number;
  readonly rim: number;
}

export const FRESH: EdgeSpend = { cut: 0, rim: 0 };

/** Adds a step's strains to what was spent. */
export function spend(
  spent: EdgeSpend,
  kind: StepKind,
  strainCutEdge: number,
  strainRimEdge: number,
): EdgeSpend {
  const weight = budgetWeight(kind);
  return {
    cut: spent.cut + weight * Math.abs(strainCutEdge),
    rim: spent.rim + weight * Math.abs(strainRimEdge),
  };
}

/** The fuller of the two gauges. */
export function fullest(spent: EdgeSpend): number {
  return Math.max(spent.cut, spent.rim);
}
