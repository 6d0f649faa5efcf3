import {
  endReachMm,
  thicknessAt,
  topRad,
  type EndShape,
  type Profile,
  type WrappedHandle,
  type Worn,
} from '../handle';
import type { Vector } from './camera';
import type { SurfaceGrid } from './raster';
import { RING_SIDES, type RingSide } from './ring-profile';

/** How far a handle reaches from its middle line, mm: to the left of the way from its kept end, and to its right. */
export type OutlineAt = (atMm: number) => { readonly leftMm: number; readonly rightMm: number };

export interface HandleSolidInput {
  /** Seen from the end that is kept. */
  readonly profile: Profile;
  readonly wrapped: WrappedHandle;
  readonly outlineAt: OutlineAt;
  /** How both ends are shaped: where the ring begins, and where the saw went. */
  readonly ends: readonly [begin: EndShape, cut: EndShape];
  readonly worn: Worn;
}

/** A surface of a bent handle: as many places across as rows, and along it as columns; three numbers a place. */
export interface HandleSurface {
  readonly rows: number;
  readonly columns: number;
  readonly positionsMm: Float32Array;
  readonly normals: Float32Array;
  /** Two numbers a place: along the handle from the end that is kept, and to the left of its middle line, mm. */
  readonly placesMm: Float32Array;
}

/** A bent handle, standing on its lowest place, its axis upright; what lies on top of the finger is in front. */
export interface HandleSolid {
  readonly sides: Readonly<Record<RingSide, HandleSurface>>;
  /** Which way each column runs along, in the plane of the ring, rad from the front. */
  readonly columnRad: Float32Array;
  readonly slopeRad: number;
  readonly radiusMm: number;
  readonly heightMm: number;
}

const SLICES = 220;
const ACROSS = 8;
const ARC = 4;
/** What deburring leaves, mm; thin metal gets less. */
const ROUNDED_MM = 0.35;

/** Even a pointed end is so wide, mm. */
const LEAST_MM = 0.1;

/** A place round a handle's cross-section: from its middle line and up from the inside, and which way it looks. */
interface CrossPlace {
  readonly leftMm: number;
  readonly upMm: number;
  readonly normalLeft: number;
  readonly normalUp: number;
}

/** The four sides of a cross-section, one after the other: over the outside, round its left, under it, round its right. */
function crossSection(
  leftMm: number,
  rightMm: number,
  thicknessMm: number,
): Readonly<Record<RingSide, readonly CrossPlace[]>> {
  const round = Math.min(ROUNDED_MM, thicknessMm * 0.4, (leftMm + rightMm) * 0.3);
  const [from, to] = [round - rightMm, leftMm - round];
  const flat = (upMm: number, way: 1 | -1) =>
    Array.from({ length: ACROSS + 1 }, (_, i) => {
      const share = way === 1 ? i / ACROSS : 1 - i / ACROSS;
      return { leftMm: from + share * (to - from), upMm, normalLeft: 0, normalUp: way };
    });
  const arc = (middleMm: number, upMm: number, startDeg: number) =>
    Array.from({ length: ARC + 1 }, (_, i) => {
      const angle = ((startDeg - (90 * i) / ARC) * Math.PI) / 180;
      const [normalLeft, normalUp] = [Math.cos(angle), Math.sin(angle)];
      return {
        leftMm: middleMm + round * normalLeft,
        upMm: upMm + round * normalUp,
        normalLeft,
        normalUp,
      };
    });
  return {
    outside: flat(thicknessMm, 1),
    rimEdge: [...arc(to, thicknessMm - round, 90), ...arc(to, round, 0)],
    inside: flat(0, -1),
    cutEdge: [...arc(from, round, 270), ...arc(from, thicknessMm - round, 180)],
  };
}

