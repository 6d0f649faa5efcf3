import { MM_PER_US_SIZE } from '../size';
import { resizeRoom, type CareQuestion } from './care';

/** Inside diameters, mm. */
export interface SizeRange {
  readonly fromMm: number;
  readonly toMm: number;
}

/** Sizes that a finished ring can have: by a safe resize, and by the most that makers usually dare. */
export interface RingFits {
  readonly safe: SizeRange;
  readonly usual: SizeRange;
}

/** How a ring comes onto a finger. */
export interface FingerFit {
  readonly how: 'as-it-is' | 'safe' | 'usual' | 'no';
  /** By how much it has to be resized, mm; positive where it has to become larger. */
  readonly changeMm: number;
}

/** Nobody feels an eighth of a US size, mm: half of the finest mark. */
const UNFELT_MM = MM_PER_US_SIZE / 8;
/** Rooms are whole quarters: half a hair more still belongs to them, mm. */
const HAIR_MM = 1e-6;

function rangeOf(
  insideDiameterMm: number,
  { downUs, upUs }: { readonly downUs: number; readonly upUs: number },
): SizeRange {
  return {
    fromMm: insideDiameterMm - downUs * MM_PER_US_SIZE,
    toMm: insideDiameterMm + upUs * MM_PER_US_SIZE,
  };
}

/** How far this very ring can be resized, from its wall, its metal and its seam (craft §7). */
export function ringFits(band: CareQuestion): RingFits {
  return {
    safe: rangeOf(band.insideDiameterMm, resizeRoom(band, ['low'])),
    usual: rangeOf(band.insideDiameterMm, resizeRoom(band)),
  };
}

function within({ fromMm, toMm }: SizeRange, mm: number): boolean {
  return mm >= fromMm - UNFELT_MM - HAIR_MM && mm <= toMm + UNFELT_MM + HAIR_MM;
}

/** Whether a ring fits a finger, and what it takes to make it fit. */
export function fingerFit(
  band: Pick<CareQuestion, 'insideDiameterMm'> & { readonly fits: RingFits },
  fingerMm: number,
): FingerFit {
  const changeMm = fingerMm - band.insideDiameterMm;
  if (Math.abs(changeMm) <= UNFELT_MM + HAIR_MM) return { how: 'as-it-is', changeMm: 0 };
  const how = within(band.fits.safe, fingerMm) ? 'safe' : within(band.fits.usual, fingerMm) ? 'usual' : 'no';
  return { how, changeMm };
}
