/** A picture in shades of grey, 0 to 255, row by row from the top left. */
export interface GreyImage {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly grey: Float32Array;
}

/** A picture as a canvas gives it: red, green, blue and how opaque, a byte each. */
export interface RgbaImage {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly rgba: Uint8ClampedArray;
}

/** How bright each colour looks to the eye (Rec. 709). */
const LUMA = [0.2126, 0.7152, 0.0722] as const;

/** Longer side of the picture in which circles are looked for, and of the one in which they are measured. */
export const LOOK_PX = 480;
export const MEASURE_PX = 1400;

/** How many pixels one stands for, along each side, in a picture whose longer side is so long at most. */
export function pixelsInOne(
  { widthPx, heightPx }: Pick<RgbaImage, 'widthPx' | 'heightPx'>,
  longestPx: number,
): number {
  return Math.max(1, Math.ceil(Math.max(widthPx, heightPx) / longestPx));
}

/** A square part of a picture, as far as it lies in it, and where its top left was. */
export function cropped(
  { widthPx, heightPx, rgba }: RgbaImage,
  fromX: number,
  fromY: number,
  sidePx: number,
): { readonly image: RgbaImage; readonly left: number; readonly top: number } {
  const left = Math.max(0, Math.floor(fromX));
  const top = Math.max(0, Math.floor(fromY));
  const width = Math.max(1, Math.min(widthPx, Math.ceil(fromX + sidePx)) - left);
  const height = Math.max(1, Math.min(heightPx, Math.ceil(fromY + sidePx)) - top);
  const part = new Uint8ClampedArray(4 * width * height);
  for (let row = 0; row < height; row++) {
    const at = 4 * ((row + top) * widthPx + left);
    part.set(rgba.subarray(at, at + 4 * width), 4 * row * width);
  }
  return { image: { widthPx: width, heightPx: height, rgba: part }, left, top };
}

/**
 * A picture in grey and smaller: each pixel is the mean of the square of `every` by `every` that it stands for.
 * @param weights of red, green and blue; left out, as the eye weighs them
 */
export function toGrey(
  { widthPx, heightPx, rgba }: RgbaImage,
  every: number,
  weights: readonly [red: number, green: number, blue: number] = LUMA,
): GreyImage {
  const width = Math.floor(widthPx / every);
  const height = Math.floor(heightPx / every);
  const grey = new Float32Array(width * height);
  const count = every * every;
  const [red, green, blue] = weights;
  for (let y = 0; y < height; y++) {
    for (let x = 0; x < width; x++) {
      let sum = 0;
      for (let down = 0; down < every; down++) {
        let at = 4 * ((y * every + down) * widthPx + x * every);
        for (let across = 0; across < every; across++, at += 4) {
          sum += red * (rgba[at] ?? 0) + green * (rgba[at + 1] ?? 0) + blue * (rgba[at + 2] ?? 0);
        }
      }
      grey[y * width + x] = sum / count;
    }
  }
  return { widthPx: width, heightPx: height, grey };
}

/** A grey picture made smaller: each pixel is the mean of the square of `every` by `every` that it stands for. */
export function shrink({ widthPx, heightPx, grey }: GreyImage, every: number): GreyImage {
  const width = Math.floor(widthPx / every);
  const height = Math.floor(heightPx / every);
  const small = new Float32Array(width * height);
  for (let y = 0; y < height * every; y++) {
    const row = Math.floor(y / every) * width;
    for (let x = 0; x < width * every; x++) {
      const at = row + Math.floor(x / every);
      small[at] = (small[at] ?? 0) + (grey[y * widthPx + x] ?? 0);
    }
  }
  return { widthPx: width, heightPx: height, grey: small.map((sum) => sum / every ** 2) };
}

/** The shade at a place between pixels; a whole number is the middle of a pixel. Beyond the picture its edge goes on. */
export function greyAt({ widthPx, heightPx, grey }: GreyImage, x: number, y: number): number {
  const left = Math.min(Math.max(x, 0), widthPx - 1);
  const top = Math.min(Math.max(y, 0), heightPx - 1);
  const column = Math.min(Math.floor(left), Math.max(0, widthPx - 2));
  const row = Math.min(Math.floor(top), Math.max(0, heightPx - 2));
  const [right, down] = [left - column, top - row];
  const at = row * widthPx + column;
  const above = (grey[at] ?? 0) * (1 - right) + (grey[at + 1] ?? grey[at] ?? 0) * right;
  const under = at + widthPx;
  const below = (grey[under] ?? 0) * (1 - right) + (grey[under + 1] ?? grey[under] ?? 0) * right;
  return heightPx === 1 ? above : above * (1 - down) + below * down;
}

/** One pass of a blur of weights 1, 2, 1 along rows or columns. */
function softened(from: Float32Array, stride: number, length: number): Float32Array {
  const to = new Float32Array(from.length);
  for (let i = 0; i < from.length; i++) {
    const place = Math.floor(i / stride) % length;
    const before = place === 0 ? i : i - stride;
    const after = place === length - 1 ? i : i + stride;
    to[i] = ((from[before] ?? 0) + 2 * (from[i] ?? 0) + (from[after] ?? 0)) / 4;
  }
  return to;
}

/** A picture with its grain taken out. @param passes each softens by a pixel or so */
export function soften({ widthPx, heightPx, grey }: GreyImage, passes = 1): GreyImage {
  let soft = grey;
  for (let pass = 0; pass < passes; pass++) {
    soft = softened(softened(soft, 1, widthPx), widthPx, heightPx);
  }
  return { widthPx, heightPx, grey: soft };
}
