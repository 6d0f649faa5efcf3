import { degToRad, radToDeg, withinTurnDeg } from '../numeric';
import { flattened, meanRadiusPx, tiltDeg, type Ellipse } from './ellipse';
import { findHole, type MeasuredHole } from './find-hole';
import { findRim } from './find-rim';
import type { RgbaImage } from './grey-image';
import { RAYS } from './measure-rim';

/** A picture has to show at least so much: 1 px for 0.05 mm. */
const LEAST_PX_PER_MM = 20;
/** An offset that is known no better than this tells nothing that a calliper does not tell better, mm. */
const WORST_UNCERTAINTY_MM = 0.12;
/** Nobody's phone takes a sharp picture of a piece from nearer than this, mm. */
const NEAREST_CAMERA_MM = 90;
/** Rays that lie this close see the same scratch. */
const RAYS_IN_ONE = 4;
/** Burr and bevel of an edge, and what a lens bends straight lines by, mm. */
const EDGE_MM = 0.015;
/** An edge of many pixels is known to a part of one, but to no smaller part than this. */
const LEAST_PX = 0.4;
/** A rim that was not seen surely is the right one all the same where the hole in it has the size of the punch. */
const SAME_SIZE = 0.02;
/** Hole and rim lie in one plane: their shortest ways across are the same share of their longest, to within this. */
const SAME_SHAPE = 0.012;

/** What a picture of a punched piece tells. Ways are clockwise from the picture's top. */
export interface PictureCentre {
  /** From the middle of the rim to the middle of the hole, mm. */
  readonly offMm: number;
  /** On which side the land is widest: across from where the hole is off to, degrees. */
  readonly wideDeg: number;
  /** How far off the offset may be to either side, 95 of 100 times, mm. */
  readonly plusMinusMm: number;
  readonly holeMm: number;
  readonly pxPerMm: number;
}

/** Why a picture tells nothing: no rim, no hole, too far away, not from straight above, not sharp. */
export type PictureProblem = 'rim' | 'hole' | 'small' | 'tilt' | 'blur';

export interface CentrePicture {
  readonly rim?: Ellipse;
  readonly hole?: Ellipse;
  readonly tiltDeg?: number;
  readonly centre: PictureCentre | undefined;
  readonly problem: PictureProblem | undefined;
}

/**
 * What a tilted camera near by shifts the hole against the rim by at the most, mm: it draws the nearer half of either
 * larger, and of the rim more than of the hole. Which side was nearer the outlines do not tell.
 */
function shiftMm(radiusMm: number, holeRadiusMm: number, tilt: number): number {
  return ((radiusMm ** 2 - holeRadiusMm ** 2) / NEAREST_CAMERA_MM) * Math.sin(degToRad(tilt));
}

function measured({ rim, hole }: MeasuredHole, diameterMm: number): PictureCentre {
  const radiusMm = diameterMm / 2;
  const { x, y } = flattened(rim.ellipse).toCircle({ x: hole.ellipse.centreX, y: hole.ellipse.centreY });
  const holeShare = meanRadiusPx(hole.ellipse) / meanRadiusPx(rim.ellipse);
  // The middle of a circle seen in so many places, each so far off.
  const middleMm = ({ spread, seen }: { spread: number; seen: number }, share: number) =>
    radiusMm * share * spread * Math.sqrt((2 * RAYS_IN_ONE) / (RAYS * seen));
  const shift = shiftMm(radiusMm, radiusMm * holeShare, tiltDeg(rim.ellipse));
  const pxPerMm = meanRadiusPx(rim.ellipse) / radiusMm;
  const seenMm = Math.hypot(middleMm(rim, 1), middleMm(hole, holeShare), EDGE_MM, LEAST_PX / pxPerMm);
  return {
    offMm: radiusMm * Math.hypot(x, y),
    wideDeg: withinTurnDeg(radToDeg(Math.atan2(-x, y))),
    plusMinusMm: Math.hypot(2 * seenMm, shift),
    holeMm: diameterMm * holeShare,
    pxPerMm,
  };
}

/**
 * Measures where the hole of a punched piece lies, by a photograph of it: rim and hole are found, tilt is taken out, and the
 * piece's known diameter tells the scale.
 * @param diameterMm of the piece
 * @param holeMm that was punched
 */
export function centreByPicture(image: RgbaImage, diameterMm: number, holeMm: number): CentrePicture {
  const rim = findRim(image);
  if (!rim) return { centre: undefined, problem: 'rim' };
  const nothing = { rim: rim.ellipse, tiltDeg: tiltDeg(rim.ellipse), centre: undefined };
  const found = findHole(image, rim.ellipse, holeMm / diameterMm);
  if (!found) return { ...nothing, problem: rim.sure ? 'hole' : 'rim' };
  const seen = { rim: found.rim.ellipse, hole: found.hole.ellipse, tiltDeg: tiltDeg(found.rim.ellipse) };
  const centre = measured(found, diameterMm);
  const refused = (problem: PictureProblem): CentrePicture => ({ ...seen, centre: undefined, problem });
  const roundness = ({ minorPx, majorPx }: Ellipse) => minorPx / majorPx;
  if (Math.abs(roundness(seen.rim) - roundness(seen.hole)) > SAME_SHAPE) return refused('rim');
  if (!rim.sure && Math.abs(centre.holeMm / holeMm - 1) > SAME_SIZE) return refused('rim');
  // Few pixels tell no tilt, either.
  if (centre.pxPerMm < LEAST_PX_PER_MM) return refused('small');
  if (shiftMm(diameterMm / 2, holeMm / 2, seen.tiltDeg) > WORST_UNCERTAINTY_MM / 1.5) return refused('tilt');
  if (centre.plusMinusMm > WORST_UNCERTAINTY_MM) return refused('blur');
  return { ...seen, centre, problem: undefined };
}
