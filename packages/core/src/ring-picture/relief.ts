import type { RgbaImage } from '../photo/grey-image';

/** How high each place of a square face stands, 0 to 255, row by row from the top left. */
export interface Relief {
  readonly sidePx: number;
  readonly height: Uint8Array;
}

/** The neighbourhood that a place is compared with, of the face's side: larger than a letter's stroke. */
const AROUND = 1 / 22;
/** What is lighter than the mean around it by so many mean deviations is raised. */
const RAISED = 0.5;
/** The lowest that is shown, of 255: what lies deeper than the field is seldom seen. */
const FIELD = 64;
/** So much of a neighbourhood has to be field for its own shade to be known. */
const KNOWN = 0.15;
/** So many mean deviations of a face's shades make the whole height. */
const SPREAD = 5.4;

/** Means along each row of so many places to both sides, by running sums. */
function meansAlong(from: Float32Array, widthPx: number, reach: number): Float32Array {
  const to = new Float32Array(from.length);
  for (let start = 0; start < from.length; start += widthPx) {
    let sum = 0;
    for (let i = 0; i < reach && i < widthPx; i++) sum += from[start + i] ?? 0;
    for (let i = 0; i < widthPx; i++) {
      if (i + reach < widthPx) sum += from[start + i + reach] ?? 0;
      if (i > reach) sum -= from[start + i - reach - 1] ?? 0;
      to[start + i] = sum / (Math.min(i + reach, widthPx - 1) - Math.max(i - reach, 0) + 1);
    }
  }
  return to;
}

/** The same along each column, all columns a row at a time: memory is read in its order. */
function meansDown(from: Float32Array, widthPx: number, reach: number): Float32Array {
  const heightPx = from.length / widthPx;
  const to = new Float32Array(from.length);
  const sums = new Float64Array(widthPx);
  const add = (row: number, sign: 1 | -1) => {
    if (row < 0 || row >= heightPx) return;
    for (let i = 0; i < widthPx; i++) sums[i] = (sums[i] ?? 0) + sign * (from[row * widthPx + i] ?? 0);
  };
  for (let row = 0; row < reach; row++) add(row, 1);
  for (let row = 0; row < heightPx; row++) {
    add(row + reach, 1);
    add(row - reach - 1, -1);
    const count = Math.min(row + reach, heightPx - 1) - Math.max(row - reach, 0) + 1;
    for (let i = 0; i < widthPx; i++) to[row * widthPx + i] = (sums[i] ?? 0) / count;
  }
  return to;
}

/** Means of the squares around every place. */
function meansAround(values: Float32Array, widthPx: number, reach: number): Float32Array {
  return meansDown(meansAlong(values, widthPx, reach), widthPx, reach);
}

/** What is seen this near the rim goes on beyond it: the ground there is no part of the face. */
const RIM = 0.985;

/** How light each place of a face is. */
function shadesOf({ widthPx: sidePx, rgba }: RgbaImage): Float32Array {
  const shade = new Float32Array(sidePx * sidePx);
  for (let row = 0; row < sidePx; row++) {
    const y = (2 * row + 1) / sidePx - 1;
    for (let column = 0; column < sidePx; column++) {
      const x = (2 * column + 1) / sidePx - 1;
      const far = x * x + y * y;
      let at = row * sidePx + column;
      if (far > RIM * RIM) {
        const inward = RIM / Math.sqrt(far);
        const nearColumn = Math.floor(((x * inward + 1) / 2) * sidePx);
        at = Math.floor(((y * inward + 1) / 2) * sidePx) * sidePx + nearColumn;
      }
      shade[row * sidePx + column] = (rgba[4 * at] ?? 0) + (rgba[4 * at + 1] ?? 0) + (rgba[4 * at + 2] ?? 0);
    }
  }
  return shade;
}

/**
 * How light the field is around every place: the mean of what lies there without what stands out of it, so that between
 * letters it is the same as far from them.
 */
function fieldAround(shade: Float32Array, widthPx: number, reach: number): Float32Array {
  const all = meansAround(shade, widthPx, reach);
  let sum = 0;
  for (let i = 0; i < shade.length; i++) sum += Math.abs((shade[i] ?? 0) - (all[i] ?? 0));
  const most = (RAISED * sum) / shade.length;
  const low = new Float32Array(shade.length);
  const counted = new Float32Array(shade.length);
  for (let i = 0; i < shade.length; i++) {
    const isField = (shade[i] ?? 0) - (all[i] ?? 0) <= most;
    low[i] = isField ? (shade[i] ?? 0) : 0;
    counted[i] = isField ? 1 : 0;
  }
  const lows = meansAround(low, widthPx, reach);
  const counts = meansAround(counted, widthPx, reach);
  const total = (values: Float32Array) => values.reduce((sofar, value) => sofar + value, 0);
  const whole = total(low) / Math.max(1, total(counted));
  // Where hardly any field is about, the field of the whole face stands for it.
  return lows.map((mean, i) => {
    const known = counts[i] ?? 0;
    const share = Math.min(1, known / KNOWN);
    return known === 0 ? whole : whole + share * (mean / known - whole);
  });
}

