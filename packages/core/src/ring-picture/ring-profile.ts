import { flatRadiiMm } from '../faces';
import { degToRad } from '../numeric';
import { sectionLines, type WallOutline } from '../steps';

/** The four surfaces of a ring. */
export const RING_SIDES = ['outside', 'rimEdge', 'inside', 'cutEdge'] as const;
export type RingSide = (typeof RING_SIDES)[number];

/** A place of the wall in section, on its surface. */
export interface ProfilePoint {
  /** From the axis, and up from the cut edge, mm. */
  readonly radiusMm: number;
  readonly heightMm: number;
  /** Which way the surface looks: outward and up, of length 1. */
  readonly normalOut: number;
  readonly normalUp: number;
  /** Where on the face of the flat piece it was, mm from the middle. */
  readonly faceMm: number;
}

/** The surfaces of a wall in section, one after the other round it: each begins where the one before it ends. */
export type RingProfile = Readonly<Record<RingSide, readonly ProfilePoint[]>>;

export interface ProfileOptions {
  /** Radius of the rounded edges, mm: what deburring leaves. */
  readonly roundMm?: number | undefined;
  /** How much of the inner rim edge is trimmed away, mm. */
  readonly lipMm?: number | undefined;
}

const DEBURRED_MM = 0.25;
/** Edges take at most so much of a wall's thickness and of its width. */
const MOST_OF_WALL = 0.42;
const ARC_PARTS = 5;

/** What is known at even places, at a place among them. */
function between(values: readonly number[], place: number): number {
  const first = Math.min(Math.max(Math.floor(place), 0), values.length - 2);
  const from = values[first] ?? 0;
  return from + (place - first) * ((values[first + 1] ?? from) - from);
}

/** The place among the fibres that lies so far along the wall. */
function placeAtArc(arcMm: readonly number[], wantedMm: number): number {
  const above = arcMm.findIndex((arc) => arc >= wantedMm);
  if (above <= 0) return above === 0 ? 0 : arcMm.length - 1;
  const from = arcMm[above - 1] ?? 0;
  return above - 1 + (wantedMm - from) / ((arcMm[above] ?? from) - from || 1);
}

interface Side {
  readonly at: (place: number) => ProfilePoint;
}

function sideOf(outline: WallOutline, out: 1 | -1): Side {
  const lines = sectionLines(outline);
  const points = out === 1 ? lines.outside : lines.inside;
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  const faces = flatRadiiMm(outline);
  return {
    at: (place) => {
      const lean = degToRad(between(outline.leanDeg, place));
      return {
        radiusMm: between(xs, place),
        heightMm: between(ys, place),
        normalOut: out * Math.cos(lean),
        normalUp: -out * Math.sin(lean),
        faceMm: between(faces, place),
      };
    },
  };
}

/** Points of a side from one place among the fibres to another, both ends and all fibres between. */
function along({ at }: Side, from: number, to: number): readonly ProfilePoint[] {
  const inner: number[] = [];
  for (let fibre = Math.ceil(from + 1e-6); fibre < to - 1e-6; fibre++) inner.push(fibre);
  return [from, ...inner, to].map(at);
}

/** The edge of a wall: round from one side, flat across, round into the other. */
function edge(from: ProfilePoint, to: ProfilePoint, fromMm: number, toMm: number): readonly ProfilePoint[] {
  /** The corner that is rounded lies straight on from the side's end, away from the wall. */
  const arc = (end: ProfilePoint, roundMm: number, clockwise: 1 | -1): ProfilePoint[] => {
    const [on, up] = [-end.normalUp * clockwise, end.normalOut * clockwise];
    return Array.from({ length: ARC_PARTS + 1 }, (_, i) => {
      const turn = (Math.PI / 2) * (i / ARC_PARTS);
      const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
      const normalOut = end.normalOut * cos + on * sin;
      const normalUp = end.normalUp * cos + up * sin;
      return {
        radiusMm: end.radiusMm + roundMm * (normalOut - end.normalOut),
        heightMm: end.heightMm + roundMm * (normalUp - end.normalUp),
        normalOut,
        normalUp,
        faceMm: end.faceMm,
      };
    });
  };
  return [...arc(from, fromMm, 1), ...arc(to, toMm, -1).reverse()];
}

/**
 * The surfaces of a ring's wall in section, its edges rounded as they are after deburring and trimming: up the outside,
 * over the rim edge, down the inside, under the cut edge.
 */
export function ringProfile(
  outline: WallOutline,
  { roundMm = DEBURRED_MM, lipMm = 0 }: ProfileOptions = {},
): RingProfile {
  const { arcMm, thicknessMm } = outline;
  const widthMm = arcMm.at(-1) ?? 0;
  const last = arcMm.length - 1;
  const most = (thicknessOf: number) => MOST_OF_WALL * Math.min(thicknessOf, widthMm);
  const rimMm = Math.min(roundMm, most(thicknessMm[last] ?? 0));
  const lip = Math.min(Math.max(rimMm, lipMm), most(thicknessMm[last] ?? 0));
  const cutMm = Math.min(roundMm, most(thicknessMm[0] ?? 0));
  const [outer, inner] = [sideOf(outline, 1), sideOf(outline, -1)];
  const place = (mm: number) => placeAtArc(arcMm, mm);
  const outside = along(outer, place(cutMm), place(widthMm - rimMm));
  const inside = [...along(inner, place(cutMm), place(widthMm - lip))].reverse();
  const end = (side: readonly ProfilePoint[], which: 0 | -1): ProfilePoint => {
    const point = side.at(which);
    if (!point) throw new Error('a wall has at least two fibres');
    return point;
  };
  return {
    outside,
    rimEdge: edge(end(outside, -1), end(inside, 0), rimMm, lip),
    inside,
    cutEdge: edge(end(inside, -1), end(outside, 0), cutMm, cutMm),
  };
}
