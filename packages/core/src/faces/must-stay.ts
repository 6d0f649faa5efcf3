import { degToRad, radToDeg, withinTurnDeg } from '../numeric';

/**
 * Something on a face that has to be seen on the ring. A sector lies round the face, its angles clockwise from the top; a
 * box stands upright on it, its sides counted from the middle to the right and upward.
 */
export type FaceMark =
  | {
      readonly kind: 'sector';
      readonly fromDeg: number;
      readonly toDeg: number;
      readonly innerMm: number;
      readonly outerMm: number;
    }
  | {
      readonly kind: 'box';
      readonly leftMm: number;
      readonly rightMm: number;
      readonly bottomMm: number;
      readonly topMm: number;
    };

/** Where the middle of a hole lies that is not in the middle of the face. */
export interface HoleOffset {
  readonly offsetMm: number;
  /** Clockwise from the top of the face. */
  readonly angleDeg: number;
}

/** What takes something away from a face. */
export interface FaceCut {
  readonly holeMm: number;
  readonly offset?: HoleOffset | undefined;
  /** Where the lip begins that is trimmed away: from the middle of the face, mm; its rim where nothing is trimmed. */
  readonly lipRadiusMm: number;
}

export interface MarkVerdict {
  readonly stays: 'whole' | 'cut' | 'lost';
  /** Face left between the mark and the hole at their nearest, mm; below nothing, so much of the mark is cut. */
  readonly holeGapMm: number;
  /** The same between the mark and the lip. */
  readonly lipGapMm: number;
}

/** A place on a face: to the right of its middle, and up from it, mm. */
interface Spot {
  readonly rightMm: number;
  readonly upMm: number;
}

function spotAt(radiusMm: number, angleDeg: number): Spot {
  const angle = degToRad(angleDeg);
  return { rightMm: radiusMm * Math.sin(angle), upMm: radiusMm * Math.cos(angle) };
}

/** How wide a sector is: one that ends where it began goes all round. */
function sweepDeg({ fromDeg, toDeg }: { readonly fromDeg: number; readonly toDeg: number }): number {
  return withinTurnDeg(toDeg - fromDeg) || 360;
}

/** Every so many degrees of a sector's arcs is looked at, beside its corners. */
const ARC_STEP_DEG = 0.5;
/** A box's side is looked at in so many parts. */
const SIDE_PARTS = 64;

/** Places all along the edge of a mark: its nearest and its farthest from any point outside it are among them. */
function edgeOf(mark: FaceMark): readonly Spot[] {
  if (mark.kind === 'box') {
    const along = (from: number, to: number) =>
      Array.from({ length: SIDE_PARTS + 1 }, (_, i) => from + ((to - from) * i) / SIDE_PARTS);
    const { leftMm, rightMm, bottomMm, topMm } = mark;
    return [
      ...along(leftMm, rightMm).flatMap((right) => [
        { rightMm: right, upMm: bottomMm },
        { rightMm: right, upMm: topMm },
      ]),
      ...along(bottomMm, topMm).flatMap((upMm) => [
        { rightMm: leftMm, upMm },
        { rightMm, upMm },
      ]),
    ];
  }
  const steps = Math.ceil(sweepDeg(mark) / ARC_STEP_DEG);
  return Array.from({ length: steps + 1 }, (_, i) => mark.fromDeg + (sweepDeg(mark) * i) / steps).flatMap(
    (angleDeg) => [spotAt(mark.innerMm, angleDeg), spotAt(mark.outerMm, angleDeg)],
  );
}

/** Whether a place lies within a mark. */
export function isInMark(mark: FaceMark, { rightMm, upMm }: Spot): boolean {
  if (mark.kind === 'box') {
    const { leftMm, rightMm: right, bottomMm, topMm } = mark;
    return rightMm >= leftMm && rightMm <= right && upMm >= bottomMm && upMm <= topMm;
  }
  const radiusMm = Math.hypot(rightMm, upMm);
  if (radiusMm < mark.innerMm || radiusMm > mark.outerMm) return false;
  const angleDeg = radToDeg(Math.atan2(rightMm, upMm));
  return withinTurnDeg(angleDeg - mark.fromDeg) <= sweepDeg(mark);
}

/** What a hole and the trimmed lip leave of a mark. */
export function judgeMark(mark: FaceMark, { holeMm, offset, lipRadiusMm }: FaceCut): MarkVerdict {
  const middle = spotAt(offset?.offsetMm ?? 0, offset?.angleDeg ?? 0);
  const edge = edgeOf(mark);
  const fromHole = edge.map((spot) => Math.hypot(spot.rightMm - middle.rightMm, spot.upMm - middle.upMm));
  const nearestMm = isInMark(mark, middle) ? 0 : Math.min(...fromHole);
  const fromMiddle = edge.map((spot) => Math.hypot(spot.rightMm, spot.upMm));
  const holeGapMm = nearestMm - holeMm / 2;
  const lipGapMm = lipRadiusMm - Math.max(...fromMiddle);
  const isLost = Math.max(...fromHole) <= holeMm / 2 || Math.min(...fromMiddle) >= lipRadiusMm;
  const isWhole = holeGapMm >= 0 && lipGapMm >= 0;
  return { stays: isLost ? 'lost' : isWhole ? 'whole' : 'cut', holeGapMm, lipGapMm };
}

/**
 * The largest hole that leaves every mark whole; undefined where even none would, since the lip cuts one.
 * @param marks what has to be seen; without any, every hole will do
 */
export function largestHoleMm(marks: readonly FaceMark[], cut: Omit<FaceCut, 'holeMm'>): number | undefined {
  const verdicts = marks.map((mark) => judgeMark(mark, { ...cut, holeMm: 0 }));
  if (verdicts.some(({ lipGapMm }) => lipGapMm < 0)) return undefined;
  return 2 * Math.min(cut.lipRadiusMm, ...verdicts.map(({ holeGapMm }) => holeGapMm));
}
