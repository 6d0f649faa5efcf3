import type { MetalId } from '../metal';
import { ringOutcome, type RingState } from '../ring';
import type { Finish } from '../steps';
import type { WorkKind } from '../work';
import type { CareQuestion } from './care';

/** What is asked of a ring at the bench to say what it is once it is finished. */
export interface FinishedRing {
  readonly kind: 'coin' | WorkKind;
  readonly metal: MetalId;
  readonly finish: Finish | undefined;
  readonly prediction: {
    readonly targetInsideDiameterMm: number;
    readonly bandWidthMm: number;
    readonly axialHeightMm: number;
    readonly thicknessCutEdgeMm: number;
    readonly thicknessRimEdgeMm: number;
    readonly ringMassG: number;
  };
  readonly state: RingState;
}

/** A finished band: as it was measured, and where it was not, as it was planned. */
export interface FinishedBandFacts extends CareQuestion {
  readonly widthMm: number;
  readonly heightMm: number;
  readonly massG: number;
  /** Which figures a mandrel, calliper or scale told; the others are the plan's. */
  readonly measured: {
    readonly size: boolean;
    readonly width: boolean;
    readonly thickness: boolean;
    readonly mass: boolean;
  };
}

/** Kinds of work whose faces or ornament go round the ring. */
const PATTERNED: readonly FinishedRing['kind'][] = ['coin', 'handle'];

function seamOf(kind: FinishedRing['kind'], kinds: readonly string[]): CareQuestion['seam'] {
  if (kind === 'coin-band' || (kind === 'handle' && !kinds.includes('solder'))) return 'open';
  return kinds.includes('solder') ? 'soldered' : 'none';
}

/** What a finished ring is: its measures, and all that its care and its resizing follow from. */
export function finishedBand({ kind, metal, finish, prediction, state }: FinishedRing): FinishedBandFacts {
  const { measured, steps } = state;
  const targetMm = state.targetInsideDiameterMm ?? prediction.targetInsideDiameterMm;
  const { insideDiameterMm } = ringOutcome(state, targetMm);
  const kinds = steps.map((step) => step.kind);
  const widthMm = measured?.bandWidthMm ?? prediction.bandWidthMm;
  return {
    metal,
    finish: finish ?? 'polished',
    lined: kinds.includes('plate'),
    patterned: PATTERNED.includes(kind),
    seam: seamOf(kind, kinds),
    insideDiameterMm: insideDiameterMm ?? targetMm,
    thicknessMm: Math.min(
      measured?.thicknessCutEdgeMm ?? prediction.thicknessCutEdgeMm,
      measured?.thicknessRimEdgeMm ?? prediction.thicknessRimEdgeMm,
    ),
    widthMm,
    // Its lean is the plan's: height and width grow together.
    heightMm: prediction.axialHeightMm * (widthMm / prediction.bandWidthMm),
    massG: measured?.massG ?? prediction.ringMassG,
    measured: {
      size: insideDiameterMm !== undefined,
      width: measured !== undefined,
      thickness: measured?.thicknessCutEdgeMm !== undefined || measured?.thicknessRimEdgeMm !== undefined,
      mass: measured?.massG !== undefined,
    },
  };
}
