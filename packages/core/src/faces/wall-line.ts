import type { Meridian } from '../forming';
import type { WallOutline } from '../steps';

/** A wall from its cut edge to its rim edge, by fibres that lay evenly in the flat piece; arrays run side by side. */
export interface WallLine {
  /** Distance of neighbouring fibres in the flat piece, mm. */
  readonly spacingMm: number;
  /** Where the first fibre lay, mm from the middle of the flat piece. */
  readonly holeRadiusMm: number;
  readonly meanRadiusMm: readonly number[];
  readonly thicknessMm: readonly number[];
  /** Outward from cut edge to rim edge, degrees from the axis; 90 is flat. */
  readonly leanDeg: readonly number[];
  /** Width now against the flat piece's. */
  readonly widthStretch: readonly number[];
}

export function wallLineOf({ originalRadiusMm, ...wall }: Meridian): WallLine {
  return { ...wall, holeRadiusMm: originalRadiusMm[0] ?? 0 };
}

/** Slopes of values that lie evenly, by central differences, at the ends one-sided of the second order. */
export function slopesOf(values: readonly number[], spacing: number): number[] {
  const last = values.length - 1;
  const at = (index: number) => values[index] ?? 0;
  return values.map((_, i) => {
    if (i === 0) return (-3 * at(0) + 4 * at(1) - at(2)) / (2 * spacing);
    if (i === last) return (3 * at(last) - 4 * at(last - 1) + at(last - 2)) / (2 * spacing);
    return (at(i + 1) - at(i - 1)) / (2 * spacing);
  });
}

/** Where the fibres of a wall lay in the flat piece, mm from its middle: it follows from how far their hoops were stretched. */
export function flatRadiiMm({
  meanRadiusMm,
  strainLog,
}: Pick<WallOutline, 'meanRadiusMm' | 'strainLog'>): number[] {
  return meanRadiusMm.map((radius, i) => radius * Math.exp(-(strainLog[i] ?? 0)));
}

/** A wall as a step of a route keeps it: where its fibres began follows from how far their hoops were stretched. */
export function wallLineOfOutline(outline: WallOutline): WallLine {
  const { arcMm, meanRadiusMm, thicknessMm, leanDeg } = outline;
  const original = flatRadiiMm(outline);
  const [holeRadiusMm = 0] = original;
  const spacingMm = ((original.at(-1) ?? 0) - holeRadiusMm) / (original.length - 1);
  return {
    spacingMm,
    holeRadiusMm,
    meanRadiusMm,
    thicknessMm,
    leanDeg,
    widthStretch: slopesOf(arcMm, spacingMm),
  };
}
