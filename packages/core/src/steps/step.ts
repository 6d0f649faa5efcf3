import { degToRad } from '../numeric';
import type { EdgeDiameters, MandrelReading } from '../size';
import type { SpoilRisk } from './spoil-risk';
import type { StepKind } from './step-kind';
import type { PieceState } from './piece-state';
import type { ToolContact } from '../kit';
import type { Bar } from '../rolling';
import type { FunnelTruth } from './traits';
import type { StepWait } from './waits';

/** The wall at a handful of places, enough to draw it; from cut edge to rim edge, mm. */
export interface WallOutline {
  readonly arcMm: readonly number[];
  readonly meanRadiusMm: readonly number[];
  readonly thicknessMm: readonly number[];
  readonly leanDeg: readonly number[];
  /** Hoop strain since the flat coin, for the tint. */
  readonly strainLog: readonly number[];
}

export interface RouteStep {
  readonly kind: StepKind;
  /** What is done, in one word, where its kind says too little: "Engrave". */
  readonly verb?: string | undefined;
  /** The customer's wish beside the shape: it stays in when another finish is chosen. */
  readonly wished?: true | undefined;
  /** The verb and what to: "Fold, stroke 2 of 3". */
  readonly title: string;
  /** What the hands do. */
  readonly instruction: string;
  /** What good looks like, and what to look out for. */
  readonly lookFor: string;
  /** Tool from the kit and how it is used. */
  readonly tool?: string | undefined;
  /** That tool, where it is one of the kit. */
  readonly toolId?: string | undefined;
  readonly before: EdgeDiameters;
  readonly after: EdgeDiameters;
  /** Hoop strain this step adds at each edge, signed. */
  readonly strainCutEdge: number;
  readonly strainRimEdge: number;
  /** The piece has to be annealed right before; the anneal is a step of its own in the route. */
  readonly annealFirst: boolean;
  readonly handsOnMin: number;
  readonly waitMin: number;
  readonly caution?: string | undefined;
  readonly outline: WallOutline;
  /** What the mandrel says after the step, both ways round; the bench checks against it. Steps that are not read have none. */
  readonly reading?: MandrelReading | undefined;
  /** How far past the size the tool is taken, since the ring gives it back, mm. */
  readonly springbackMm?: number | undefined;
  /** What had been learnt of that springback when this was planned: it is so many times the default's. Left out where nothing was. */
  readonly springbackFactor?: number | undefined;
  /** How much more the mandrel was known to read than this tool is taken to, mm. Left out where nothing was known. */
  readonly gaugeMm?: number | undefined;
  /** Only of the last true-up: how much larger rings were known to read at their end, mm. Left out where nothing was known. */
  readonly endsMm?: number | undefined;
  /** The tool where it touches the wall, for the drawing. */
  readonly contact?: ToolContact | undefined;
  /** Only of a fold in a die of the kit: how its funnels lie about the law, as it was known when this was planned. */
  readonly funnel?: FunnelTruth | undefined;
  /** What may go wrong in it. */
  readonly risks?: readonly SpoilRisk[] | undefined;
  /** Only under tape. */
  readonly tape?: TapeUse | undefined;
  /** Rings begun before it was told have none. */
  readonly pieceState?: PieceState | undefined;
  /** What may be timed in it. */
  readonly waits?: readonly StepWait[] | undefined;
  /** The piece while it is no closed band yet: only of handles, strips and what is made of them. */
  readonly blank?: StepBlank | undefined;
  /** Only of a pass through the rolls. */
  readonly rolling?: RollingStep | undefined;
}

/** Which bar goes through the rolls, as it was cut off, and between which thicknesses, mm. */
export interface RollingStep {
  readonly bar: Bar;
  readonly fromMm: number;
  readonly toMm: number;
  /** How much of the ring's gauge a strain between the rolls fills: rolled metal bears another strain than a hoop. */
  readonly gaugePerStrain: number;
}

/** A blank as a drawing shows it: thickness and width along it, and how far it is bent. */
export interface StepBlank {
  readonly stations: readonly {
    readonly atMm: number;
    readonly thicknessMm: number;
    readonly widthMm?: number | undefined;
  }[];
  /** Inside diameter of the bend, mm; null while it is flat. */
  readonly bentToMm: number | null;
}

/** PTFE tape for one pass (craft §5). */
export interface TapeUse {
  readonly turns: number;
  readonly lengthMm: number;
  /** Witness lines still to stand above the die, when a chart of this pusher knows. */
  readonly reveal?: number | undefined;
}

/** How far along the mandrel a wall reaches, mm: what decides which edge binds. */
export function axialHeightMm({ arcMm, leanDeg }: Pick<WallOutline, 'arcMm' | 'leanDeg'>): number {
  const upright = leanDeg.map((deg) => Math.cos(degToRad(deg)));
  return arcMm
    .slice(1)
    .reduce(
      (sum, arc, i) => sum + ((arc - (arcMm[i] ?? 0)) * ((upright[i] ?? 1) + (upright[i + 1] ?? 1))) / 2,
      0,
    );
}

/** Whether a step changes the wall. */
export function movesWall({
  strainCutEdge,
  strainRimEdge,
}: Pick<RouteStep, 'strainCutEdge' | 'strainRimEdge'>): boolean {
  return strainCutEdge !== 0 || strainRimEdge !== 0;
}

export interface RouteTotals {
  readonly anneals: number;
  readonly handsOnMin: number;
  readonly waitMin: number;
}

export function routeTotals(steps: readonly RouteStep[]): RouteTotals {
  return {
    anneals: steps.filter(({ kind }) => kind === 'anneal').length,
    handsOnMin: steps.reduce((sum, step) => sum + step.handsOnMin, 0),
    waitMin: steps.reduce((sum, step) => sum + step.waitMin, 0),
  };
}
