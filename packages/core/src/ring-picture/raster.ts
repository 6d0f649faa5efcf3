import type { Camera, Vector } from './camera';
import { RING_SIDES, type ProfilePoint, type RingProfile, type RingSide } from './ring-profile';

/** What is seen at each place of a picture: of which side, where along it, and how far round the ring. */
export interface SeenRing {
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

function cornerAt(
  { radiusMm, heightMm }: ProfilePoint,
  place: number,
  round: number,
  camera: Camera,
): Corner {
  const at: Vector = [0, 0, 0];
  camera.toView(radiusMm * Math.sin(round), heightMm, radiusMm * Math.cos(round), at);
  camera.toPicture(at[0], at[1], at[2], at);
  return { x: at[0], y: at[1], near: at[2], place, round };
}

interface Target extends SeenRing {
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

function fillSide(target: Target, side: number, points: readonly ProfilePoint[], camera: Camera): void {
  const ringOf = (point: ProfilePoint, place: number) =>
    Array.from({ length: SEGMENTS + 1 }, (_, i) =>
      cornerAt(point, place, (2 * Math.PI * i) / SEGMENTS, camera),
    );
  let below = points[0] && ringOf(points[0], 0);
  for (let i = 1; i < points.length; i++) {
    const point = points[i];
    const above = point && ringOf(point, i);
    for (let j = 0; below && above && j < SEGMENTS; j++) {
      const [a, b, c, d] = [below[j], below[j + 1], above[j + 1], above[j]];
      if (!a || !b || !c || !d) continue;
      // Going up the outside, right and up turn the other way in a picture whose y runs down.
      fill(target, side, a, d, c);
      fill(target, side, a, c, b);
    }
    below = above;
  }
}

/** Draws a ring's surfaces as far as they are seen. */
export function rasterRing(
  profile: RingProfile,
  camera: Camera,
  { widthPx, heightPx }: { readonly widthPx: number; readonly heightPx: number },
): SeenRing {
  const count = widthPx * heightPx;
  const target: Target = {
    widthPx,
    heightPx,
    side: new Uint8Array(count),
    place: new Float32Array(count),
    round: new Float32Array(count),
    near: new Float32Array(count),
  };
  RING_SIDES.forEach((name: RingSide, i) => fillSide(target, i + 1, profile[name], camera));
  return target;
}
