import { metalById, type MetalId } from '../metal';
import type { Finish } from '../steps';
import { MM_PER_US_SIZE } from '../size';
import { spotMetalOf } from './spot';

export interface CareQuestion {
  readonly metal: MetalId;
  readonly finish: Finish;
  readonly lined: boolean;
  /** Wall at its thinnest, mm. */
  readonly thicknessMm: number;
  readonly insideDiameterMm: number;
  /** Whether a pattern or legend goes round it. */
  readonly patterned: boolean;
  /** Whether it has a solder seam, or is open. */
  readonly seam: 'none' | 'soldered' | 'open';
}

/** A band thinner than this is not stretched further, mm: what is left would not wear (craft §3). */
const THINNEST_MM = 0.9;
/** Patterned bands: one size safe, two the usual most; plain ones up to three (craft §7), US sizes. */
const PATTERNED_US = 2;
const PLAIN_US = 3;

/** How far this very ring can be resized, US sizes each way. */
export function resizeRoom(question: CareQuestion): { readonly downUs: number; readonly upUs: number } {
  const { thicknessMm, insideDiameterMm, patterned, seam } = question;
  if (seam === 'open') return { downUs: PLAIN_US, upUs: PLAIN_US };
  const most = patterned ? PATTERNED_US : PLAIN_US;
  // Opening thins the wall by the root of the ratio of mean circumferences.
  const ratio = Math.max(1, thicknessMm / THINNEST_MM) ** 2;
  const roomMm = (ratio - 1) * (insideDiameterMm + thicknessMm);
  const upUs = Math.floor(Math.min(most, roomMm / MM_PER_US_SIZE) * 4) / 4;
  return { downUs: most, upUs: seam === 'soldered' ? Math.min(1, upUs) : upUs };
}

/** What the wearer should know of this ring (craft §2, §7, §8). */
export function careWords(question: CareQuestion): readonly string[] {
  const { metal, finish, lined } = question;
  const precious = spotMetalOf(metal);
  const { notes } = metalById(metal);
  return [
    ...(precious === 'silver'
      ? [
          'Silver tarnishes. Wear keeps it bright; a soft cloth does the rest. No dip: it would take the dark out of the legend.',
        ]
      : []),
    ...(metal === 'copper' || metal === 'bronze' || metal === 'brass'
      ? [
          lined
            ? 'Lined against the skin. Where the lining wears through, the metal may stain skin green; it washes off.'
            : 'Copper metals may stain skin green; it washes off. Wax or a clear lacquer inside keeps it away for some months.',
        ]
      : []),
    ...notes.filter((note) => /allergy/i.test(note)),
    ...(finish === 'dark'
      ? ['The dark in the recesses is a patina: no abrasive paste, no ultrasonic bath.']
      : []),
    ...(finish === 'fire-scale'
      ? ['The colours of the flame are a thin skin: no paste, no dip; wear softens them.']
      : []),
    'Take it off for chlorine, salt water, heavy work and sleep.',
  ];
}
