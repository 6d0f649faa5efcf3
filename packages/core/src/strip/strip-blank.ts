import { MM_PER_US_SIZE } from '../size';
import { SECTION_SHAPES, type StripSection } from './section';

/** Saw kerf and filing of the seam (craft §6, default), mm. */
export const SEAM_MM = 0.3;
/** Textured and hammered bands grow: they are cut this much short (craft §6, default), US sizes. */
export const TEXTURE_US = 0.5;

export interface StripBand {
  readonly insideDiameterMm: number;
  /** Of a round wire its diameter. */
  readonly thicknessMm: number;
  /** Left out, with even edges. */
  readonly section?: StripSection | undefined;
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

/** Length of the middle of a closed band, mm: π(ID + t), with the middle of the metal where its section has it. */
export function middleLengthMm(
  insideDiameterMm: number,
  thicknessMm: number,
  section: StripSection = 'rect',
): number {
  return Math.PI * (insideDiameterMm + 2 * SECTION_SHAPES[section].middle * thicknessMm);
}

/**
 * L = π(ID + t) + seam, cut half a size short where hammering lengthens the band (craft §6); of half-round less, since
 * its metal lies nearer the finger.
 */
export function stripBlank({
  insideDiameterMm,
  thicknessMm,
  section,
  seamMm = SEAM_MM,
  textured = false,
}: StripBand): StripLength {
  const closedInsideDiameterMm = insideDiameterMm - (textured ? TEXTURE_US * MM_PER_US_SIZE : 0);
  return {
    lengthMm: middleLengthMm(closedInsideDiameterMm, thicknessMm, section) + seamMm,
    seamMm,
    textureMm: Math.PI * (insideDiameterMm - closedInsideDiameterMm),
    closedInsideDiameterMm,
  };
}
