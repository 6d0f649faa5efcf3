import type { Relief } from './relief';
import type { RingSide } from './ring-profile';
import { lookAt, newSpot, PATCHY, type RingLook } from './surface';

/** Pictures that a face's surface is covered with, each a square, its rows from the foot up. */
export interface SurfaceTexture {
  readonly sidePx: number;
  /** Red, green, blue and opaque, 0 to 255, as a screen shows them. */
  readonly colour: Uint8Array;
  /** Roughness in the green part and metal in the blue one, as glTF has it. */
  readonly roughness: Uint8Array;
  /** How high it stands: the same in all parts. */
  readonly height: Uint8Array;
}

/** Rows that are worked out in one slice of the time. */
const SLICE_ROWS = 128;

/** As many heights as a relief knows. */
const HEIGHTS = 256;

/** What a surface without patches looks like at every height: colours and roughness, four numbers each. */
function tableOf(look: RingLook, side: FaceSide): Uint8Array {
  const table = new Uint8Array(4 * HEIGHTS);
  const spot = newSpot();
  for (let i = 0; i < HEIGHTS; i++) {
    lookAt(look, side, i / (HEIGHTS - 1), 0, 0, spot);
    table.set(
      [...spot.colour, spot.roughness].map((part) => 255 * part),
      4 * i,
    );
  }
  return table;
}

type FaceSide = Extract<RingSide, 'outside' | 'inside'>;

/** A face's surface as pictures for a viewer in the round, as fine as its relief; each slice yields its progress, 0 to 1. */
export function* surfaceTexture(
  relief: Relief,
  look: RingLook,
  side: FaceSide,
): Generator<number, SurfaceTexture> {
  const { sidePx } = relief;
  const [colour, roughness, height] = [0, 1, 2].map(() => new Uint8Array(4 * sidePx * sidePx).fill(255)) as [
    Uint8Array,
    Uint8Array,
    Uint8Array,
  ];
  const isPatchy = PATCHY.includes(look.surface);
  const table = tableOf(look, side);
  const spot = newSpot();
  for (let row = 0; row < sidePx; row++) {
    if (row % SLICE_ROWS === 0) yield row / sidePx;
    const y = (2 * row + 1) / sidePx - 1;
    const from = (sidePx - 1 - row) * sidePx;
    for (let column = 0; column < sidePx; column++) {
      const at = 4 * (row * sidePx + column);
      const high = relief.height[from + column] ?? 0;
      height[at] = height[at + 1] = height[at + 2] = high;
      if (isPatchy) {
        lookAt(look, side, high / (HEIGHTS - 1), (2 * column + 1) / sidePx - 1, y, spot);
        for (let i = 0; i < 3; i++) colour[at + i] = 255 * (spot.colour[i] ?? 0);
        roughness[at + 1] = 255 * spot.roughness;
      } else {
        colour[at] = table[4 * high] ?? 0;
        colour[at + 1] = table[4 * high + 1] ?? 0;
        colour[at + 2] = table[4 * high + 2] ?? 0;
        roughness[at + 1] = table[4 * high + 3] ?? 0;
      }
    }
  }
  return { sidePx, colour, roughness, height };
}
