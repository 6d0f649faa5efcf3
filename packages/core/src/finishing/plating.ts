/** Faraday's constant, A·s/mol. */
const FARADAY = 96485.332;
const GOLD_G_PER_MOL = 196.967;
const GOLD_G_PER_MM3 = 0.0193;
/** Gold in the usual cyanide solutions is univalent. */
const USUAL_VALENCE = 1;
/** Brush plating lays on about this share of what the charge could (default). */
const USUAL_EFFICIENCY = 0.6;

export interface GoldLining {
  readonly insideDiameterMm: number;
  readonly heightMm: number;
  readonly thicknessUm: number;
  readonly currentA: number;
  /** Left out, {@link USUAL_EFFICIENCY}. */
  readonly efficiency?: number | undefined;
  readonly valence?: number | undefined;
}

export interface GoldLiningAnswer {
  readonly areaMm2: number;
  readonly goldMassG: number;
  readonly chargeC: number;
  readonly minutes: number;
}

/** A gold lining by charge and time: t = m n F/(M I η) on the area π·ID·height (craft §8). */
export function goldLining(lining: GoldLining): GoldLiningAnswer {
  const { insideDiameterMm, heightMm, thicknessUm, currentA } = lining;
  const { efficiency = USUAL_EFFICIENCY, valence = USUAL_VALENCE } = lining;
  const areaMm2 = Math.PI * insideDiameterMm * heightMm;
  const goldMassG = (areaMm2 * thicknessUm * GOLD_G_PER_MM3) / 1000;
  const chargeC = (goldMassG * valence * FARADAY) / (GOLD_G_PER_MOL * efficiency);
  return { areaMm2, goldMassG, chargeC, minutes: chargeC / currentA / 60 };
}
