import { MM_PER_US_SIZE } from './us';

/** A tapered, graduated bar on which a ring's size is read. */
export interface MandrelTaper {
  /** Length of mandrel for one US size, mm. */
  readonly mmPerUsSize: number;
}

/** Craft §1: one US size per half inch of length. */
export const DEFAULT_MANDREL: MandrelTaper = { mmPerUsSize: 12.7 };

/** Which line of the mandrel is read: at the ring's leading edge (towards the thick end), or at its middle. */
export type ReadingMark = 'leading' | 'centre';

/** The two inside diameters of a ring being made, one per edge, mm. */
export interface EdgeDiameters {
  readonly rimInsideDiameterMm: number;
  readonly cutInsideDiameterMm: number;
}

/** What the mandrel says both ways round, mm. */
export interface MandrelReading {
  readonly rimDownMm: number;
  readonly cutDownMm: number;
}

function growthOverBand(axialHeightMm: number, mandrel: MandrelTaper): number {
  return (axialHeightMm * MM_PER_US_SIZE) / mandrel.mmPerUsSize;
}

/** Diameter of the mandrel at the mark read, less that at the leading edge, mm. */
function markOffset(mark: ReadingMark, growthMm: number): number {
  return mark === 'centre' ? -growthMm / 2 : 0;
}

/**
 * Where a ring binds on a tapered mandrel. The leading edge lies on the thicker part; the trailing edge binds first
 * only when it is smaller by more than the mandrel grows over the band.
 */
export function predictReading(
  edges: EdgeDiameters,
  axialHeightMm: number,
  mark: ReadingMark = 'leading',
  mandrel: MandrelTaper = DEFAULT_MANDREL,
): MandrelReading {
  const growthMm = growthOverBand(axialHeightMm, mandrel);
  const offset = markOffset(mark, growthMm);
  const { rimInsideDiameterMm: rim, cutInsideDiameterMm: cut } = edges;
  return {
    rimDownMm: Math.min(rim, cut + growthMm) + offset,
    cutDownMm: Math.min(cut, rim + growthMm) + offset,
  };
}

/** Edge diameters behind a reading; an edge that was hidden behind the other is only known to be at least that large. */
export interface EdgesFromReading extends EdgeDiameters {
  readonly hiddenEdge: 'rim' | 'cut' | undefined;
}

/** The inverse of {@link predictReading}. */
export function edgesFromReading(
  reading: MandrelReading,
  axialHeightMm: number,
  mark: ReadingMark = 'leading',
  mandrel: MandrelTaper = DEFAULT_MANDREL,
): EdgesFromReading {
  const growthMm = growthOverBand(axialHeightMm, mandrel);
  const offset = markOffset(mark, growthMm);
  const rim = reading.rimDownMm - offset;
  const cut = reading.cutDownMm - offset;
  // Readings come in quarter sizes: one that lies this close to where the other edge binds may well be that edge.
  const tolerance = Math.min(MM_PER_US_SIZE / 4, growthMm / 2);
  const hiddenEdge =
    rim - cut >= growthMm - tolerance ? 'rim' : cut - rim >= growthMm - tolerance ? 'cut' : undefined;
  return { rimInsideDiameterMm: rim, cutInsideDiameterMm: cut, hiddenEdge };
}
