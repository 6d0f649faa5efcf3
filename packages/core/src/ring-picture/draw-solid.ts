import type { RgbaImage } from '../photo/grey-image';
import { cameraOn, type Camera, type Extent, type RingView } from './camera';
import type { Seen } from './raster';
import { RING_SIDES, type RingSide } from './ring-profile';
import { shadowAt, type OffFoot } from './ground-shadow';
import type { RoomLight } from './room';

/** A surface that is seen: of the ring, or of what stands with it. */
export type SeenSide = RingSide | 'beside';

const SEEN_SIDES: readonly SeenSide[] = [...RING_SIDES, 'beside'];

export interface Shader {
  /** Adds the light of one spot, 0 to 1 each. */
  readonly shade: (side: SeenSide, place: number, round: number, sum: Float32Array) => void;
}

/** Something of metal that can be looked at from all sides. */
export interface Solid {
  readonly extent: Extent;
  readonly raster: (camera: Camera, size: Pick<RingView, 'widthPx' | 'heightPx'>) => Seen;
  readonly shader: (camera: Camera, light: RoomLight) => Shader;
  readonly offFootMm: OffFoot;
}

/** Bright light is held down before it burns out: 1 stays a little below white. @returns 0 to 1 */
export function exposed(light: number): number {
  const low = Math.max(0, light);
  return low < 0.7 ? low : 0.7 + 0.3 * (1 - Math.exp(-(low - 0.7) / 0.3));
}

/** How a still picture is looked at. */
export interface StillView extends RingView {
  readonly light: RoomLight;
  /** Every place of the picture is looked at so many times along each side; left out, twice. */
  readonly fine?: 1 | 2 | undefined;
}

/** Rows of the picture that are shaded in one slice of the time. */
const SLICE_ROWS = 24;

/**
 * A picture of a thing that stands on see-through ground, with a soft shadow. Drawn a slice at a time; each yields its
 * progress, 0 to 1. Light stands still while the thing turns.
 */
export function* drawSolid(solid: Solid, view: StillView): Generator<number, RgbaImage> {
  const { widthPx, heightPx, light, fine: times = 2 } = view;
  const camera = cameraOn(view, solid.extent);
  const fine = { ...view, widthPx: widthPx * times, heightPx: heightPx * times };
  const seen = solid.raster(cameraOn(fine, solid.extent), fine);
  yield 0.2;
  const { shade } = solid.shader(camera, light);
  const rgba = new Uint8ClampedArray(4 * widthPx * heightPx);
  for (let row = 0; row < heightPx; row++) {
    if (row % SLICE_ROWS === 0) yield 0.2 + (0.8 * row) / heightPx;
    for (let column = 0; column < widthPx; column++) {
      shadePixel({ seen, times, shade, solid, camera }, column, row, rgba);
    }
  }
  return { widthPx, heightPx, rgba };
}

interface Shading extends Shader {
  readonly times: number;
  readonly seen: Seen;
  readonly solid: Solid;
  readonly camera: Camera;
}

const SUM = new Float32Array(3);
/** Looks through one pixel that lie so near each other on the ring see the same spot: among its points, and round it. */
const SAME = { place: 0.6, round: 0.05 } as const;

/** The one spot that all looks through a pixel see, where they do. */
function oneSpot({ seen, times }: Shading, first: number): { place: number; round: number } | undefined {
  const side = seen.side[first] ?? 0;
  const [place, round] = [seen.place[first] ?? 0, seen.round[first] ?? 0];
  let [places, rounds] = [0, 0];
  for (let down = 0; down < times; down++) {
    for (let at = first + down * seen.widthPx; at < first + down * seen.widthPx + times; at++) {
      const [herePlace, hereRound] = [seen.place[at] ?? 0, seen.round[at] ?? 0];
      const isSame =
        seen.side[at] === side &&
        Math.abs(herePlace - place) < SAME.place &&
        Math.abs(hereRound - round) < SAME.round;
      if (!isSame) return undefined;
      places += herePlace;
      rounds += hereRound;
    }
  }
  return { place: places / times ** 2, round: rounds / times ** 2 };
}

/** Adds the light of every look through a pixel. @returns how many of them meet the ring, 0 to 1 */
function gather(shading: Shading, first: number): number {
  const { seen, times, shade } = shading;
  SUM.fill(0);
  const one = oneSpot(shading, first);
  if (one) {
    const side = SEEN_SIDES[(seen.side[first] ?? 0) - 1];
    if (side) shade(side, one.place, one.round, SUM);
    return side ? 1 : 0;
  }
  let covered = 0;
  for (let down = 0; down < times; down++) {
    for (let at = first + down * seen.widthPx; at < first + down * seen.widthPx + times; at++) {
      const side = SEEN_SIDES[(seen.side[at] ?? 0) - 1];
      if (!side) continue;
      covered += 1;
      shade(side, seen.place[at] ?? 0, seen.round[at] ?? 0, SUM);
    }
  }
  for (let i = 0; i < 3; i++) SUM[i] = (SUM[i] ?? 0) / Math.max(1, covered);
  return covered / times ** 2;
}

/** One pixel: the mean of what is seen through it, over the shadow on the ground. */
function shadePixel(shading: Shading, column: number, row: number, rgba: Uint8ClampedArray): void {
  const { seen, times, solid, camera } = shading;
  const share = gather(shading, row * times * seen.widthPx + column * times);
  const shadow = share < 1 ? shadowAt(solid.offFootMm, camera.groundAt(column + 0.5, row + 0.5)) : 0;
  const opaque = share + (1 - share) * shadow;
  if (opaque <= 0) return;
  const at = 4 * ((row * seen.widthPx) / times + column);
  for (let i = 0; i < 3; i++) rgba[at + i] = (255 * exposed(SUM[i] ?? 0) * share) / opaque;
  rgba[at + 3] = 255 * opaque;
}
