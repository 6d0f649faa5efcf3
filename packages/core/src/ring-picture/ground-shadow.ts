import type { HandleSolid } from './handle-solid';
import type { RingProfile } from './ring-profile';

/** How far a place of the ground is from where a thing stands on it, mm; below nothing it stands there. */
export type OffFoot = (ground: readonly [x: number, z: number]) => number;

const SHADOW = { most: 0.34, softMm: 0.9 } as const;
/** Farther out nothing is seen of a shadow, mm. */
const ENDS_MM = 4 * SHADOW.softMm;

/** How dark the ground is under and beside a thing that stands on it, 0 to 1. */
export function shadowAt(offFootMm: OffFoot, ground: readonly [number, number] | null): number {
  if (!ground) return 0;
  const offMm = Math.max(0, offFootMm(ground));
  return SHADOW.most * Math.exp(-((offMm / SHADOW.softMm) ** 2) / 2);
}

/** Shadow in a ring's hollow ends so many times as soon as beside it. */
const HOLLOW = 1.6;

/** How far a place of the ground is from where a ring stands on it; in its hollow the shadow ends sooner. */
export function ringOffFoot(profile: RingProfile): OffFoot {
  const foot = profile.cutEdge.map(({ radiusMm }) => radiusMm);
  const [outerMm, innerMm] = [Math.max(...foot), Math.min(...foot)];
  return (ground) => {
    const far = Math.hypot(...ground);
    return far > outerMm ? far - outerMm : HOLLOW * (innerMm - far);
  };
}

const BINS = 120;
const BIN_RAD = (2 * Math.PI) / BINS;
/** Foot further round than this, in bins, is nearer some other way. */
const BINS_BESIDE = 4;
/** What hangs higher than this share of the ring's height throws no shadow at its foot. */
const LOW = 0.3;

/** How far a place of the ground is from what of a handle stands close to it, looked up by the way it lies. */
export function handleOffFoot({ sides, heightMm }: HandleSolid): OffFoot {
  const nearest = new Float64Array(BINS).fill(Infinity);
  const farthest = new Float64Array(BINS).fill(-Infinity);
  /** Which way a place lies, in bins from 0. */
  const wayOf = (x: number, z: number) => (Math.atan2(x, z) / BIN_RAD + BINS) % BINS;
  for (const { positionsMm } of [sides.cutEdge, sides.outside, sides.inside]) {
    for (let i = 0; i < positionsMm.length; i += 3) {
      if ((positionsMm[i + 1] ?? 0) > LOW * heightMm) continue;
      const [x, z] = [positionsMm[i] ?? 0, positionsMm[i + 2] ?? 0];
      const [bin, far] = [Math.floor(wayOf(x, z)), Math.hypot(x, z)];
      nearest[bin] = Math.min(nearest[bin] ?? far, far);
      farthest[bin] = Math.max(farthest[bin] ?? far, far);
    }
  }
  return ([x, z]) => {
    const [way, far] = [wayOf(x, z), Math.hypot(x, z)];
    const bin = Math.floor(way);
    let least = Infinity;
    for (let beside = -BINS_BESIDE; beside <= BINS_BESIDE; beside++) {
      const at = (bin + beside + BINS) % BINS;
      const off = Math.max(far - (farthest[at] ?? 0), (nearest[at] ?? 0) - far, 0);
      // To the nearer side of that bin: measured from bin to bin, a shadow would have teeth.
      const aside = beside > 0 ? bin + beside - way : beside < 0 ? way - (bin + beside + 1) : 0;
      least = Math.min(least, Math.hypot(off, aside * BIN_RAD * far));
    }
    return least;
  };
}

/** The ground under a thing as a square picture about the middle, for a viewer in the round. */
export interface ShadowPicture {
  readonly sideMm: number;
  readonly sidePx: number;
  /** How dark each place is, 0 to 255, row by row from the nearest: its z falls from row to row, its x grows along each. */
  readonly dark: Uint8Array;
}

/** @param radiusMm farthest that the thing reaches out from the middle */
function shadowPicture(offFootMm: OffFoot, radiusMm: number, sidePx = 128): ShadowPicture {
  const sideMm = 2 * (radiusMm + ENDS_MM);
  const along = (i: number) => ((i + 0.5) / sidePx - 0.5) * sideMm;
  const dark = new Uint8Array(sidePx * sidePx);
  for (let row = 0; row < sidePx; row++) {
    for (let column = 0; column < sidePx; column++) {
      dark[row * sidePx + column] = Math.round(255 * shadowAt(offFootMm, [along(column), -along(row)]));
    }
  }
  return { sideMm, sidePx, dark };
}

/** The shadow of a ring that stands on its cut edge. */
export function ringShadow(profile: RingProfile): ShadowPicture {
  const radii = Object.values(profile).flatMap((side) => side.map(({ radiusMm }) => radiusMm));
  return shadowPicture(ringOffFoot(profile), Math.max(...radii));
}

/** The shadow of a ring from a handle. */
export function handleShadow(solid: HandleSolid): ShadowPicture {
  return shadowPicture(handleOffFoot(solid), solid.radiusMm);
}
