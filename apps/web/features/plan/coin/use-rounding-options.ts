import {
  hollowsMm,
  PUSH_DEPTHS,
  pushDepthMm,
  type CurlTool,
  type CurlWish,
  type PushDepth,
} from '@round-mint/core/forming';
import { toolsOf } from '@round-mint/core/kit';
import { planCoinRing } from '@round-mint/core/route';
import type { WallOutline } from '@round-mint/core/steps';
import { useMemo } from 'react';
import type { PlanModel } from '@/features/plan/draft/plan-model';
import { useInSlices } from '@/features/plan/draft/use-in-slices';

/** Angles that makers have curl dies of. */
const USUAL_ANGLES_DEG = [17, 25];
/** Few fibres: the drawing is a thumb wide. */
const INTERVALS = 16;

/** Cones of the usual angles and of the kit's, and the hollows of its dapping block that fit the ring. */
export function roundingTools({ kit, plan, targetMm = 0 }: PlanModel): readonly CurlTool[] {
  const { least, most } = hollowsMm(targetMm, plan?.workingThicknessMm ?? 0);
  const owned = toolsOf(kit, 'reducing-die').map(({ spec }) => spec.angleDeg);
  const angles = [...new Set([...USUAL_ANGLES_DEG, ...owned])].sort((a, b) => a - b);
  const balls = [...new Set(toolsOf(kit, 'dapping-ball').map(({ spec }) => spec.diameterMm))].filter(
    (mm) => mm >= least && mm <= most,
  );
  return [
    ...angles.map((angleDeg) => ({ kind: 'cone', angleDeg }) as const),
    ...balls.map((mm) => ({ kind: 'hollow', radiusMm: mm / 2 }) as const),
  ];
}

/** Names a tool among the others. */
export function toolKey(tool: CurlTool): string {
  return tool.kind === 'cone' ? `die-${tool.angleDeg}` : `hollow-${2 * tool.radiusMm}`;
}

export interface RoundingOption {
  /** Straight band before the edges are turned in, mm. */
  readonly beforeMm: number;
  readonly dropMm: number;
  readonly pushMm: number;
  readonly heightMm: number;
  readonly finished: WallOutline;
  /** The wall when the first edge is about to be pushed. */
  readonly straight: WallOutline | undefined;
}

type Question = Pick<PlanModel, 'piece' | 'targetMm' | 'holeMm' | 'school' | 'kit' | 'traits'>;

/** The ring that a depth gives; undefined for a depth that it cannot have. */
export function roundingOption(question: Question, curl: CurlWish): RoundingOption | undefined {
  const { piece, targetMm, holeMm, school, kit, traits } = question;
  if (!piece || targetMm === undefined || holeMm === undefined) return undefined;
  const wall = { kind: 'rounded', curl } as const;
  const input = { coin: piece, holeMm, targetInsideDiameterMm: targetMm, wall, school };
  const { route, beforeCurlInsideDiameterMm, curlDropMm, bandWidthMm, axialHeightMm } = planCoinRing(input, {
    kit,
    traits,
    intervals: INTERVALS,
  });
  const finished = route?.steps.at(-1)?.outline;
  if (!route || !finished) return undefined;
  const first = route.steps.findIndex(({ kind }) => kind === 'curl');
  return {
    beforeMm: beforeCurlInsideDiameterMm,
    dropMm: curlDropMm,
    pushMm: pushDepthMm(curl, bandWidthMm),
    heightMm: axialHeightMm,
    finished,
    straight: route.steps[first - 1]?.outline,
  };
}

/** Lightly, half and full in the chosen tool, each as it would come out; worked out a moment after the plan. */
export function useRoundingOptions(
  model: PlanModel,
  { dieAngleDeg, hollowRadiusMm }: CurlWish,
): ReadonlyMap<PushDepth, RoundingOption | undefined> {
  const { piece, targetMm, holeMm, school, kit, traits } = model;
  // By the tool's measure alone: another depth asks nothing new.
  const workOut = useMemo(() => {
    const question = { piece, targetMm, holeMm, school, kit, traits };
    return (depth: PushDepth) =>
      roundingOption(
        question,
        dieAngleDeg === undefined ? { hollowRadiusMm, depth } : { dieAngleDeg, depth },
      );
  }, [piece, targetMm, holeMm, school, kit, traits, dieAngleDeg, hollowRadiusMm]);
  return useInSlices(PUSH_DEPTHS, workOut);
}
