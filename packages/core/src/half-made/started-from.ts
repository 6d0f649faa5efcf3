import type { STARTED_STAGES } from './codes';
export type StartedStage = (typeof STARTED_STAGES)[number];

/** A half-made piece as it was measured: what it is, both ways round the mandrel, and whatever else is known; mm and degrees. */
export interface StartedFrom {
  readonly stage: StartedStage;
  /** Of a punched piece its hole, either way. */
  readonly rimDownMm: number;
  readonly cutDownMm: number;
  /** Along the axis, edge to edge. */
  readonly heightMm?: number | undefined;
  readonly thicknessRimMm?: number | undefined;
  readonly thicknessCutMm?: number | undefined;
  /** Of the wall from the axis. */
  readonly leanDeg?: number | undefined;
}

/** Something about a half-made piece that was not measured. */
export interface Assumption {
  readonly code:
    | 'hole-as-planned'
    | 'hole-from-height'
    | 'rim-hidden'
    | 'cut-hidden'
    | 'lean-assumed'
    | 'curl-assumed'
    | 'height-computed'
    | 'thickness-computed'
    | 'measures-disagree'
    | 'hard'
    | 'no-lip'
    | 'edges-alike';
  readonly message: string;
}
