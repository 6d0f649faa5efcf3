import { arcWidthMm, flatMeridian, mapMeridian, rimEdge, type Meridian } from './meridian';
import { FREE_SHARE } from './share';
import { finishedShape, wallCurlDropMm, type WallWish } from './wall';
import { straightWall } from './wall-shape';

/** A punched coin in numbers, mm. */
export interface Washer {
  readonly diameterMm: number;
  readonly holeMm: number;
  readonly thicknessMm: number;
}

/**
 * The closed form: the finished wall in one step from the flat washer, with one share for the whole route.
 * The quick estimate of craft §3; the route's own simulation follows blow by blow.
 */
export function finishedMeridian(
  washer: Washer,
  wall: WallWish,
  targetInsideDiameterMm: number,
  share = FREE_SHARE,
  intervals?: number,
): Meridian {
  const flat = flatMeridian(washer.holeMm / 2, washer.diameterMm / 2, washer.thicknessMm, intervals);
  return mapMeridian(flat, finishedShape(wall, targetInsideDiameterMm), { share });
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
  const stretchedMm = targetInsideDiameterMm + wallCurlDropMm(wall, arcWidthMm(finished)) + overStretchMm;
  const rimFibre = flatMeridian(washer.diameterMm / 2 - 1e-3, washer.diameterMm / 2, washer.thicknessMm, 2);
  return rimEdge(mapMeridian(rimFibre, straightWall(stretchedMm), { share: FREE_SHARE })).outsideDiameterMm;
}
