import type { Meridian } from '../forming';
import type { BenchTraits, Face, RouteStep } from '../steps';
import { faceMap } from './face-map';
import { judgeMark, largestHoleMm, type FaceMark } from './must-stay';
import { trimmedLipMm } from './trimmed-lip';
import { wallLineOf } from './wall-line';

/** Something on a face of a piece that has to be seen on its ring. */
export interface MarkOnFace {
  readonly name: string;
  readonly face: Face;
  readonly mark: FaceMark;
}

/** A piece with what must stay on it. */
export interface MarkedPiece {
  readonly diameterMm: number;
  readonly outsideFace?: string | undefined;
  readonly mustStay?: readonly MarkOnFace[] | null | undefined;
}

/** The largest hole that leaves whole all that must stay on a piece, mm; any will do where there is nothing. */
export function mostHoleMm({ diameterMm, mustStay }: MarkedPiece): number {
  const marks = (mustStay ?? []).map(({ mark }) => mark);
  if (marks.length === 0) return Infinity;
  return largestHoleMm(marks, { lipRadiusMm: diameterMm / 2 }) ?? 0;
}

/** Where the trimmed lip begins on the face that lies inside: from its middle, mm. */
export function lipRadiusMm(
  finished: Meridian,
  steps: readonly Pick<RouteStep, 'kind'>[],
  traits?: BenchTraits,
): number {
  const inside = faceMap(wallLineOf(finished), { side: 'inside' });
  const place = inside.toFace({ heightMm: inside.widthMm - trimmedLipMm(steps, traits), roundMm: 0 });
  return place?.radiusMm ?? Infinity;
}

/**
 * What of a piece a hole, and the lip trimmed off its inside, do not leave whole, by name.
 * @param insideLipRadiusMm see {@link lipRadiusMm}; left out, nothing is trimmed
 */
export function spoiltMarks(
  { diameterMm, outsideFace, mustStay }: MarkedPiece,
  holeMm: number,
  insideLipRadiusMm: number = diameterMm / 2,
): readonly string[] {
  const outside = outsideFace === 'reverse' ? 'reverse' : 'obverse';
  return (mustStay ?? [])
    .filter(({ face, mark }) => {
      const lipRadiusMm = face === outside ? diameterMm / 2 : Math.min(diameterMm / 2, insideLipRadiusMm);
      return judgeMark(mark, { holeMm, lipRadiusMm }).stays !== 'whole';
    })
    .map(({ name }) => name);
}
