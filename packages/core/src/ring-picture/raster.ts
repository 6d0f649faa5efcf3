import type { Camera, Vector } from './camera';
import { RING_SIDES, type ProfilePoint, type RingProfile, type RingSide } from './ring-profile';

/** What is seen at each place of a picture: of which side, where along it, and how far round. */
export interface Seen {
  readonly widthPx: number;
  readonly heightPx: number;
  /** Place of the side in {@link RING_SIDES}, and one more; 0 where nothing is. */
  readonly side: Uint8Array;
  /** Among the points of the side: 2.5 is half-way from the third to the fourth. */
  readonly place: Float32Array;
  /** Clockwise from the top of the face outside, radians. */
  readonly round: Float32Array;
}

const SEGMENTS = 144;

interface Corner {
  readonly x: number;
  readonly y: number;
  /** How near, and what is told of it, over the distance: these change evenly across the picture. */
  readonly near: number;
  readonly place: number;
  readonly round: number;
}

/** A surface as rows of places, each row from the same corner to the same corner. */
export interface SurfaceGrid {
  readonly rows: number;
  readonly columns: number;
  /** Where a place of the grid is, mm; its axis upright. */
  readonly at: (row: number, column: number, out: Vector) => void;
  /** How far along its row a column is, as it is told of what is seen. */
  readonly round: (column: number) => number;
}

interface Target extends Seen {
  readonly near: Float32Array;
}

/** Fills a triangle, its front only, where nothing nearer is. */
function fill(target: Target, side: number, a: Corner, b: Corner, c: Corner): void {
  const area = (b.x - a.x) * (c.y - a.y) - (c.x - a.x) * (b.y - a.y);
  if (area <= 1e-9) return;
  const { widthPx, heightPx, near } = target;
  const left = Math.max(0, Math.ceil(Math.min(a.x, b.x, c.x) - 0.5));
  const right = Math.min(widthPx - 1, Math.floor(Math.max(a.x, b.x, c.x) - 0.5));
  const top = Math.max(0, Math.ceil(Math.min(a.y, b.y, c.y) - 0.5));
  const bottom = Math.min(heightPx - 1, Math.floor(Math.max(a.y, b.y, c.y) - 0.5));
  for (let row = top; row <= bottom; row++) {
    const y = row + 0.5;
    for (let column = left; column <= right; column++) {
      const x = column + 0.5;
      const shareA = ((b.x - x) * (c.y - y) - (c.x - x) * (b.y - y)) / area;
      const shareB = ((c.x - x) * (a.y - y) - (a.x - x) * (c.y - y)) / area;
      const shareC = 1 - shareA - shareB;
      if (shareA < 0 || shareB < 0 || shareC < 0) continue;
      const at = row * widthPx + column;
      const here = shareA * a.near + shareB * b.near + shareC * c.near;
      if (here <= (near[at] ?? 0)) continue;
      near[at] = here;
      target.side[at] = side;
      const ofA = shareA * a.near;
      const ofB = shareB * b.near;
      const ofC = shareC * c.near;
      target.place[at] = (ofA * a.place + ofB * b.place + ofC * c.place) / here;
      target.round[at] = (ofA * a.round + ofB * b.round + ofC * c.round) / here;
    }
  }
}

function fillSide(target: Target, side: number, grid: SurfaceGrid, camera: Camera): void {
  const at: Vector = [0, 0, 0];
  const rowOf = (row: number): readonly Corner[] =>
    Array.from({ length: grid.columns }, (_, column) => {
      grid.at(row, column, at);
      camera.toView(at[0], at[1], at[2], at);
      camera.toPicture(at[0], at[1], at[2], at);
      return { x: at[0], y: at[1], near: at[2], place: row, round: grid.round(column) };
    });
  let below = rowOf(0);
  for (let row = 1; row < grid.rows; row++) {
    const above = rowOf(row);
    for (let column = 0; column < grid.columns - 1; column++) {
      const [a, b, c, d] = [below[column], below[column + 1], above[column + 1], above[column]];
      if (!a || !b || !c || !d) continue;
      // Going up the outside, right and up turn the other way in a picture whose y runs down.
      fill(target, side, a, d, c);
      fill(target, side, a, c, b);
    }
    below = above;
  }
}

/** How what stands with a ring is told of, after its {@link RING_SIDES}. */
export const BESIDE = RING_SIDES.length + 1;

/** Draws surfaces as far as they are seen, in the order of {@link RING_SIDES}, and what stands with them. */
export function rasterGrids(
  grids: Readonly<Record<RingSide, SurfaceGrid>>,
  camera: Camera,
  { widthPx, heightPx }: { readonly widthPx: number; readonly heightPx: number },
  beside?: SurfaceGrid,
): Seen {
  const count = widthPx * heightPx;
  const target: Target = {
    widthPx,
    heightPx,
    side: new Uint8Array(count),
    place: new Float32Array(count),
    round: new Float32Array(count),
    near: new Float32Array(count),
  };
  RING_SIDES.forEach((name: RingSide, i) => fillSide(target, i + 1, grids[name], camera));
  if (beside) fillSide(target, BESIDE, beside, camera);
  return target;
}

/** A thing that is round about an upright axis. @param middle of the axis, from the ring's own */
export function gridOf(
  points: readonly ProfilePoint[],
  middle: readonly [x: number, z: number] = [0, 0],
): SurfaceGrid {
  const round = (column: number) => (2 * Math.PI * column) / SEGMENTS;
  return {
    rows: points.length,
    columns: SEGMENTS + 1,
    at: (row, column, out) => {
      const { radiusMm = 0, heightMm = 0 } = points[row] ?? {};
      out[0] = middle[0] + radiusMm * Math.sin(round(column));
      out[1] = heightMm;
      out[2] = middle[1] + radiusMm * Math.cos(round(column));
    },
    round,
  };
}

/** Draws a ring's surfaces as far as they are seen. */
export function rasterRing(
  profile: RingProfile,
  camera: Camera,
  size: { readonly widthPx: number; readonly heightPx: number },
  beside?: SurfaceGrid,
): Seen {
  const { outside, rimEdge, inside, cutEdge } = profile;
  const grids = {
    outside: gridOf(outside),
    rimEdge: gridOf(rimEdge),
    inside: gridOf(inside),
    cutEdge: gridOf(cutEdge),
  };
  return rasterGrids(grids, camera, size, beside);
}
