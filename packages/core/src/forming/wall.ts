import type { WALL_KINDS, CurlWish } from './codes';
import { curlDropMm } from './curl';
import { arcWidthMm, type Meridian } from './meridian';
import { middleThicknessMm } from './places';
import { bandBeforePush, pushedWall } from './push';
import { DEFAULT_TAPER_DEG, roundedWall, straightWall, taperedWall, type WallShape } from './wall-shape';

export type WallKind = (typeof WALL_KINDS)[number];

/** Curl of a rounded wall when none is asked for, degrees: 17° on both edges, then 25° (craft §3). */
const DEFAULT_CURL_DEG = 25;

/** The wall a maker asks for. A target size is read at the smaller edge: both for straight and rounded, the cut edge for tapered. */
export interface WallWish {
  readonly kind: WallKind;
  /** Only for rounded: edges pushed in to a depth. */
  readonly curl?: CurlWish | undefined;
  /** Only for rounded walls without `curl`, as plans were made before: the whole arc of an angle; left out, {@link DEFAULT_CURL_DEG}. */
  readonly curlDeg?: number | undefined;
}

/** Angle of a rounded wall that is the arc of an angle. */
export function curlOf(wall: WallWish): number {
  return wall.kind === 'rounded' ? (wall.curlDeg ?? DEFAULT_CURL_DEG) : 0;
}

/**
 * The finished wall's shape at a target inside diameter, mm.
 * @param thicknessMm of the middle of the wall: how edges follow a push depends on it
 */
export function finishedShape(
  wall: WallWish,
  targetInsideDiameterMm: number,
  thicknessMm: number,
): WallShape {
  switch (wall.kind) {
    case 'straight':
      return straightWall(targetInsideDiameterMm);
    case 'rounded':
      return wall.curl
        ? pushedWall(targetInsideDiameterMm, wall.curl, thicknessMm)
        : roundedWall(targetInsideDiameterMm, curlOf(wall));
    case 'tapered':
      return taperedWall(targetInsideDiameterMm, DEFAULT_TAPER_DEG);
  }
}

/** How much larger the straight band must be than the target before its edges are turned in, mm. */
export function wallCurlDropMm(
  { kind, curl, curlDeg }: WallWish,
  finished: Meridian,
  targetInsideDiameterMm: number,
): number {
  if (kind !== 'rounded') return 0;
  const widthMm = arcWidthMm(finished);
  if (!curl) return curlDropMm(widthMm, curlOf({ kind, curlDeg }));
  const thicknessMm = middleThicknessMm(finished);
  const band = bandBeforePush(targetInsideDiameterMm, curl, { widthMm, thicknessMm });
  return band.insideDiameterMm - targetInsideDiameterMm;
}
