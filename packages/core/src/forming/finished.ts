import { flatMeridian, mapMeridian, rimEdge, type Meridian } from './meridian';
import { FREE_SHARE } from './share';
import { finishedShape, wallCurlDropMm, type WallWish } from './wall';
import { straightWall } from './wall-shape';

/** A punched coin in numbers, mm. */
export interface Washer {
  readonly diameterMm: number;
  readonly holeMm: number;
  readonly thicknessMm: number;
}

/** How much wider tools leave a wall than its hoops alone say, per (t/R)²: the study's law for a straight wall. */
const WIDER = 1.11;

/**
 * The closed form: the finished wall in one step from the flat washer, with one share for the whole route, and where
 * that is left open with what tools add. The quick estimate of craft §3; the route's own simulation follows blow by blow.
 */
export function finishedMeridian(
  washer: Washer,
  wall: WallWish,
  targetInsideDiameterMm: number,
  share?: number,
  intervals?: number,
): Meridian {
  const { holeMm, diameterMm, thicknessMm } = washer;
  const flat = flatMeridian(holeMm / 2, diameterMm / 2, thicknessMm, intervals);
  const stout = (2 * thicknessMm) / (targetInsideDiameterMm + thicknessMm);
  const takesShare = share ?? FREE_SHARE;
  const middleHoop = (2 * (targetInsideDiameterMm + thicknessMm)) / (holeMm + diameterMm);
  const middleThicknessMm = thicknessMm * middleHoop ** (takesShare - 1);
  return mapMeridian(flat, finishedShape(wall, targetInsideDiameterMm, middleThicknessMm), {
    share: takesShare,
    widthDraw: share === undefined ? 1 + WIDER * stout ** 2 : 1,
  });
}

/**
 * Outside diameter of the rim at the largest moment of the route, mm: target plus curl plus what the finishing school
 * stretches past it. The rim never grows, so this has to stay within the coin (craft §3, upper end).
 */
export function largestMomentMm(
  washer: Washer,
  wall: WallWish,
  targetInsideDiameterMm: number,
  finished: Meridian,
  overStretchMm: number,
): number {
  if (wall.kind === 'tapered') return rimEdge(finished).outsideDiameterMm;
  const stretchedMm =
    targetInsideDiameterMm + wallCurlDropMm(wall, finished, targetInsideDiameterMm) + overStretchMm;
  const rimFibre = flatMeridian(washer.diameterMm / 2 - 1e-3, washer.diameterMm / 2, washer.thicknessMm, 2);
  return rimEdge(mapMeridian(rimFibre, straightWall(stretchedMm), { share: FREE_SHARE })).outsideDiameterMm;
}
