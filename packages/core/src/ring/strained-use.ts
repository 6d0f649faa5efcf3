import { FRESH, fullest, type RouteStep, softens, spend } from '../steps';

/** How full the gauge is after each step of a route, as a share of an allowance; empty again after each anneal. */
export function strainedUse(steps: readonly RouteStep[], allowanceStrainLog: number): readonly number[] {
  let spent = FRESH;
  return steps.map(({ kind, strainCutEdge, strainRimEdge }) => {
    spent = softens(kind) ? FRESH : spend(spent, kind, strainCutEdge, strainRimEdge);
    return fullest(spent) / allowanceStrainLog;
  });
}
