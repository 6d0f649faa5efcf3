import { metalById, type MetalId } from '../metal';
import { judgeResize, type ResizeRisk } from '../resize';
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

/** Rings are resized by quarters, US sizes. */
const QUARTER_US = 0.25;
/** No width decides how far a band can be resized, mm. */
const ANY_WIDTH_MM = 6;

/** Whether this band may be made another size at one of some risks. */
function bears(question: CareQuestion, sizesUs: number, risks: readonly ResizeRisk[]): boolean {
  const { metal, thicknessMm, insideDiameterMm, patterned, seam } = question;
  const { feasible, risk } = judgeResize({
    ...{ metal, thicknessMm, patterned, widthMm: ANY_WIDTH_MM, stones: false, profile: 'flat' },
    soldered: seam === 'soldered',
    fromInsideDiameterMm: insideDiameterMm,
    toInsideDiameterMm: insideDiameterMm + sizesUs * MM_PER_US_SIZE,
  });
  return feasible && risks.includes(risk);
}

/** The furthest quarter size, up to a limit, that a band bears with every quarter before it. */
function furthestUs(limitUs: number, may: (sizesUs: number) => boolean): number {
  let furthest = 0;
  while (furthest + QUARTER_US <= limitUs + 1e-9 && may(furthest + QUARTER_US)) furthest += QUARTER_US;
  return furthest;
}

/**
 * How far this very ring can be resized, US sizes each way: as far as its wall stays thick enough to wear, and no
 * further than makers go (craft §7).
 * @param risks what is taken for possible: the usual most, or only what is safe
 */
export function resizeRoom(
  question: CareQuestion,
  risks: readonly ResizeRisk[] = ['low', 'usual'],
): { readonly downUs: number; readonly upUs: number } {
  const { thicknessMm, insideDiameterMm, patterned, seam } = question;
  if (seam === 'open') return { downUs: PLAIN_US, upUs: PLAIN_US };
  const most = patterned ? PATTERNED_US : PLAIN_US;
  // Opening thins the wall by the root of the ratio of mean circumferences.
  const ratio = Math.max(1, thicknessMm / THINNEST_MM) ** 2;
  const roomUs = ((ratio - 1) * (insideDiameterMm + thicknessMm)) / MM_PER_US_SIZE;
  const mostUp = Math.min(seam === 'soldered' ? 1 : most, roomUs);
  return {
    downUs: furthestUs(most, (sizesUs) => bears(question, -sizesUs, risks)),
    upUs: furthestUs(mostUp, (sizesUs) => bears(question, sizesUs, risks)),
  };
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