/**
 * How high a face stands, estimated from its shades: in soft light what is raised is lighter than what lies around it.
 * It knows nothing of the real depth, only where the face rises and falls.
 * @param face a square from rim to rim
 */
export function reliefOf(face: RgbaImage): Relief {
  const sidePx = face.widthPx;
  return { sidePx, height: heightsOf(shadesOf(face), sidePx, sidePx) };
}

/** Heights, 0 to 255, from shades. @param lookedPx as wide as the whole of a face: what is grain and what is near follow */
function heightsOf(shade: Float32Array, widthPx: number, lookedPx: number): Uint8Array {
  const around = fieldAround(shade, widthPx, Math.max(2, Math.round(lookedPx * AROUND)));
  // Grain of the picture is no relief.
  const soft = meansAround(shade, widthPx, Math.max(1, Math.round(lookedPx / 700)));
  let sum = 0;
  for (let i = 0; i < shade.length; i++) sum += Math.abs((soft[i] ?? 0) - (around[i] ?? 0));
  const scale = sum > 0 ? 255 / ((SPREAD * sum) / shade.length) : 0;
  const height = new Uint8Array(shade.length);
  for (let i = 0; i < height.length; i++) {
    const up = FIELD + ((soft[i] ?? 0) - (around[i] ?? 0)) * scale;
    height[i] = up < 0 ? 0 : up > 255 ? 255 : up;
  }
  return height;
}

/** How far beyond the outline of a strip its own shade goes on, so that the ground beside it makes no edge; of its width. */
const WITHIN = 0.96;

/**
 * How high the pattern of a handle stands, estimated from its picture laid straight; as a square that is drawn out along
 * it, so that it is looked up like a face's.
 * @param halfShares how far the handle reaches above and below the middle of the strip at each column, of half its height
 */
export function stripRelief(
  { widthPx, heightPx, rgba }: RgbaImage,
  halfShares: (share: number) => { readonly above: number; readonly below: number },
): Relief {
  const shade = new Float32Array(widthPx * heightPx);
  const middle = heightPx / 2;
  for (let column = 0; column < widthPx; column++) {
    const { above, below } = halfShares((column + 0.5) / widthPx);
    const [top, bottom] = [middle * (1 - above * WITHIN), middle * (1 + below * WITHIN)];
    for (let row = 0; row < heightPx; row++) {
      const from = Math.min(heightPx - 1, Math.max(0, Math.floor(Math.min(bottom - 1, Math.max(top, row)))));
      const at = 4 * (from * widthPx + column);
      shade[row * widthPx + column] = (rgba[at] ?? 0) + (rgba[at + 1] ?? 0) + (rgba[at + 2] ?? 0);
    }
  }
  const heights = heightsOf(shade, widthPx, heightPx * STRIP_LOOKED);
  const sidePx = widthPx;
  const height = new Uint8Array(sidePx * sidePx);
  for (let row = 0; row < sidePx; row++) {
    const from = Math.min(heightPx - 1, Math.floor(((row + 0.5) / sidePx) * heightPx)) * widthPx;
    height.set(heights.subarray(from, from + widthPx), row * sidePx);
  }
  return { sidePx, height };
}

/** A handle's pattern is as fine against its width as a face's against a part of its diameter. */
const STRIP_LOOKED = 2.6;

/** A face of which there is no picture. */
export const NO_RELIEF: Relief = { sidePx: 1, height: Uint8Array.of(FIELD) };

/** Height at a place of the face, 0 to 1: to the right of its middle and up from it, 1 is the rim. */
export function heightAt({ sidePx, height }: Relief, x: number, y: number): number {
  const across = ((x + 1) * sidePx - 1) / 2;
  const down = ((1 - y) * sidePx - 1) / 2;
  const last = sidePx - 1;
  const left = across < 0 ? 0 : across > last ? last : Math.floor(across);
  const top = down < 0 ? 0 : down > last ? last : Math.floor(down);
  const right = left < last ? left + 1 : left;
  const low = (top < last ? top + 1 : top) * sidePx;
  const high = top * sidePx;
  const partX = Math.min(1, Math.max(0, across - left));
  const partY = Math.min(1, Math.max(0, down - top));
  const above = (height[high + left] ?? 0) * (1 - partX) + (height[high + right] ?? 0) * partX;
  const below = (height[low + left] ?? 0) * (1 - partX) + (height[low + right] ?? 0) * partX;
  return (above * (1 - partY) + below * partY) / 255;
}
