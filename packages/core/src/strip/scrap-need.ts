import { metalById, type MetalId } from '../metal';

/** Part of the metal that melting, pouring and cutting the ends off an ingot cost (default). */
const INGOT_LOSS = 0.15;

export interface ScrapNeed {
  /** In the finished blank, g. */
  readonly bandMassG: number;
  /** To be melted for it, g. */
  readonly meltMassG: number;
  readonly lossShare: number;
}

/**
 * How much scrap a band takes: its own mass, and what stays in crucible, ends and filings.
 * @param sectionMm2 of the strip or wire, mm²
 */
export function scrapNeed(lengthMm: number, sectionMm2: number, metal: MetalId): ScrapNeed {
  const bandMassG = (lengthMm * sectionMm2 * metalById(metal).densityGCm3) / 1000;
  return { bandMassG, meltMassG: bandMassG / (1 - INGOT_LOSS), lossShare: INGOT_LOSS };
}