/** A bent handle's surfaces; its ends are closed. */
export function handleSolid(input: HandleSolidInput): HandleSolid {
  const { profile, wrapped, outlineAt, ends, worn } = input;
  const { used, slopeRad } = wrapped;
  const front = topRad(wrapped, worn);
  const longMm = used.toMm - used.fromMm;
  // One column more at each end, drawn together to a point, closes it.
  const columns = SLICES + 3;
  const cuts = Array.from({ length: columns }, (_, column) => {
    const share = Math.min(1, Math.max(0, (column - 1) / SLICES));
    const atMm = used.fromMm + share * longMm;
    const { leftMm, rightMm } = outlineAt(atMm);
    const widthMm = leftMm + rightMm;
    const [begin, cut] = [
      endReachMm(ends[0], widthMm, share * longMm),
      endReachMm(ends[1], widthMm, (1 - share) * longMm),
    ];
    const toRightMm = Math.min(rightMm, begin.rightMm, cut.rightMm);
    const toLeftMm = Math.max(LEAST_MM - toRightMm, Math.min(leftMm, begin.leftMm, cut.leftMm));
    const isCap = column === 0 || column === columns - 1;
    return {
      atMm,
      place: wrapped.at(atMm),
      capMm: (toLeftMm - toRightMm) / 2,
      cap: isCap ? (column === 0 ? -1 : 1) : 0,
      section: crossSection(toLeftMm, toRightMm, thicknessAt(profile, atMm)),
      thicknessMm: thicknessAt(profile, atMm),
    };
  });
  const columnRad = Float32Array.from(cuts, ({ place }) => place.turnedRad - front);
  const [cosSlope, sinSlope] = [Math.cos(slopeRad), Math.sin(slopeRad)];
  let [lowMm, highMm, radiusMm] = [Infinity, -Infinity, 0];
  const surfaceOf = (side: RingSide): HandleSurface => {
    const rows = cuts[0]?.section[side].length ?? 0;
    const positionsMm = new Float32Array(3 * rows * columns);
    const normals = new Float32Array(3 * rows * columns);
    const placesMm = new Float32Array(2 * rows * columns);
    cuts.forEach(({ atMm, place, cap, capMm, section, thicknessMm }, column) => {
      const turn = columnRad[column] ?? 0;
      section[side].forEach((cross, row) => {
        const leftMm = cap === 0 ? cross.leftMm : capMm;
        const upMm = cap === 0 ? cross.upMm : thicknessMm / 2;
        const outMm = place.innerRadiusMm + upMm;
        // A spiral's width leans back along the way it came.
        const angle = turn - (leftMm * sinSlope) / outMm;
        const [sin, cos] = [Math.sin(angle), Math.cos(angle)];
        const at = row * columns + column;
        const y = place.climbMm + leftMm * cosSlope;
        positionsMm.set([outMm * sin, y, outMm * cos], 3 * at);
        const { normalLeft, normalUp } = cross;
        const along = cap === 0 ? -normalLeft * sinSlope : cap * cosSlope;
        const up = cap === 0 ? normalLeft * cosSlope : cap * sinSlope;
        const out = cap === 0 ? normalUp : 0;
        normals.set([out * sin + along * cos, up, out * cos - along * sin], 3 * at);
        placesMm.set([atMm, leftMm], 2 * at);
        lowMm = Math.min(lowMm, y);
        highMm = Math.max(highMm, y);
        radiusMm = Math.max(radiusMm, outMm);
      });
    });
    return { rows, columns, positionsMm, normals, placesMm };
  };
  const [outside, rimEdge, inside, cutEdge] = RING_SIDES.map(surfaceOf);
  if (!outside || !rimEdge || !inside || !cutEdge) throw new Error('a handle has four sides');
  const sides = { outside, rimEdge, inside, cutEdge };
  for (const side of RING_SIDES) standOn(sides[side].positionsMm, lowMm);
  return { sides, columnRad, slopeRad, radiusMm, heightMm: highMm - lowMm };
}

/** Moves places along the axis so that the lowest stands on the ground. */
function standOn(positionsMm: Float32Array, lowMm: number): void {
  for (let i = 1; i < positionsMm.length; i += 3) positionsMm[i] = (positionsMm[i] ?? 0) - lowMm;
}

/** A surface as the painter takes it: what is told of its places is the column. */
export function surfaceGrid({ rows, columns, positionsMm }: HandleSurface): SurfaceGrid {
  return {
    rows,
    columns,
    at: (row, column, out: Vector) => {
      const at = 3 * (row * columns + column);
      out[0] = positionsMm[at] ?? 0;
      out[1] = positionsMm[at + 1] ?? 0;
      out[2] = positionsMm[at + 2] ?? 0;
    },
    round: (column) => column,
  };
}
