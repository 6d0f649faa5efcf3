import { bisect } from '../numeric';
import type { SPIRAL_FITS } from './codes';
import type { Profile } from './profile';
import { turnLengthMm } from './turn-length';

export type SpiralFit = (typeof SPIRAL_FITS)[number];

const MOST_TURNS = 8;
const MOST_PITCH_MM = 60;
const TURN_RAD = 2 * Math.PI;

/**
 * Turns, or the pitch, of a spiral that uses a handle from a place to its end: n√((π(ID + t))² + p²) = length (craft §6).
 * @param given the one that stays as it is
 * @returns both; as given where the handle tells no length
 */
export function fitSpiral(
  profile: Profile,
  startMm: number,
  insideDiameterMm: number,
  fit: SpiralFit,
  given: { readonly turns: number; readonly pitchMm: number },
): { readonly turns: number; readonly pitchMm: number } {
  const wholeMm = profile.lengthMm - startMm;
  if (!Number.isFinite(wholeMm) || wholeMm <= 0) return given;
  const lengthOf = (turns: number, pitchMm: number) =>
    turnLengthMm(profile, startMm, insideDiameterMm, TURN_RAD * turns, pitchMm / TURN_RAD);
  // Both lengths rise: with more turns, and with a steeper climb.
  return fit === 'turns'
    ? { ...given, turns: bisect((turns) => lengthOf(turns, given.pitchMm), wholeMm, 0, MOST_TURNS) }
    : { ...given, pitchMm: bisect((pitchMm) => lengthOf(given.turns, pitchMm), wholeMm, 0, MOST_PITCH_MM) };
}
