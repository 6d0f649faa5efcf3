import type { Camera, Vector } from './camera';
import { lightFrom, type RoomLight } from './room';
import type { Spot } from './surface';

/** Of what a surface gives back, how much is scattered: the rougher the more. */
function mattOf(roughness: number): number {
  return 0.25 + 0.55 * roughness;
}

/** How light a place stays by how high it stands, 0 to 1: little light falls into hollows. */
function inHollow(height: number): number {
  return 0.78 + 0.22 * Math.min(1, height * 1.5);
}

/** What is known of a spot beside its look. */
export interface SpotPlace {
  /** Of the relief there, 0 to 1. */
  readonly height: number;
  /** How open it lies: little light falls deep into a ring. */
  readonly open: number;
  /** How much of its light is scattered, 0 to 1; left out, as its roughness says. */
  readonly matt?: number | undefined;
}

/**
 * Adds the light that a spot gives back.
 * @param x of the direction it looks, and y and z, of any length
 */
export type AddLight = (
  x: number,
  y: number,
  z: number,
  spot: Spot,
  place: SpotPlace,
  sum: Float32Array,
) => void;

/** Light of a room as it comes off metal to a camera that is far enough away to look at every spot from one direction. */
export function metalLight(camera: Camera, light: RoomLight): AddLight {
  const normal: Vector = [0, 0, 0];
  const middle: Vector = [0, 0, 0];
  const mirrored: [number, number, number] = [0, 0, 0];
  const scattered: [number, number, number] = [0, 0, 0];
  // The view turns about the middle: what is a direction is told from there.
  camera.toView(0, 0, 0, middle);
  return (x, y, z, { colour, roughness }, { height, open, matt = mattOf(roughness) }, sum) => {
    const length = Math.sqrt(x * x + y * y + z * z) || 1;
    camera.toView(x / length, y / length, z / length, normal);
    const [nx, ny, nz] = [normal[0] - middle[0], normal[1] - middle[1], normal[2] - middle[2]];
    lightFrom(light, 2 * nz * nx, 2 * nz * ny, 2 * nz * nz - 1, roughness, mirrored);
    lightFrom(light, nx, ny, nz, 1, scattered);
    const hollow = inHollow(height);
    for (let i = 0; i < 3; i++) {
      const seen = (mirrored[i] ?? 0) * (1 - matt) + (scattered[i] ?? 0) * matt;
      sum[i] = (sum[i] ?? 0) + (colour[i] ?? 0) * seen * hollow * open;
    }
  };
}
