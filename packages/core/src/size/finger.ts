import { writeAmount } from './marks';
import { KNUCKLE_WORDS, MANDREL_WORDS } from './size-words';
import type { SizeSystemId } from './system';
import { MM_PER_US_SIZE } from './us';

/**
 * Inside diameter from a paper strip round the finger (craft §1): d = L/π − τ, since the strip's own thickness counts.
 * @param lengthMm where the ends meet
 * @throws RangeError when the strip would leave no room for a finger
 */
export function paperStripDiameterMm(lengthMm: number, stripThicknessMm: number): number {
  const diameter = lengthMm / Math.PI - stripThicknessMm;
  if (!(diameter > 0)) throw new RangeError('the strip is too short for its thickness');
  return diameter;
}

/** A knuckle this much over the base asks for an open ring, US sizes (craft §1). */
const KNUCKLE_US = 1.5;

export interface KnuckleAdvice {
  readonly overUs: number;
  /** Whether a closed ring serves. */
  readonly closed: boolean;
  /** The size to make, mm. */
  readonly insideDiameterMm: number;
  readonly reason: string;
}

/**
 * What size to make for a knuckle and a base, and whether a closed ring will pass.
 * @param system sizes that the reason is told in
 */
export function knuckleAdvice(knuckleMm: number, baseMm: number, system: SizeSystemId = 'us'): KnuckleAdvice {
  const overUs = (knuckleMm - baseMm) / MM_PER_US_SIZE;
  if (overUs > KNUCKLE_US) {
    return {
      overUs,
      closed: false,
      insideDiameterMm: baseMm,
      reason: KNUCKLE_WORDS.open(writeAmount(knuckleMm - baseMm, system)),
    };
  }
  const closer = overUs > 0 ? knuckleMm - (knuckleMm - baseMm) / 4 : baseMm;
  return {
    overUs,
    closed: true,
    insideDiameterMm: closer,
    reason: overUs > 0 ? KNUCKLE_WORDS.closed : KNUCKLE_WORDS.base,
  };
}

/** What the mandrel says of its own scale. */
export interface MandrelCheck {
  /** US sizes that the mandrel reads too large; negative when it reads too small. */
  readonly offUs: number;
  /** Length of one US size along it, mm; what the program computes with. */
  readonly mmPerUsSize: number;
  readonly ok: boolean;
  readonly message: string;
}

/** A mandrel that is off by less is as good as any, US sizes. */
const GOOD_US = 0.125;

/**
 * Checks a mandrel with a calliper: the diameters at two of its marks, and how far apart they stand.
 * @throws RangeError when the marks are the same
 */
export function checkMandrel(
  low: { readonly us: number; readonly diameterMm: number },
  high: { readonly us: number; readonly diameterMm: number },
  apartMm: number,
  diameterOfUs: (us: number) => number,
): MandrelCheck {
  const sizes = high.us - low.us;
  if (sizes === 0) throw new RangeError('two different marks are needed');
  const off = ({ us, diameterMm }: typeof low) => (diameterOfUs(us) - diameterMm) / MM_PER_US_SIZE;
  const offUs = (off(low) + off(high)) / 2;
  const bent = Math.abs(off(low) - off(high));
  const ok = Math.abs(offUs) <= GOOD_US && bent <= 2 * GOOD_US;
  const message = ok
    ? MANDREL_WORDS.isTrue
    : bent > 2 * GOOD_US
      ? MANDREL_WORDS.disagrees
      : MANDREL_WORDS.off(offUs);
  return { offUs, mmPerUsSize: Math.abs(apartMm / sizes), ok, message };
}
