import { leastSquares } from '../numeric';
import type { PicturePoint } from './ellipse';
import { pixelsInOne, toGrey, type GreyImage, type RgbaImage } from './grey-image';

/** How far a long piece reaches to both sides of its middle line, at a place along it. */
export interface OutlinePlace {
  /** 0 at the tip, 1 at the other end. */
  readonly share: number;
  /** To the left of the way from the tip, pixels, and to its right; both from the middle line. */
  readonly leftPx: number;
  readonly rightPx: number;
}

/** A long piece in a picture. */
export interface FoundOutline {
  readonly tip: PicturePoint;
  readonly end: PicturePoint;
  readonly outline: readonly OutlinePlace[];
  /** Whether it stands out from its ground, all of it is in the picture, and nothing else is as large. */
  readonly sure: boolean;
}

const LOOK_PX = 900;
/** Pixels along the frame from which the ground is known, of the longer side. */
const FRAME = 0.02;
/** Every so many pixels of it are enough. */
const FRAME_EVERY = 3;
/** What strays so many deviations from the ground is no ground. */
const STRAYS = 2.5;
const LEAST_CONTRAST = 4;
const LEAST_AREA = 0.004;
const LEAST_SLENDER = 3;
const MOST_BESIDE = 0.35;
/** Places along it at which it is measured. */
const PLACES = 33;

/** Where along a long piece its sides are told of: close together at its ends, where they are round. */
export const OUTLINE_SHARES: readonly number[] = Array.from(
  { length: PLACES },
  (_, i) => (1 - Math.cos((Math.PI * i) / (PLACES - 1))) / 2,
);

/** Each colour by itself. */
const COLOURS = [
  [1, 0, 0],
  [0, 1, 0],
  [0, 0, 1],
] as const;

/** The ground's shade as a plane over the picture: what strays from it is left out, and it is fitted anew. */
function groundOf(shade: Float32Array, places: readonly PicturePoint[], widthPx: number) {
  const valueAt = ({ x, y }: PicturePoint) => shade[y * widthPx + x] ?? 0;
  let kept = places;
  let plane: readonly number[] = [0, 0, 0];
  let deviation = 0;
  const offAt = (place: PicturePoint) =>
    valueAt(place) - ((plane[0] ?? 0) + (plane[1] ?? 0) * place.x + (plane[2] ?? 0) * place.y);
  for (let pass = 0; pass < 4; pass++) {
    const fitted = leastSquares(
      kept.map(({ x, y }) => [1, x, y]),
      kept.map(valueAt),
    );
    if (fitted) plane = fitted;
    const offs = places.map((place) => Math.abs(offAt(place))).sort((a, b) => a - b);
    // Half of the frame at least is ground: its median deviation tells the grain.
    deviation = Math.max(1.5, 1.48 * (offs[Math.floor(offs.length / 2)] ?? 0));
    kept = places.filter((place) => Math.abs(offAt(place)) <= STRAYS * deviation);
  }
  return { plane, deviation };
}

/** How many deviations every place is from the ground. */
function awayFromGround(colours: readonly GreyImage[], widthPx: number, heightPx: number): Float32Array {
  const frame = Math.max(2, Math.round(FRAME * Math.max(widthPx, heightPx)));
  const places: PicturePoint[] = [];
  for (let y = 0; y < heightPx; y += FRAME_EVERY) {
    for (let x = 0; x < widthPx; x += FRAME_EVERY) {
      if (Math.min(x, y, widthPx - 1 - x, heightPx - 1 - y) < frame) places.push({ x, y });
    }
  }
  const away = new Float32Array(widthPx * heightPx);
  for (const { grey: shade } of colours) {
    const { plane, deviation } = groundOf(shade, places, widthPx);
    for (let i = 0; i < away.length; i++) {
      const ground =
        (plane[0] ?? 0) + (plane[1] ?? 0) * (i % widthPx) + (plane[2] ?? 0) * Math.floor(i / widthPx);
      away[i] = (away[i] ?? 0) + (((shade[i] ?? 0) - ground) / deviation) ** 2;
    }
  }
  return away.map(Math.sqrt);
}

const BINS = 128;

/** Where a spread of values parts in two (Otsu): the variance between both parts is largest. */
function partedAt(values: Float32Array): number {
  const most = values.reduce((sofar, value) => Math.max(sofar, value), 0) || 1;
  const counts = new Float64Array(BINS);
  for (const value of values) {
    const bin = Math.min(BINS - 1, Math.floor((value / most) * BINS));
    counts[bin] = (counts[bin] ?? 0) + 1;
  }
  const total = counts.reduce((sum, count, bin) => sum + count * bin, 0);
  let [below, sumBelow, best, at] = [0, 0, -1, 0];
  for (let bin = 0; bin < BINS - 1; bin++) {
    below += counts[bin] ?? 0;
    sumBelow += (counts[bin] ?? 0) * bin;
    const above = values.length - below;
    if (below === 0 || above === 0) continue;
    const between = below * above * (sumBelow / below - (total - sumBelow) / above) ** 2;
    if (between > best) [best, at] = [between, bin + 1];
  }
  return (at / BINS) * most;
}

