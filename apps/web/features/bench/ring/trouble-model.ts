import { wallWishOf } from '@round-mint/contract/coin-ring';
import { estimateCoinRing, type SizeRange } from '@round-mint/core/forming';
import { filePastCrack, type CrackRepair } from '@round-mint/core/remedy';
import type { ReplanQuestion } from '@/workers/jobs';
import type { BenchRing } from '@/features/shared/ring/bench-model';

/** A crack to be filed out: how far, and the question what ring is left then. */
export interface CrackQuestion {
  readonly repair: CrackRepair;
  readonly question: ReplanQuestion;
}

/**
 * Filing a crack out of a ring as it stands now.
 * @returns undefined when nothing would be left
 */
export function crackQuestion(
  { state }: Pick<BenchRing, 'state'>,
  crackMm: number,
  ring: ReplanQuestion['ring'],
): CrackQuestion | undefined {
  const standing = state.steps[Math.max(0, state.step - 1)];
  const repair = standing && filePastCrack(standing.outline, crackMm);
  if (!repair) return undefined;
  const { fileMm, newHoleMm } = repair;
  return { repair, question: { ring, finding: { kind: 'filed-back', fileMm, newHoleMm } } };
}

/** The sizes that a coin with another hole still makes; undefined when it makes none. */
export function sizesOf({ coinRing: ring, targetMm }: BenchRing, holeMm: number): SizeRange | undefined {
  if (!ring) return undefined;
  const wall = wallWishOf(ring);
  return estimateCoinRing({ coin: ring.coin, holeMm, targetInsideDiameterMm: targetMm, wall }).sizeRangeMm;
}
