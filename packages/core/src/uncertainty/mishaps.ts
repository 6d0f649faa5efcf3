import { COMFORTABLE_CUT_EDGE_MM } from '../forming';
import { normalShareBelow } from '../numeric';
import { MM_PER_US_SIZE } from '../size';
import { meltedBy, WRINKLE_INDEX, type LossTraits } from '../steps';

/** What a ring does not survive. */
export const LOSSES = ['crack', 'wrinkle', 'melt', 'slip'] as const;
export type Loss = (typeof LOSSES)[number];
/** Until so many were seen, how often a loss comes is a first guess. */
export const FEWEST_LOSSES = 5;
/** What is no loss: a size is mended by another pass, a thin edge is less comfort. */
export const NO_LOSSES = ['size', 'thin'] as const;
/** What may befall a ring (craft §§3, 10). */
export const MISHAPS = [...LOSSES, ...NO_LOSSES] as const;
export type Mishap = (typeof MISHAPS)[number];

/**
 * Metal cracks at a multiple of the allowance that differs from piece to piece: half of them by 1.55 times, one in
 * twenty-five at the allowance itself. A default without proof: the log's cracks against strain replace it.
 */
export const CRACK_AT = { median: 1.55, logSpread: 0.25 };
/** The same for wrinkles, as multiples of the index from which a stroke is warned of. */
export const WRINKLE_AT = { median: 2, logSpread: 0.35 };
/** A size that is off by more than a quarter has missed. */
const MISS_MM = MM_PER_US_SIZE / 4;

/** One ring as it came out, but for what is known only by how often: strengths, and the size that is read. */
export interface DrawnRing {
  /** Fullest budget of the cut edge at its weakest place, as a share of the allowance. */
  readonly cutEdgeUse: number;
  readonly wrinkleIndex: number;
  /** How often it is brought to annealing heat. */
  readonly heats: number;
  readonly thinnestMm: number;
  /** Size before the last true-up, less the size wanted, mm: its mean, and how it scatters by reading and trimming. */
  readonly sizeOffMm: number;
  readonly sizeSpreadMm: number;
}

/** Share of pieces that a load is too much for. */
function yields(load: number, { median, logSpread }: typeof CRACK_AT): number {
  return load <= 0 ? 0 : normalShareBelow(Math.log(load / median) / logSpread);
}

/** Chance that a size that is so far off, and scatters so much, has missed by more than a quarter: it needs another pass. */
export function missedChance(offMm: number, spreadMm: number): number {
  if (spreadMm === 0) return Math.abs(offMm) > MISS_MM ? 1 : 0;
  return normalShareBelow((-MISS_MM - offMm) / spreadMm) + normalShareBelow((offMm - MISS_MM) / spreadMm);
}

/** Chance that metal cracks that was used so far between anneals, as a multiple of what it bears. */
export function crackChance(use: number): number {
  return yields(use, CRACK_AT);
}

/** How likely each mishap is for this ring: what has a distribution is not drawn, so that fewer rings tell as much. */
export function mishapChances(
  ring: DrawnRing,
  { wrinkleFactor, meltChance, slipChance }: LossTraits,
): Readonly<Record<Mishap, number>> {
  return {
    crack: crackChance(ring.cutEdgeUse),
    wrinkle: yields(ring.wrinkleIndex / (WRINKLE_INDEX * wrinkleFactor), WRINKLE_AT),
    melt: meltedBy(ring.heats, meltChance),
    slip: slipChance,
    size: missedChance(ring.sizeOffMm, ring.sizeSpreadMm),
    thin: ring.thinnestMm < COMFORTABLE_CUT_EDGE_MM ? 1 : 0,
  };
}

/** The chance that a ring is lost, by whatever comes first. */
export function lostChance(chanceOf: Readonly<Record<Mishap, number>>): number {
  return 1 - LOSSES.reduce((whole, loss) => whole * (1 - chanceOf[loss]), 1);
}
