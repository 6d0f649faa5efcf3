import type { MustStay, PieceFace } from '@round-mint/contract/stock-faces';
import type { FaceMark } from '@round-mint/core/faces';
import { radToDeg, withinTurnDeg } from '@round-mint/core/numeric';

export type MarkKind = FaceMark['kind'];

/** A place on a face: to the right of its middle and up from it, mm. */
export interface FaceSpot {
  readonly rightMm: number;
  readonly upMm: number;
}

/** Thinner than this nothing can be meant. */
const LEAST_MM = 0.4;
const LEAST_DEG = 2;

const tenth = (value: number) => Math.round(value * 10) / 10;

function sectorBetween(from: FaceSpot, to: FaceSpot, rimMm: number): FaceMark | undefined {
  const far = [from, to].map(({ rightMm, upMm }) => Math.min(rimMm, Math.hypot(rightMm, upMm)));
  const [first = 0, second = 0] = [from, to].map(({ rightMm, upMm }) => radToDeg(Math.atan2(rightMm, upMm)));
  // Whichever way the finger went, the shorter way round is meant.
  const clockwise = withinTurnDeg(second - first);
  const [fromDeg, sweepDeg] = clockwise <= 180 ? [first, clockwise] : [second, 360 - clockwise];
  const innerMm = tenth(Math.min(...far));
  const outerMm = tenth(Math.max(...far));
  if (outerMm - innerMm < LEAST_MM || sweepDeg < LEAST_DEG) return undefined;
  const start = Math.round(withinTurnDeg(fromDeg));
  return { kind: 'sector', fromDeg: start, toDeg: (start + Math.round(sweepDeg)) % 360, innerMm, outerMm };
}

function boxBetween(from: FaceSpot, to: FaceSpot): FaceMark | undefined {
  const [leftMm, rightMm] = [from.rightMm, to.rightMm].sort((a, b) => a - b).map(tenth);
  const [bottomMm, topMm] = [from.upMm, to.upMm].sort((a, b) => a - b).map(tenth);
  if (leftMm === undefined || rightMm === undefined || bottomMm === undefined || topMm === undefined)
    return undefined;
  if (rightMm - leftMm < LEAST_MM || topMm - bottomMm < LEAST_MM) return undefined;
  return { kind: 'box', leftMm, rightMm, bottomMm, topMm };
}

/** What a finger marks that goes from one place of a face to another; undefined where that is too little. */
export function markBetween(
  kind: MarkKind,
  from: FaceSpot,
  to: FaceSpot,
  rimMm: number,
): FaceMark | undefined {
  return kind === 'box' ? boxBetween(from, to) : sectorBetween(from, to, rimMm);
}

/** Where a mark lies, in words. */
export function markWords({ mark }: Pick<MustStay, 'mark'>, length: (mm: number) => string): string {
  if (mark.kind === 'sector') {
    return `${length(mark.innerMm)} to ${length(mark.outerMm)} from the middle, ${Math.round(mark.fromDeg)}° to ${Math.round(mark.toDeg)}°`;
  }
  return `a box of ${length(mark.rightMm - mark.leftMm)} × ${length(mark.topMm - mark.bottomMm)}`;
}

/** Those of one face. */
export function marksOn(marks: readonly MustStay[], face: PieceFace): readonly MustStay[] {
  return marks.filter((mark) => mark.face === face);
}
