/** What a route is judged by, gravest first: fewest missing tools, then risks, then anneals, then minutes. */
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

/** Negative when the first route is the better one. */
export function compareCost(a: RouteCost, b: RouteCost): number {
  return (
    a.missingTools - b.missingTools || a.risks - b.risks || a.anneals - b.anneals || a.minutes - b.minutes
  );
}
