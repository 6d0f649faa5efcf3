import { degToRad } from '../numeric';
import { addColour } from './add-colour';
import { flattened, meanRadiusPx, type Ellipse } from './ellipse';
import type { RgbaImage } from './grey-image';

/** As many samples at most stand for one pixel of the square, along each side. */
const MOST_SAMPLES = 4;

/** Rows of the square that are drawn in one slice of the time: some milliseconds. */
const SLICE_ROWS = 64;

/**
 * A face out of a photograph, seen straight on, its top up: a square from rim to rim, see-through beyond it. Drawn a
 * slice at a time; each yields its progress, 0 to 1.
 * @param rim where the rim is in the picture
 * @param topDeg where the top of the face is in the picture, clockwise from straight up
 * @param sidePx of the square
 */
export function* squareFace(
  image: RgbaImage,
  rim: Ellipse,
  topDeg: number,
  sidePx: number,
): Generator<number, RgbaImage> {
  const { toPicture } = flattened(rim);
  const [cos, sin] = [Math.cos(degToRad(topDeg)), Math.sin(degToRad(topDeg))];
  const samples = Math.min(MOST_SAMPLES, Math.max(1, Math.round((2 * meanRadiusPx(rim)) / sidePx)));
  const rgba = new Uint8ClampedArray(4 * sidePx * sidePx);
  const sum = new Float64Array(3);
  for (let row = 0; row < sidePx; row++) {
    if (row % SLICE_ROWS === 0) yield row / sidePx;
    for (let column = 0; column < sidePx; column++) {
      const at = 4 * (row * sidePx + column);
      const [middleX, middleY] = [(2 * column + 1) / sidePx - 1, (2 * row + 1) / sidePx - 1];
      if (Math.hypot(middleX, middleY) > 1) continue;
      sum.fill(0);
      for (let sample = 0; sample < samples * samples; sample++) {
        const x = middleX + ((2 * (sample % samples) + 1) / samples - 1) / sidePx;
        const y = middleY + ((2 * Math.floor(sample / samples) + 1) / samples - 1) / sidePx;
        const place = toPicture({ x: x * cos - y * sin, y: x * sin + y * cos });
        addColour(image, place.x, place.y, sum);
      }
      for (let colour = 0; colour < 3; colour++) rgba[at + colour] = (sum[colour] ?? 0) / samples ** 2;
      rgba[at + 3] = 255;
    }
  }
  return { widthPx: sidePx, heightPx: sidePx, rgba };
}
