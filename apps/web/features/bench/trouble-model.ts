import { filePastCrack, type CrackRepair } from '@round-mint/core/remedy';
import { kitOrReference, planCoinRing, type CoinRingPlan, type Kit } from '@round-mint/core/route';
import type { BenchRing } from './bench-model';

/** What saving a cracked ring would come to. */
export interface CrackAnswer {
  readonly repair: CrackRepair;
  /** The ring that is left: same coin, larger hole. */
  readonly plan: CoinRingPlan;
}

/**
 * A crack filed out of a ring as it stands now.
 * @returns undefined when nothing would be left
 */
export function crackAnswer({ ring, state }: BenchRing, crackMm: number, kit: Kit): CrackAnswer | undefined {
  const standing = ring.steps[Math.max(0, state.step - 1)];
  const repair = standing && filePastCrack(standing.outline, crackMm);
  if (!repair) return undefined;
  const plan = planCoinRing(
    {
      coin: ring.coin,
      holeMm: repair.newHoleMm,
      targetInsideDiameterMm: ring.prediction.targetInsideDiameterMm,
      wall: { kind: ring.wall, curlDeg: ring.curlDeg ?? undefined },
    },
    { kit: kitOrReference(kit) },
  );
  return { repair, plan };
}
