import { gravestFirst, type Reasoned } from '../forming';
import { stiffnessOf, type MetalId } from '../metal';
import { type Kit, mandrelOf } from '../kit';
import { benchAllowance } from '../route';
import {
  type BenchTraits,
  DEFAULT_TRAITS,
  type Finish,
  type RouteStep,
  routeTotals,
  type RouteTotals,
} from '../steps';
import type { SizeSystemId } from '../size';
import type { WorkFigure } from './figure';
import type { StripPiece, Work, WorkKind, WorkPiece } from './kinds';

/** What a ring of any kind was predicted as: the log compares by it. Bands have two edges alike. */
export interface WorkPrediction {
  readonly targetInsideDiameterMm: number;
  readonly bandWidthMm: number;
  readonly axialHeightMm: number;
  readonly thicknessCutEdgeMm: number;
  readonly thicknessRimEdgeMm: number;
  /** What is cut away and kept for scrap, g. */
  readonly slugMassG: number;
  readonly ringMassG: number;
  readonly annealCount: number;
}

export interface WorkPlan {
  readonly kind: WorkKind;
  readonly feasible: boolean;
  readonly reasons: readonly Reasoned[];
  readonly figures: readonly WorkFigure[];
  readonly prediction: WorkPrediction;
  readonly steps: readonly RouteStep[];
  readonly totals: RouteTotals;
  readonly allowanceStrainLog: number;
  /** Length of strip that the ring takes, mm; 0 where a whole piece is used. */
  readonly usesLengthMm: number;
  /** Length that its other part takes of the strip it is cut from, mm; 0 without one. */
  readonly otherUsesMm: number;
}

/** What is wanted of a piece. */
export interface WorkWish<W extends Work = Work, P extends WorkPiece = WorkPiece> {
  readonly work: W;
  readonly piece: P;
  readonly targetInsideDiameterMm: number;
  readonly finish: Finish;
  /** The strip in stock that the other part is cut from. */
  readonly other?: OtherPart | undefined;
}

export interface OtherPart {
  readonly piece: StripPiece;
  /** Whether it is the strip that the first part comes from: then both come off its length. */
  readonly isSame: boolean;
}

export interface WorkBench {
  readonly kit: Kit;
  readonly traits?: BenchTraits | undefined;
  /** Sizes that amounts are told in; left out, US. */
  readonly system?: SizeSystemId | undefined;
}

export function bandBench({ kit, traits = DEFAULT_TRAITS }: WorkBench, metal: MetalId) {
  return { traits, mandrel: mandrelOf(kit), metal };
}

/** What a metal bears between anneals; one that is never softened, what it bears at all. */
export function allowanceOf(
  metal: MetalId,
  thicknessMm: number,
  { traits = DEFAULT_TRAITS }: WorkBench,
): number {
  return benchAllowance(metal, thicknessMm, traits) || Math.log(1 + stiffnessOf(metal).bendLimit);
}

type Parts = Omit<WorkPlan, 'feasible' | 'totals' | 'prediction' | 'otherUsesMm'> & {
  readonly otherUsesMm?: number;
  readonly prediction: Omit<WorkPrediction, 'annealCount'>;
};

/** A plan from its parts: feasible unless something refuses, anneals counted along its steps; refused work has no steps. */
export function finishedPlan({ reasons, steps, prediction, otherUsesMm = 0, ...rest }: Parts): WorkPlan {
  const feasible = reasons.every(({ level }) => level !== 'refuse');
  const kept = feasible ? steps : [];
  const totals = routeTotals(kept);
  return {
    ...rest,
    otherUsesMm,
    feasible,
    reasons: gravestFirst(reasons),
    steps: kept,
    totals,
    prediction: { ...prediction, annealCount: totals.anneals },
  };
}

const NO_TOTALS: RouteTotals = { anneals: 0, handsOnMin: 0, waitMin: 0 };

/** A plan with more to say about it; a refusal takes its route away. */
export function gated(plan: WorkPlan, more: readonly Reasoned[]): WorkPlan {
  const reasons = gravestFirst([...plan.reasons, ...more]);
  if (more.every(({ level }) => level !== 'refuse')) return { ...plan, reasons };
  return { ...plan, reasons, feasible: false, steps: [], totals: NO_TOTALS };
}
