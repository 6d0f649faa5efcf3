import { degToRad, radToDeg } from '../../numeric';
import {
  arcWidthMm,
  ballWall,
  cutEdge,
  DEFAULT_FOLD_ANGLE_DEG,
  foldDraw,
  foldedMiddleMm,
  foldStrokes,
  type FoldDie,
  partWay,
  rimEdge,
  type Meridian,
} from '../../forming';
import type { Phase } from '../passes';

function middleOriginalMm(wall: Meridian): number {
  const [cut, rim] = [cutEdge(wall), rimEdge(wall)];
  return (cut.originalRadiusMm + rim.originalRadiusMm) / 2;
}

function middleLeanDeg(wall: Meridian): number {
  return wall.leanDeg[(wall.leanDeg.length - 1) / 2] ?? 90;
}

/** Outside diameter of the rim after a whole fold at an angle, mm: which dies a washer fits. */
export function foldedRimOutsideMm(flat: Meridian, angleDeg: number): number {
  const land = rimEdge(flat).originalRadiusMm - cutEdge(flat).originalRadiusMm;
  const lean = degToRad(angleDeg);
  const across = rimEdge(flat).thicknessMm * Math.cos(lean);
  return 2 * foldedMiddleMm(flat, angleDeg) + land * Math.sin(lean) + across;
}

/** From flat washer to a funnel that leans as the die does. */
export function foldPhase(flat: Meridian, angleDeg: number = DEFAULT_FOLD_ANGLE_DEG, die?: FoldDie): Phase {
  const stroke = foldStrokes(flat, angleDeg, die);
  return {
    kind: 'fold',
    blow: 'fold',
    widthDraw: foldDraw(flat, 90, angleDeg),
    annealFirst: true,
    shapesAt: (progress) => [stroke(progress)],
  };
}

/** On from a cupped washer or a wider funnel into a die: every fibre goes on from where it stands. */
export function foldOnPhase(from: Meridian, angleDeg: number, die?: FoldDie): Phase {
  const funnel = foldStrokes(from, angleDeg, die)(1);
  return {
    kind: 'fold',
    blow: 'fold',
    widthDraw: foldDraw(from, middleLeanDeg(from), angleDeg),
    shapesAt: (progress, start) => [partWay(start, funnel, progress)],
  };
}

/** The rim of a cupped washer stays this far under the ball's widest place, degrees around it. */
const STEEPEST_RIM_DEG = 80;
/** A ball this little larger than the washer's middle would only wedge in the hole. */
const LEAST_BALL_OVER_MIDDLE = 1.08;

/**
 * The gentle first stroke: ball in dapping block.
 * @returns undefined when the ball is too small for this washer
 */
export function ballPhase(flat: Meridian, ballDiameterMm: number): Phase | undefined {
  const middle = middleOriginalMm(flat);
  const sphereMm = (ballDiameterMm + rimEdge(flat).thicknessMm) / 2;
  if (sphereMm < middle * LEAST_BALL_OVER_MIDDLE) return undefined;
  const rimDeg = radToDeg(Math.asin(middle / sphereMm) + arcWidthMm(flat) / 2 / sphereMm);
  const deepest = Math.min(1, STEEPEST_RIM_DEG / rimDeg) / sphereMm;
  const leanDeg = 90 - radToDeg(Math.asin(deepest * middle));
  return {
    kind: 'fold',
    blow: 'fold',
    widthDraw: foldDraw(flat, 90, leanDeg),
    annealFirst: true,
    shapesAt: (progress) => [ballWall(middle, deepest * progress)],
  };
}
