import { thicknessAt, type Profile, type Stretch } from './profile';
import { wrapHandle } from './wrapped';

export interface OutlinePoint {
  readonly x: number;
  readonly y: number;
}

/** A blank seen from the side, flat or bent; mm, y downward, its middle below the origin. */
export interface BentOutline {
  /** The face that meets the finger, from one end to the other. */
  readonly inside: readonly OutlinePoint[];
  readonly outside: readonly OutlinePoint[];
}

const SLICES = 160;

/**
 * A piece of handle on its way round a finger: what would run into the first turn lies on its back, as an overlap does.
 * @param insideDiameterMm of the bend; Infinity for a flat piece
 */
export function bentOutline(
  profile: Profile,
  { fromMm, toMm }: Stretch,
  insideDiameterMm: number,
): BentOutline {
  const ds = (toMm - fromMm) / SLICES;
  const places = Array.from({ length: SLICES + 1 }, (_, i) => fromMm + i * ds);
  if (!Number.isFinite(insideDiameterMm)) {
    const middle = (fromMm + toMm) / 2;
    return {
      inside: places.map((at) => ({ x: at - middle, y: 0 })),
      outside: places.map((at) => ({ x: at - middle, y: thicknessAt(profile, at) })),
    };
  }
  const wrapped = wrapHandle(profile, { fromMm, toMm }, { insideDiameterMm, style: 'overlap' });
  const whole = Math.min(2 * Math.PI, wrapped.wholeRad);
  const pointAt = (atMm: number, outMm: number): OutlinePoint => {
    const { turnedRad, innerRadiusMm } = wrapped.at(atMm);
    // The middle of the piece lies lowest; its ends meet at the top.
    const from = turnedRad - whole / 2;
    const radiusMm = innerRadiusMm + outMm;
    return { x: radiusMm * Math.sin(from), y: radiusMm * Math.cos(from) };
  };
  return {
    inside: places.map((at) => pointAt(at, 0)),
    outside: places.map((at) => pointAt(at, thicknessAt(profile, at))),
  };
}
