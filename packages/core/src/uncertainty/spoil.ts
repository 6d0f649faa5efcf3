import { COMFORTABLE_CUT_EDGE_MM } from '../forming';
import { MM_PER_US_SIZE } from '../size';
import { WRINKLE_INDEX } from '../steps';
import { normalDeviate, type Random } from './random';

/** Ways to spoil a ring (craft §§3, 10). */
export const SPOIL_CAUSES = ['crack', 'wrinkle', 'thin', 'size'] as const;
export type SpoilCause = (typeof SPOIL_CAUSES)[number];

/**
 * Metal cracks at a multiple of the allowance that differs from piece to piece: half of them by 1.55 times, one in
 * twenty-five at the allowance itself. A default without proof: the log's cracks against strain replace it.
 */
export const CRACK_AT = { median: 1.55, logSpread: 0.25 };
/** The same for wrinkles, as multiples of the index from which a stroke is warned of. */
export const WRINKLE_AT = { median: 2, logSpread: 0.35 };
/** A size that is off by more than a quarter has missed. */
const MISS_MM = MM_PER_US_SIZE / 4;

/** One ring as it came out. */
export interface DrawnRing {
  /** Fullest budget of the cut edge at its weakest place, as a share of the allowance. */
  readonly cutEdgeUse: number;
  readonly wrinkleIndex: number;
  readonly thinnestMm: number;
  /** Size before the last true-up, less the size wanted, mm. */
  readonly sizeOffMm: number;
}

function strength({ median, logSpread }: typeof CRACK_AT, random: Random): number {
  return median * Math.exp(logSpread * normalDeviate(random));
}

/** What spoils this ring; always draws as many numbers, so that one ring does not shift the next. */
export function spoilsOf(ring: DrawnRing, random: Random): readonly SpoilCause[] {
  const crackAt = strength(CRACK_AT, random);
  const wrinkleAt = strength(WRINKLE_AT, random) * WRINKLE_INDEX;
  const spoiled: Readonly<Record<SpoilCause, boolean>> = {
    crack: ring.cutEdgeUse > crackAt,
    wrinkle: ring.wrinkleIndex > wrinkleAt,
    thin: ring.thinnestMm < COMFORTABLE_CUT_EDGE_MM,
    size: Math.abs(ring.sizeOffMm) > MISS_MM,
  };
  return SPOIL_CAUSES.filter((cause) => spoiled[cause]);
}
