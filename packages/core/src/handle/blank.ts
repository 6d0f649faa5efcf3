import { radToDeg } from '../numeric';
import type { HANDLE_STYLES } from './codes';
import type { Profile } from './profile';
import { thicknessAt } from './profile';
import { turnLengthMm } from './turn-length';

export type HandleStyle = (typeof HANDLE_STYLES)[number];

/** Makers of the other school cut this much longer, bend and trim (craft §6). */
export const ROUGH_FACTOR = 1.1;
const TURN_RAD = 2 * Math.PI;

export interface HandleShape {
  readonly insideDiameterMm: number;
  readonly style: HandleStyle;
  /** Only of an overlap, mm along the end that lies outside. */
  readonly overlapMm?: number | undefined;
  /** Only of a spiral. */
  readonly turns?: number | undefined;
  readonly pitchMm?: number | undefined;
}

export interface HandleBlank {
  /** From the end that is kept to the cut, mm. */
  readonly lengthMm: number;
  /** The same for those who cut long, bend, and trim. */
  readonly roughLengthMm: number;
  /** Angle by which the ends pass each other; 0 but for an overlap, degrees. */
  readonly overlapDeg: number;
}

/** Length to cut of a handle, from `startMm` along it (craft §6, blank length). */
export function handleBlank(profile: Profile, startMm: number, shape: HandleShape): HandleBlank {
  const { insideDiameterMm, style, overlapMm = 0, turns = 1, pitchMm = 0 } = shape;
  const spiral = style === 'spiral';
  const angleRad = TURN_RAD * (spiral ? turns : 1);
  const climbMm = spiral ? pitchMm / TURN_RAD : 0;
  const closed = turnLengthMm(profile, startMm, insideDiameterMm, angleRad, climbMm);
  const over = style === 'overlap' ? overlapMm : 0;
  const lengthMm = closed + over;
  // The end that lies outside runs on the inner end's back.
  const outerRadius =
    insideDiameterMm / 2 + thicknessAt(profile, startMm) + thicknessAt(profile, startMm + closed) / 2;
  return {
    lengthMm,
    roughLengthMm: lengthMm * ROUGH_FACTOR,
    overlapDeg: radToDeg(over / outerRadius),
  };
}

/** Height of the ring along the finger, mm: a spiral climbs by its pitch each turn. */
export function handleHeightMm(widthMm: number, { style, turns = 1, pitchMm = 0 }: HandleShape): number {
  return style === 'spiral' ? widthMm + turns * pitchMm : widthMm;
}
