import { degToRad } from '../numeric';
import { curlDropMm, roundedHeightMm } from './curl';
import { DEFAULT_TAPER_DEG, roundedWall, straightWall, taperedWall, type WallShape } from './wall-shape';

export const WALL_KINDS = ['straight', 'rounded', 'tapered'] as const;
export type WallKind = (typeof WALL_KINDS)[number];

/** Curl of a rounded wall when none is asked for, degrees: 17° on both edges, then 25° (craft §3). */
const DEFAULT_CURL_DEG = 25;
/** Curls that dies and dapping blocks make, degrees. */
export const CURL_RANGE_DEG = { min: 5, max: 45 } as const;

/** The wall a maker asks for. A target size is read at the smaller edge: both for straight and rounded, the cut edge for tapered. */
export interface WallWish {
  readonly kind: WallKind;
  /** Only for rounded; left out means {@link DEFAULT_CURL_DEG}. */
  readonly curlDeg?: number | undefined;
}

export function curlOf(wall: WallWish): number {
  return wall.kind === 'rounded' ? (wall.curlDeg ?? DEFAULT_CURL_DEG) : 0;
}

/** The finished wall's shape at a target inside diameter, mm. */
export function finishedShape(wall: WallWish, targetInsideDiameterMm: number): WallShape {
  switch (wall.kind) {
    case 'straight':
      return straightWall(targetInsideDiameterMm);
    case 'rounded':
      return roundedWall(targetInsideDiameterMm, curlOf(wall));
    case 'tapered':
      return taperedWall(targetInsideDiameterMm, DEFAULT_TAPER_DEG);
  }
}

/** Height along the axis of a finished wall of the given arc width, mm. */
export function axialHeightMm(wall: WallWish, arcWidth: number): number {
  if (wall.kind === 'tapered') return arcWidth * Math.cos(degToRad(DEFAULT_TAPER_DEG));
  return roundedHeightMm(arcWidth, curlOf(wall));
}

/** How much larger the straight band must be than the target before its edges are turned in, mm. */
export function wallCurlDropMm(wall: WallWish, arcWidth: number): number {
  return curlDropMm(arcWidth, curlOf(wall));
}
