import { degToRad } from '../numeric';
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

/** A wall as a step of a route keeps it: where its fibres began follows from how far their hoops were stretched. */
export function wallLineOfOutline(outline: WallOutline): WallLine {
  const { arcMm, meanRadiusMm, thicknessMm, leanDeg, strainLog } = outline;
  const original = meanRadiusMm.map((radius, i) => radius * Math.exp(-(strainLog[i] ?? 0)));
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

/** A place in the ring's own section: from the axis, and along it from the cut edge, mm. */
export interface SectionPoint {
  readonly radiusMm: number;
  readonly axialMm: number;
}

/** The two sides of a wall in section, from the cut edge to the rim edge. */
export interface WallSection {
  readonly outside: readonly SectionPoint[];
  readonly inside: readonly SectionPoint[];
}

/** The section of a ring: the middle of its wall, and half the thickness square to it on either side. */
export function sectionOf({
  spacingMm,
  meanRadiusMm,
  thicknessMm,
  leanDeg,
  widthStretch,
}: WallLine): WallSection {
  const outside: SectionPoint[] = [];
  const inside: SectionPoint[] = [];
  let axialMm = 0;
  const rise = (i: number) => (widthStretch[i] ?? 0) * Math.cos(degToRad(leanDeg[i] ?? 0));
  meanRadiusMm.forEach((radiusMm, i) => {
    if (i > 0) axialMm += (spacingMm * (rise(i - 1) + rise(i))) / 2;
    const half = (thicknessMm[i] ?? 0) / 2;
    const across = half * Math.cos(degToRad(leanDeg[i] ?? 0));
    const along = half * Math.sin(degToRad(leanDeg[i] ?? 0));
    outside.push({ radiusMm: radiusMm + across, axialMm: axialMm - along });
    inside.push({ radiusMm: radiusMm - across, axialMm: axialMm + along });
  });
  return { outside, inside };
}
