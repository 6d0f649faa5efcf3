import { MM_PER_US_SIZE } from '../size';

/** Saw kerf and filing of the seam (craft §6, default), mm. */
export const SEAM_MM = 0.3;
/** Textured and hammered bands grow: they are cut this much short (craft §6, default), US sizes. */
export const TEXTURE_US = 0.5;

export interface StripBand {
  readonly insideDiameterMm: number;
  /** Of a round wire its diameter. */
  readonly thicknessMm: number;
  readonly seamMm?: number | undefined;
  readonly textured?: boolean | undefined;
}

export interface StripLength {
  /** To cut, mm. */
  readonly lengthMm: number;
  /** Of which for the seam, and taken off since hammering lengthens it, mm. */
  readonly seamMm: number;
  readonly textureMm: number;
  /** Size that the band is closed at, before it is textured, mm. */
  readonly closedInsideDiameterMm: number;
}

/** Length of the middle of a closed band, mm: π(ID + t). */
export function middleLengthMm(insideDiameterMm: number, thicknessMm: number): number {
  return Math.PI * (insideDiameterMm + thicknessMm);
}

/** L = π(ID + t) + seam, cut half a size short where hammering lengthens the band (craft §6). */
export function stripBlank({
  insideDiameterMm,
  thicknessMm,
  seamMm = SEAM_MM,
  textured = false,
}: StripBand): StripLength {
  const closedInsideDiameterMm = insideDiameterMm - (textured ? TEXTURE_US * MM_PER_US_SIZE : 0);
  return {
    lengthMm: middleLengthMm(closedInsideDiameterMm, thicknessMm) + seamMm,
    seamMm,
    textureMm: Math.PI * (insideDiameterMm - closedInsideDiameterMm),
    closedInsideDiameterMm,
  };
}
