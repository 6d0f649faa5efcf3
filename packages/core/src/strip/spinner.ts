import { middleLengthMm } from './strip-blank';

/** Room in which the outer band turns (craft §6, default), mm of diameter. */
export const SPINNER_CLEARANCE_MM = 0.3;
/** The inner band is wider by at least this, mm. */
const INNER_WIDER_MM = 2;
/** The flared edges stand out past the outer band by at least this, mm of diameter. */
const FLARE_PAST_MM = 0.6;
/** A flare that leans out more than this a side is felt between the fingers (default), mm. */
export const COMFORT_FLARE_MM = 1;

export interface SpinnerWish {
  readonly insideDiameterMm: number;
  readonly innerThicknessMm: number;
  readonly outerThicknessMm: number;
  readonly outerWidthMm: number;
  readonly clearanceMm?: number | undefined;
}

export interface SpinnerBlanks {
  readonly innerLengthMm: number;
  readonly outerLengthMm: number;
  readonly innerWidthMm: number;
  readonly innerOutsideDiameterMm: number;
  readonly outerInsideDiameterMm: number;
  /** Of the inner band's edges once flared. */
  readonly flareOutsideDiameterMm: number;
  /** How far each edge leans out, mm of radius. */
  readonly flareEachSideMm: number;
  /** Hoop strain of the flared edge. */
  readonly flareStrainLog: number;
  readonly comfortable: boolean;
}

/** Both blanks of a ring whose outer band turns on the inner one (craft §6). Lengths are of the middle, without seam. */
export function spinnerBlanks({
  insideDiameterMm,
  innerThicknessMm,
  outerThicknessMm,
  outerWidthMm,
  clearanceMm = SPINNER_CLEARANCE_MM,
}: SpinnerWish): SpinnerBlanks {
  const innerOutsideDiameterMm = insideDiameterMm + 2 * innerThicknessMm;
  const outerInsideDiameterMm = innerOutsideDiameterMm + clearanceMm;
  const flareOutsideDiameterMm = outerInsideDiameterMm + FLARE_PAST_MM;
  const flareEachSideMm = (flareOutsideDiameterMm - innerOutsideDiameterMm) / 2;
  const middleMm = insideDiameterMm + innerThicknessMm;
  return {
    innerLengthMm: middleLengthMm(insideDiameterMm, innerThicknessMm),
    outerLengthMm: middleLengthMm(outerInsideDiameterMm, outerThicknessMm),
    innerWidthMm: outerWidthMm + INNER_WIDER_MM,
    innerOutsideDiameterMm,
    outerInsideDiameterMm,
    flareOutsideDiameterMm,
    flareEachSideMm,
    flareStrainLog: Math.log((middleMm + 2 * flareEachSideMm) / middleMm),
    comfortable: flareEachSideMm <= COMFORT_FLARE_MM,
  };
}
