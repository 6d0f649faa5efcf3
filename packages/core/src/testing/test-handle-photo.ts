import { drawHandle, halfWidthMm, type HandleDesign } from '../drawn-face';
import type { PicturePoint } from '../photo/ellipse';
import type { RgbaImage } from '../photo/grey-image';
import { normalDeviate, seededRandom } from '../uncertainty';

/** A made-up handle, wide and patterned at its tip. */
export const PHOTOGRAPHED_HANDLE: HandleDesign = {
  pattern: 'waves',
  stations: [
    { atMm: 0, thicknessMm: 2.6, widthMm: 19 },
    { atMm: 35, thicknessMm: 2.1, widthMm: 12 },
    { atMm: 90, thicknessMm: 2.9, widthMm: 7 },
    { atMm: 125, thicknessMm: 3.6, widthMm: 8 },
  ],
};

export interface HandlePhotograph {
  readonly image: RgbaImage;
  readonly tip: PicturePoint;
  readonly end: PicturePoint;
  readonly pxPerMm: number;
  /** Half the width at a place along it, mm. */
  readonly halfMm: (atMm: number) => number;
}

/** A handle as it is photographed from above on plain ground: turned somehow, unevenly lit, with grain. */
export function photographHandle(
  seed: number,
  design: HandleDesign = PHOTOGRAPHED_HANDLE,
  [widthPx, heightPx]: readonly [number, number] = [800, 600],
): HandlePhotograph {
  const random = seededRandom(seed);
  const drawn = drawHandle(design, 8, [205, 203, 196]);
  const lengthMm = drawn.widthPx / 8;
  const pxPerMm = (widthPx * (0.62 + 0.2 * random())) / lengthMm;
  const turn = (random() - 0.5) * 0.9;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const middle = { x: widthPx * (0.48 + 0.04 * random()), y: heightPx * (0.46 + 0.08 * random()) };
  // Dark cloth or white paper: never as light as the metal.
  const ground = random() < 0.5 ? 40 + 50 * random() : 236 + 14 * random();
  const light = { x: (random() - 0.5) * 0.18, y: (random() - 0.5) * 0.18 };
  const grain = 1 + 4 * random();
  const rgba = new Uint8ClampedArray(4 * widthPx * heightPx);
  for (let y = 0; y < heightPx; y++) {
    for (let x = 0; x < widthPx; x++) {
      const [right, down] = [x + 0.5 - middle.x, y + 0.5 - middle.y];
      const column = Math.floor(((right * cos + down * sin) / pxPerMm) * 8 + drawn.widthPx / 2);
      const row = Math.floor(((down * cos - right * sin) / pxPerMm) * 8 + drawn.heightPx / 2);
      const isIn = column >= 0 && row >= 0 && column < drawn.widthPx && row < drawn.heightPx;
      const from = 4 * (row * drawn.widthPx + column);
      const isOn = isIn && (drawn.rgba[from + 3] ?? 0) > 0;
      const grey = grain * normalDeviate(random);
      const lit = 1 + light.x * (x / widthPx - 0.5) + light.y * (y / heightPx - 0.5);
      for (let colour = 0; colour < 3; colour++) {
        const shade = isOn ? (drawn.rgba[from + colour] ?? 0) : ground;
        rgba[4 * (y * widthPx + x) + colour] = shade * lit + grey;
      }
      rgba[4 * (y * widthPx + x) + 3] = 255;
    }
  }
  const place = (alongMm: number) => ({
    x: middle.x + (alongMm - lengthMm / 2) * pxPerMm * cos,
    y: middle.y + (alongMm - lengthMm / 2) * pxPerMm * sin,
  });
  return {
    image: { widthPx, heightPx, rgba },
    tip: place(0),
    end: place(lengthMm),
    pxPerMm,
    halfMm: (atMm) => halfWidthMm(design, atMm),
  };
}
