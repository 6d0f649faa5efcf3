import { addColour } from './add-colour';
import type { PicturePoint } from './ellipse';
import type { RgbaImage } from './grey-image';

/** Where a long piece lies in a picture: from its tip to its other end along its middle, and how much beside it is taken. */
export interface StripPlace {
  readonly tip: PicturePoint;
  readonly end: PicturePoint;
  /** From one side of the strip to the other, pixels. */
  readonly acrossPx: number;
}

const SLICE_ROWS = 16;
const MOST_SAMPLES = 4;

/**
 * A long piece out of a photograph, laid straight: its tip at the left, what lay to the left of the way from the tip at
 * the top. Drawn a slice at a time; each yields its progress, 0 to 1.
 * @param widthPx of the strip, from tip to end; as high as its shape asks for
 */
export function* straightStrip(
  image: RgbaImage,
  { tip, end, acrossPx }: StripPlace,
  widthPx: number,
): Generator<number, RgbaImage> {
  const [right, down] = [end.x - tip.x, end.y - tip.y];
  const longPx = Math.hypot(right, down);
  const heightPx = Math.max(1, Math.round((acrossPx * widthPx) / longPx));
  const samples = Math.min(MOST_SAMPLES, Math.max(1, Math.round(longPx / widthPx)));
  const rgba = new Uint8ClampedArray(4 * widthPx * heightPx);
  const sum = new Float64Array(3);
  for (let row = 0; row < heightPx; row++) {
    if (row % SLICE_ROWS === 0) yield row / heightPx;
    for (let column = 0; column < widthPx; column++) {
      sum.fill(0);
      for (let sample = 0; sample < samples * samples; sample++) {
        const along = (column + ((sample % samples) + 0.5) / samples) / widthPx;
        const beside =
          (((row + (Math.floor(sample / samples) + 0.5) / samples) / heightPx - 0.5) * acrossPx) / longPx;
        // Pixels are counted by their middles.
        addColour(
          image,
          tip.x + along * right - beside * down - 0.5,
          tip.y + along * down + beside * right - 0.5,
          sum,
        );
      }
      const at = 4 * (row * widthPx + column);
      for (let colour = 0; colour < 3; colour++) rgba[at + colour] = (sum[colour] ?? 0) / samples ** 2;
      rgba[at + 3] = 255;
    }
  }
  return { widthPx, heightPx, rgba };
}
