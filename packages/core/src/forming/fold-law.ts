import { degToRad } from '../numeric';
import type { Meridian } from './meridian';
import { atPlace, flatThicknessMm } from './share';
import { DEFAULT_FOLD_ANGLE_DEG, funnelWall, type WallShape } from './wall-shape';

/** A punched coin between dies, mm. */
export interface FoldBlank {
  readonly holeRadiusMm: number;
  readonly coinRadiusMm: number;
  readonly thicknessMm: number;
}

/** What a whole fold at 17° leaves, by the laws of the finite-element study (docs/validation.md). */
export interface FoldedFunnel {
  /** Mean of the mid radii of both edges, mm. */
  readonly middleRadiusMm: number;
  /** How much lower than the straight line between its edges the middle of the wall lies, mm of radius. */
  readonly bowMm: number;
  /** How much wider the fold draws the wall than its hoops alone would make it. */
  readonly widthDraw: number;
  /** Lean past the die's own angle, degrees: the wall springs back a little. */
  readonly pastDieDeg: number;
}

/** Greased dies. */
const FRICTION = 0.07;
/** A wall that is let go leans this much more than the die, degrees. */
const SPRUNG_DEG = 0.3;
/**
 * A mouth smaller than the coin: the rim turns over its corner before it slides in. The middle ends larger by a share
 * of what is missing, and from here on the wall no longer comes up to the die's angle.
 */
const MOUTH = { perMm: 0.24, perMmThickness: 0.1, stiffFromMm: 1.2, degPerMm: 4 } as const;

/** @param mouthRadiusMm of the die's upper end; left out, the coin goes in whole */
export function foldedFunnel(
  { holeRadiusMm, coinRadiusMm, thicknessMm }: FoldBlank,
  mouthRadiusMm = coinRadiusMm,
): FoldedFunnel {
  const middleMm = (coinRadiusMm + holeRadiusMm) / 2;
  const landMm = coinRadiusMm - holeRadiusMm;
  const chordMeanMm = middleMm + 0.0083 * landMm + 0.1214 * thicknessMm - 0.0355 * FRICTION * landMm;
  const arcMeanMm = middleMm + 0.0147 * landMm + 0.0631 * thicknessMm - 0.0428 * FRICTION * landMm;
  const missingMm = Math.max(0, coinRadiusMm - mouthRadiusMm);
  return {
    middleRadiusMm: chordMeanMm + (MOUTH.perMm + MOUTH.perMmThickness * thicknessMm) * missingMm,
    // A parabola's mean lies two thirds of its height away.
    bowMm: 1.5 * (chordMeanMm - arcMeanMm),
    widthDraw: 0.991 + (0.056 * thicknessMm) / landMm + (0.027 * landMm) / middleMm,
    pastDieDeg: SPRUNG_DEG + MOUTH.degPerMm * Math.max(0, missingMm - MOUTH.stiffFromMm),
  };
}

/** How much thicker than its hoops say a whole fold leaves the wall, ln: most at the cut edge, which the cone rides on. */
const THICKER = [0.0227, 0.0035, 0.0045, 0.009, 0.0095] as const;

/** How one die differs from the law's, mm. */
export interface FoldDie {
  /** Radius of its upper end, where the coin does not go in whole. */
  readonly mouthRadiusMm?: number | undefined;
  /** By how much larger its funnels are than the law says: what the log has taught, mm of diameter. */
  readonly growthMm?: number | undefined;
}

/** The flat blank that a wall was. */
function blankOf(wall: Meridian): FoldBlank {
  const [first, last] = [wall.originalRadiusMm[0] ?? 0, wall.originalRadiusMm.at(-1) ?? 0];
  return { holeRadiusMm: first, coinRadiusMm: last, thicknessMm: flatThicknessMm(wall) };
}

/** Share of a whole fold that leaning from one angle to another is; from flat to 17° it is all of it. */
function foldPart(fromDeg: number, toDeg: number): number {
  return (fromDeg - toDeg) / (90 - DEFAULT_FOLD_ANGLE_DEG);
}

/** Growth of the middle in a die of another angle: none when flat, the law's at 17°, by the sine of the lean between. */
function uprightShare(angleDeg: number): number {
  return (1 - Math.sin(degToRad(angleDeg))) / (1 - Math.sin(degToRad(DEFAULT_FOLD_ANGLE_DEG)));
}

/** The middle of the flat blank, and the funnel that a die of an angle leaves of it. */
function funnelIn(wall: Meridian, angleDeg: number, { mouthRadiusMm, growthMm = 0 }: FoldDie) {
  const blank = blankOf(wall);
  const flatMm = (blank.holeRadiusMm + blank.coinRadiusMm) / 2;
  const { middleRadiusMm, bowMm, pastDieDeg } = foldedFunnel(blank, mouthRadiusMm);
  const upright = uprightShare(angleDeg);
  return {
    flatMm,
    middleMm: flatMm + (middleRadiusMm + growthMm / 2 - flatMm) * upright,
    bowMm: bowMm * upright,
    leanDeg: angleDeg + pastDieDeg,
  };
}

/** Mean mid radius of the edges of a wall folded to an angle, mm. */
export function foldedMiddleMm(wall: Meridian, angleDeg: number): number {
  return funnelIn(wall, angleDeg, {}).middleMm;
}

/**
 * The strokes of a fold into a die of an angle.
 * @returns the funnel at a progress from the flat coin, 0, to the whole fold, 1
 */
export function foldStrokes(
  wall: Meridian,
  angleDeg: number,
  die: FoldDie = {},
): (progress: number) => WallShape {
  const { flatMm, middleMm, bowMm, leanDeg } = funnelIn(wall, angleDeg, die);
  return (progress) =>
    funnelWall(flatMm + (middleMm - flatMm) * progress, 90 + (leanDeg - 90) * progress, bowMm * progress);
}

/**
 * How folding draws a wall from one lean to another, at a place from 0 to 1: wider by so much at constant volume.
 * A stroke does its part of it.
 */
export function foldDraw(wall: Meridian, fromDeg: number, toDeg: number): (place: number) => number {
  const { widthDraw } = foldedFunnel(blankOf(wall));
  const part = foldPart(fromDeg, toDeg);
  return (place) => (widthDraw * Math.exp(-atPlace(THICKER, place))) ** part;
}
