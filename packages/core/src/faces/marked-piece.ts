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

/** Which face should come outside, and what of those that must stay lies on it, by name. */
export interface OutsideProposal {
  readonly face: Face;
  readonly shows: readonly string[];
}

/**
 * The face that shows most of what must stay: what lies inside is seen only while the ring is off, and the lip may take it.
 * @returns undefined where neither face is the better one
 */
export function proposedOutside({ mustStay }: MarkedPiece): OutsideProposal | undefined {
  const on = (face: Face) => (mustStay ?? []).filter((mark) => mark.face === face).map(({ name }) => name);
  const [obverse, reverse] = [on('obverse'), on('reverse')];
  if (obverse.length === reverse.length) return undefined;
  return obverse.length > reverse.length
    ? { face: 'obverse', shows: obverse }
    : { face: 'reverse', shows: reverse };
}

/** Which face comes to lie outside: what the piece says; else the one that what must stay proposes; else the obverse. */
export function faceOutside(piece: MarkedPiece): Face {
  const { outsideFace } = piece;
  if (outsideFace === 'obverse' || outsideFace === 'reverse') return outsideFace;
  return proposedOutside(piece)?.face ?? 'obverse';
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
  piece: MarkedPiece,
  holeMm: number,
  insideLipRadiusMm: number = piece.diameterMm / 2,
): readonly string[] {
  const { diameterMm, mustStay } = piece;
  const outside = faceOutside(piece);
  return (mustStay ?? [])
    .filter(({ face, mark }) => {
      const lipRadiusMm = face === outside ? diameterMm / 2 : Math.min(diameterMm / 2, insideLipRadiusMm);
      return judgeMark(mark, { holeMm, lipRadiusMm }).stays !== 'whole';
    })
    .map(({ name }) => name);
}
