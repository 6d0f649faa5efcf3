import { thicknessAt, type Profile, type Stretch } from './profile';

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
const TURN_RAD = 2 * Math.PI;
/** What goes further than this past a whole turn lies on it; less is a joint that closes, with thickness that varies. */
const CLOSED_RAD = TURN_RAD + 0.06;

/**
 * A piece of handle on its way round a finger: each slice turns by ds/(R + t/2). What would run into the first turn
 * lies on its back, as an overlap does.
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
  const radius = insideDiameterMm / 2;
  const angles = [0];
  places.slice(1).forEach((at, i) => {
    const turned = angles[i] ?? 0;
    const ridingMm = turned > CLOSED_RAD ? thicknessAt(profile, fromMm) : 0;
    angles.push(turned + ds / (radius + ridingMm + thicknessAt(profile, at - ds / 2) / 2));
  });
  const whole = Math.min(TURN_RAD, angles.at(-1) ?? 0);
  const point = (angle: number, r: number): OutlinePoint => {
    // The middle of the piece lies lowest; its ends meet at the top.
    const from = angle - whole / 2;
    return { x: r * Math.sin(from), y: r * Math.cos(from) };
  };
  const lift = (angle: number) => (angle > CLOSED_RAD ? thicknessAt(profile, fromMm) : 0);
  return {
    inside: places.map((_, i) => point(angles[i] ?? 0, radius + lift(angles[i] ?? 0))),
    outside: places.map((at, i) =>
      point(angles[i] ?? 0, radius + lift(angles[i] ?? 0) + thicknessAt(profile, at)),
    ),
  };
}
