/** What a route is judged by: a missing tool before all; then risks, anneals and minutes, all of them as minutes. */
export interface RouteCost {
  readonly missingTools: number;
  readonly risks: number;
  readonly anneals: number;
  readonly minutes: number;
}

export const NO_COST: RouteCost = { missingTools: 0, risks: 0, anneals: 0, minutes: 0 };

export function addCost(a: RouteCost, b: RouteCost): RouteCost {
  return {
    missingTools: a.missingTools + b.missingTools,
    risks: a.risks + b.risks,
    anneals: a.anneals + b.anneals,
    minutes: a.minutes + b.minutes,
  };
}

/** Of a hundred rings that are made in the face of a warning so many more are lost. */
export const LOST_PER_RISK = 0.06;
/** What a lost ring costs: some two hours of work, and a piece that costs as much again (our assumption), minutes. */
const RING_AT_STAKE_MIN = 200;
/** Besides its own minutes an anneal takes gas and leaves fire scale and grain, minutes (our assumption). */
const ANNEAL_MIN = 4;

/**
 * A route's effort in minutes. A warning weighs 12 of them, an anneal 9 with its own time: a maker takes one heat more
 * to be rid of a warning, never two.
 */
export function effortMin({ risks, anneals, minutes }: RouteCost): number {
  return minutes + ANNEAL_MIN * anneals + LOST_PER_RISK * RING_AT_STAKE_MIN * risks;
}

/** Negative when the first route is the better one. */
export function compareCost(a: RouteCost, b: RouteCost): number {
  return a.missingTools - b.missingTools || effortMin(a) - effortMin(b) || a.anneals - b.anneals;
}
