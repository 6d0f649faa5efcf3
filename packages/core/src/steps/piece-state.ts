import type { PushedMm, StraightBand } from '../forming';
import type { STAGES } from './codes';

export type Stage = (typeof STAGES)[number];

/** How far forming has brought a piece. */
export interface FormingProgress {
  readonly stage: Stage;
  readonly foldDeg?: number | undefined;
  /** Straight size from which the curl lands on target, mm; known from the funnel on. */
  readonly beforeCurlMm?: number | undefined;
  /** Straight size past the target where a school brings both edges together, mm. */
  readonly meetMm?: number | undefined;
  readonly curlDeg?: number | undefined;
  /** How far each edge has been pushed in by now, mm along the axis; where the plan says a depth. */
  readonly pushedMm?: PushedMm | undefined;
  /** The straight wall that the pushes began on. */
  readonly pushedBand?: Pick<StraightBand, 'widthMm' | 'thicknessMm'> | undefined;
}

/** How far a piece has come after a step, so that the bench can plan on from there. */
export interface PieceState extends FormingProgress {
  /** Lip at the rim edge that is not yet trimmed, mm of diameter. */
  readonly lipMm: number;
}
