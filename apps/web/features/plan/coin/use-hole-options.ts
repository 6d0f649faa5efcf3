import { useMemo } from 'react';
import { holeWidth, type PlanModel } from '@/features/plan/draft/plan-model';
import { lipRadii, spoilWords } from '@/features/plan/draft/must-stay';
import { useInSlices } from '@/features/plan/draft/use-in-slices';

export interface HoleOption {
  readonly holeMm: number;
  /** Undefined when this hole cannot make the ring. */
  readonly bandWidthMm: number | undefined;
  /** Whether it was computed yet. */
  readonly known: boolean;
  /** What of that which must stay it spoils: "cuts the year". */
  readonly spoils?: string | undefined;
}

/** Every owned hole with the band width it would give: ten times the work of the plan itself, so it comes a moment later. */
export function useHoleOptions(model: PlanModel): readonly HoleOption[] {
  const { piece, targetMm, wall, school, kit, traits, ownedHoles, holeMm, plan } = model;
  const workOut = useMemo(() => {
    if (!piece || targetMm === undefined) return undefined;
    const question = { coin: piece, targetInsideDiameterMm: targetMm, wall, school };
    return (hole: number) => holeWidth(question, hole, kit, traits);
  }, [piece, targetMm, wall, school, kit, traits]);
  const widths = useInSlices(ownedHoles, workOut);
  const spoilt = useMemo(() => {
    if (!piece) return undefined;
    const lips = lipRadii(piece, plan, traits);
    return new Map(ownedHoles.map((hole) => [hole, spoilWords(piece, hole, lips)]));
  }, [piece, plan, traits, ownedHoles]);
  return ownedHoles.map((hole) => {
    const spoils = spoilt?.get(hole);
    // The chosen hole shows the plan's own figure: what is drawn and what is offered agree to the last digit.
    if (hole === holeMm && plan?.feasible)
      return { holeMm: hole, bandWidthMm: plan.bandWidthMm, known: true, spoils };
    return { holeMm: hole, bandWidthMm: widths.get(hole), known: widths.has(hole), spoils };
  });
}
