import type { RgbaImage } from '../photo/grey-image';

/** A piece's metal as a camera sees it, 0 to 255. */
export type Colour = readonly [red: number, green: number, blue: number];

/** How high each place of something stands, and where it is at all. */
export interface LitHeights {
  readonly widthPx: number;
  readonly heightPx: number;
  /** 0 to 1, row by row from the top left. */
  readonly height: Float32Array;
  /** Whether something is there. */
  readonly isOn: Uint8Array;
  /** How much a rise from pixel to pixel changes the light: the same look at every size of picture. */
  readonly slope: number;
}

/** How much of the light comes from all sides, how much more raised places get, and what comes from above left. */
const LIGHT = { all: 0.66, raised: 0.3, mostAside: 0.22 } as const;

/** Heights as they are photographed in soft light: what is raised is lighter, and slopes towards the light are. */
export function lit({ widthPx, heightPx, height, isOn, slope }: LitHeights, metal: Colour): RgbaImage {
  const rgba = new Uint8ClampedArray(4 * widthPx * heightPx);
  const [red, green, blue] = metal;
  for (let i = 0; i < height.length; i++) {
    if (!isOn[i]) continue;
    const here = height[i] ?? 0;
    const right = (height[i + 1] ?? here) - (height[i - 1] ?? here);
    const down = (height[i + widthPx] ?? here) - (height[i - widthPx] ?? here);
    const aside = Math.max(-LIGHT.mostAside, Math.min(LIGHT.mostAside, (slope * (right + down)) / 2));
    const light = LIGHT.all + LIGHT.raised * here + aside;
    rgba[4 * i] = red * light;
    rgba[4 * i + 1] = green * light;
    rgba[4 * i + 2] = blue * light;
    rgba[4 * i + 3] = 255;
  }
  return { widthPx, heightPx, rgba };
}
