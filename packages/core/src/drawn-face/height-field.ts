import { degToRad, smoothStep } from '../numeric';

/** A place on a face: to the right of its middle and up from it; 1 is the rim. */
export interface FaceSpot {
  readonly x: number;
  readonly y: number;
}

/** A place so far from the middle, so many degrees clockwise from the top. */
export function spoke(angleDeg: number, far: number): FaceSpot {
  const angle = degToRad(angleDeg);
  return { x: far * Math.sin(angle), y: far * Math.cos(angle) };
}

/** A circle as a line through so many places. */
export function circleOf(x: number, y: number, radius: number, parts = 32): readonly FaceSpot[] {
  return Array.from({ length: parts + 1 }, (_, i) => {
    const place = spoke((360 * i) / parts, radius);
    return { x: x + place.x, y: y + place.y };
  });
}

/** How high each place of a square stands above the field, 0 to 1, row by row from the top left. */
export interface HeightField {
  readonly sidePx: number;
  readonly height: Float32Array;
}

export function flatField(sidePx: number): HeightField {
  return { sidePx, height: new Float32Array(sidePx * sidePx) };
}

/** Edges of what is raised slope over so much of the rim's radius: as struck, not as sawn. */
const SLOPE = 0.012;

/** How high something stands at a distance inside (above 0) or outside its edge. */
function slopeAt(insideBy: number): number {
  return smoothStep(-SLOPE / 2, SLOPE / 2, insideBy);
}

/** Raises every place of a box to at least what a rule says, by its place on the face. */
function raise(
  { sidePx, height }: HeightField,
  [left, bottom, right, top]: readonly [number, number, number, number],
  heightAt: (x: number, y: number) => number,
): void {
  const column = (x: number) => ((x + 1) / 2) * sidePx;
  const first = Math.max(0, Math.floor(column(left - SLOPE)));
  const last = Math.min(sidePx - 1, Math.ceil(column(right + SLOPE)));
  const highest = Math.max(0, Math.floor(column(-top - SLOPE)));
  const lowest = Math.min(sidePx - 1, Math.ceil(column(-bottom + SLOPE)));
  for (let row = highest; row <= lowest; row++) {
    const y = 1 - (2 * row + 1) / sidePx;
    for (let at = row * sidePx + first; at <= row * sidePx + last; at++) {
      const x = (2 * (at - row * sidePx) + 1) / sidePx - 1;
      const here = heightAt(x, y);
      if (here > (height[at] ?? 0)) height[at] = here;
    }
  }
}

/** Distance of a place from a straight line between two others. */
export function distanceFrom(x: number, y: number, from: FaceSpot, to: FaceSpot): number {
  const [alongX, alongY] = [to.x - from.x, to.y - from.y];
  const length = alongX ** 2 + alongY ** 2;
  const part = length === 0 ? 0 : ((x - from.x) * alongX + (y - from.y) * alongY) / length;
  const near = Math.min(1, Math.max(0, part));
  // Asked for every place of a picture: `hypot` takes ten times as long.
  return Math.sqrt((x - from.x - near * alongX) ** 2 + (y - from.y - near * alongY) ** 2);
}

/** A line of some width with round ends. @param level how high it stands */
export function raiseLine(
  field: HeightField,
  spots: readonly FaceSpot[],
  { width, level }: { readonly width: number; readonly level: number },
): void {
  const half = width / 2;
  for (let i = 1; i < spots.length; i++) {
    const [from, to] = [spots[i - 1], spots[i]];
    if (!from || !to) continue;
    const box = [
      Math.min(from.x, to.x) - half,
      Math.min(from.y, to.y) - half,
      Math.max(from.x, to.x) + half,
      Math.max(from.y, to.y) + half,
    ] as const;
    raise(field, box, (x, y) => level * slopeAt(half - distanceFrom(x, y, from, to)));
  }
}

/** A shape that rises from its edge: low along it, at its full level some way in. */
export function raiseShape(field: HeightField, spots: readonly FaceSpot[], level: number): void {
  const xs = spots.map(({ x }) => x);
  const ys = spots.map(({ y }) => y);
  const edges = spots.map((spot, i) => [spot, spots[(i + 1) % spots.length] ?? spot] as const);
  raise(field, [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)], (x, y) => {
    let inside = false;
    let nearest = Infinity;
    for (const [from, to] of edges) {
      const crosses = from.y > y !== to.y > y;
      if (crosses && x < from.x + ((y - from.y) / (to.y - from.y)) * (to.x - from.x)) inside = !inside;
      nearest = Math.min(nearest, distanceFrom(x, y, from, to));
    }
    if (!inside) return 0;
    return level * slopeAt(nearest) * (0.72 + 0.28 * Math.min(1, nearest / 0.06));
  });
}

/** The raised rim all round. @param from where it begins, of the radius */
export function raiseRim(field: HeightField, from: number): void {
  raise(field, [-1, -1, 1, 1], (x, y) => slopeAt(Math.sqrt(x * x + y * y) - from));
}

/** A curve through places (Catmull and Rom 1974), as places so close that it looks like one. */
export function curveThrough(spots: readonly FaceSpot[], parts = 6): readonly FaceSpot[] {
  const first = spots[0];
  const last = spots.at(-1);
  if (!first || !last || spots.length < 3) return spots;
  const closed = Math.hypot(first.x - last.x, first.y - last.y) < 1e-6;
  const at = (index: number): FaceSpot => {
    const turns = spots.length - 1;
    const wrapped = closed ? (index + turns) % turns : Math.min(Math.max(index, 0), turns);
    return spots[wrapped] ?? first;
  };
  const curve: FaceSpot[] = [];
  for (let i = 0; i < spots.length - 1; i++) {
    const [before, from, to, behind] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    for (let part = 0; part < parts; part++) {
      const t = part / parts;
      const mix = (a: number, b: number, c: number, d: number) =>
        0.5 * (2 * b + (c - a) * t + (2 * a - 5 * b + 4 * c - d) * t ** 2 + (3 * b - a - 3 * c + d) * t ** 3);
      curve.push({
        x: mix(before.x, from.x, to.x, behind.x),
        y: mix(before.y, from.y, to.y, behind.y),
      });
    }
  }
  return [...curve, last];
}