/** Places of each thing that stands out, largest thing first. */
function thingsIn(away: Float32Array, widthPx: number, least: number): readonly (readonly number[])[] {
  const seen = new Uint8Array(away.length);
  const things: number[][] = [];
  for (let start = 0; start < away.length; start++) {
    if (seen[start] || (away[start] ?? 0) < least) continue;
    seen[start] = 1;
    const thing = [start];
    for (let next = 0; next < thing.length; next++) {
      const at = thing[next] ?? 0;
      const x = at % widthPx;
      for (const beside of [x > 0 ? at - 1 : -1, x < widthPx - 1 ? at + 1 : -1, at - widthPx, at + widthPx]) {
        if (beside < 0 || beside >= away.length || seen[beside] || (away[beside] ?? 0) < least) continue;
        seen[beside] = 1;
        thing.push(beside);
      }
    }
    things.push(thing);
  }
  return things.sort((a, b) => b.length - a.length);
}

/** The line that a thing lies along: through its middle, the way it is longest. */
function axisOf(points: readonly PicturePoint[]) {
  const mean = (of: (point: PicturePoint) => number) =>
    points.reduce((sum, point) => sum + of(point), 0) / points.length;
  const middle = { x: mean(({ x }) => x), y: mean(({ y }) => y) };
  const xx = mean(({ x }) => (x - middle.x) ** 2);
  const yy = mean(({ y }) => (y - middle.y) ** 2);
  const xy = mean(({ x, y }) => (x - middle.x) * (y - middle.y));
  const angle = Math.atan2(2 * xy, xx - yy) / 2;
  // Its tip is taken to be at the left, or above.
  const upright = Math.abs(Math.cos(angle)) < 0.2;
  const sign = (upright ? Math.sin(angle) : Math.cos(angle)) < 0 ? -1 : 1;
  return { middle, right: sign * Math.cos(angle), down: sign * Math.sin(angle) };
}

/**
 * A long piece on plain ground, in a photograph from above: where it begins and ends, and how far it reaches to both
 * sides all along. @returns null where nothing stands out
 */
export function findOutline(image: RgbaImage): FoundOutline | null {
  const every = pixelsInOne(image, LOOK_PX);
  const colours = COLOURS.map((weights) => toGrey(image, every, weights));
  const [widthPx, heightPx] = [colours[0]?.widthPx ?? 0, colours[0]?.heightPx ?? 0];
  if (widthPx < 16 || heightPx < 16) return null;
  const away = awayFromGround(colours, widthPx, heightPx);
  const least = Math.max(LEAST_CONTRAST, partedAt(away) * 0.6);
  const [thing, second] = thingsIn(away, widthPx, least);
  if (!thing || thing.length < LEAST_AREA * widthPx * heightPx) return null;
  // A pixel's middle lies half of it from where it begins.
  const points = thing.map((at) => ({ x: (at % widthPx) + 0.5, y: Math.floor(at / widthPx) + 0.5 }));
  const { middle, right, down } = axisOf(points);
  const placed = points.map(({ x, y }) => ({
    along: (x - middle.x) * right + (y - middle.y) * down,
    toRight: (y - middle.y) * right - (x - middle.x) * down,
  }));
  const first = Math.min(...minAndMax(placed.map(({ along }) => along))) - 0.5;
  const last = Math.max(...minAndMax(placed.map(({ along }) => along))) + 0.5;
  const outline = reachesOf(placed, first, last).map(({ share, leftPx, rightPx }) => ({
    share,
    leftPx: leftPx * every,
    rightPx: rightPx * every,
  }));
  const widest = Math.max(...outline.map(({ leftPx, rightPx }) => leftPx + rightPx)) / every;
  const touches = thing.some((at) => {
    const [x, y] = [at % widthPx, Math.floor(at / widthPx)];
    return Math.min(x, y, widthPx - 1 - x, heightPx - 1 - y) < 1;
  });
  const pointAt = (along: number) => ({
    x: (middle.x + along * right) * every,
    y: (middle.y + along * down) * every,
  });
  return {
    tip: pointAt(first),
    end: pointAt(last),
    outline,
    sure:
      !touches &&
      last - first >= LEAST_SLENDER * widest &&
      (second?.length ?? 0) < MOST_BESIDE * thing.length,
  };
}

function minAndMax(values: readonly number[]): readonly [number, number] {
  return values.reduce<[number, number]>(
    ([least, most], value) => [Math.min(least, value), Math.max(most, value)],
    [Infinity, -Infinity],
  );
}

/** How far a thing reaches to both sides at even places along it; its holes do not count. */
function reachesOf(
  placed: readonly { readonly along: number; readonly toRight: number }[],
  first: number,
  last: number,
): readonly OutlinePlace[] {
  const long = last - first;
  const rights = new Float64Array(PLACES).fill(-Infinity);
  const lefts = new Float64Array(PLACES).fill(-Infinity);
  for (const { along, toRight } of placed) {
    const share = Math.min(1, Math.max(0, (along - first) / long));
    const nearest = Math.round((Math.acos(1 - 2 * share) / Math.PI) * (PLACES - 1));
    // Only what lies close to a place tells of it.
    if (Math.abs(share - (OUTLINE_SHARES[nearest] ?? 0)) * long > 1.5) continue;
    rights[nearest] = Math.max(rights[nearest] ?? 0, toRight + 0.5);
    lefts[nearest] = Math.max(lefts[nearest] ?? 0, 0.5 - toRight);
  }
  const known = (reach: number) => (Number.isFinite(reach) ? reach : 0);
  return OUTLINE_SHARES.map((share, i) => ({
    share,
    leftPx: known(lefts[i] ?? 0),
    rightPx: known(rights[i] ?? 0),
  }));
}
