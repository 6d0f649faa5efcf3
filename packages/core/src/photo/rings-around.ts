import type { Edges } from './edges';
import { flattened, type Ellipse, type PicturePoint } from './ellipse';

/** An edge of a circle changes along the way from its middle, also where it is seen at a slant: cosine of some 20°. */
export const ALIGNED = 0.94;
/** Parts of the way round in which an edge is looked for. */
export const SECTORS = 72;

/** In which of them a place lies, seen from the middle. */
export function sectorOf({ x, y }: PicturePoint): number {
  return Math.floor((Math.atan2(y, x) / (2 * Math.PI) + 1) * SECTORS) % SECTORS;
}

/** Edges as a circle sees them; arrays run side by side. */
export interface Around {
  readonly points: readonly PicturePoint[];
  /** How far out, of its radius. */
  readonly far: Float32Array;
  /** In which part of the way round. */
  readonly sector: Uint8Array;
}

/** Edges that change along the way from the middle of a circle, so far out, of its radius. */
export function edgesAround(edges: Edges, ellipse: Ellipse, nearest: number, farthest: number): Around {
  const { toCircle } = flattened(ellipse);
  const points: PicturePoint[] = [];
  const far: number[] = [];
  const sector: number[] = [];
  for (let i = 0; i < edges.x.length; i++) {
    const point = { x: edges.x[i] ?? 0, y: edges.y[i] ?? 0 };
    const place = toCircle(point);
    const out = Math.hypot(place.x, place.y);
    if (out < nearest || out > farthest) continue;
    const next = toCircle({ x: point.x + (edges.towardX[i] ?? 0), y: point.y + (edges.towardY[i] ?? 0) });
    const [stepX, stepY] = [next.x - place.x, next.y - place.y];
    const along = Math.abs(stepX * place.x + stepY * place.y) / (out * Math.hypot(stepX, stepY));
    if (along < ALIGNED) continue;
    points.push(point);
    far.push(out);
    sector.push(sectorOf(place));
  }
  return { points, far: Float32Array.from(far), sector: Uint8Array.from(sector) };
}

/** In which share of the way round edges are seen so far out, or so near to it. */
function seenAt({ far, sector }: Around, out: number, apart: number): number {
  const seen = new Uint8Array(SECTORS);
  for (let i = 0; i < far.length; i++) {
    if (Math.abs((far[i] ?? 0) / out - 1) <= apart) seen[sector[i] ?? 0] = 1;
  }
  return seen.reduce((sum, one) => sum + one, 0) / SECTORS;
}

export interface Ring {
  readonly out: number;
  readonly seen: number;
}

/** How far out rings are seen better than just inside and outside of them, from the outermost inward. */
export function ringsIn(around: Around, nearest: number, farthest: number, apart: number): readonly Ring[] {
  const rings: Ring[] = [];
  for (let out = farthest; out >= nearest; out *= 1 - apart / 2) {
    rings.push({ out, seen: seenAt(around, out, apart) });
  }
  return rings.filter(({ seen }, i) => {
    const [before, after] = [rings[i - 1]?.seen ?? 0, rings[i + 1]?.seen ?? 0];
    return seen > 0 && seen >= before && seen > after;
  });
}

export function pointsNear({ points, far }: Around, out: number, apart: number): readonly PicturePoint[] {
  return points.filter((_, i) => Math.abs((far[i] ?? 0) / out - 1) <= apart);
}
