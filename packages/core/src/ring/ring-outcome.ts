import { MM_PER_US_SIZE } from '../size';
import type { RingState } from './ring-state';

/** What a finished ring turned out as; undefined where nothing was measured. */
export interface RingOutcome {
  /** The smaller edge of a reading made after the last blow: where a finger, like a mandrel, binds. */
  readonly insideDiameterMm: number | undefined;
  readonly bandWidthMm: number | undefined;
  readonly thicknessCutEdgeMm: number | undefined;
  readonly thicknessRimEdgeMm: number | undefined;
  /** Actual less target, US sizes. */
  readonly sizeErrorUs: number | undefined;
  readonly anneals: number;
}

/** Predicted against actual starts here: the actual side, from a ring's state. */
export function ringOutcome(state: RingState, targetInsideDiameterMm: number): RingOutcome {
  // A reading from mid-route is no finished size (craft §13).
  const last = state.formedSinceReading ? undefined : state.readings.at(-1);
  const insideDiameterMm = last && Math.min(last.rimInsideDiameterMm, last.cutInsideDiameterMm);
  return {
    insideDiameterMm,
    bandWidthMm: state.measured?.bandWidthMm,
    thicknessCutEdgeMm: state.measured?.thicknessCutEdgeMm,
    thicknessRimEdgeMm: state.measured?.thicknessRimEdgeMm,
    sizeErrorUs:
      insideDiameterMm === undefined
        ? undefined
        : (insideDiameterMm - targetInsideDiameterMm) / MM_PER_US_SIZE,
    anneals: state.anneals,
  };
}
