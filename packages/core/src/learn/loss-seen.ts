import type { Kit } from '../kit';
import type { Symptom } from '../ring';
import { simulateMoves } from '../route';
import { WRINKLE_INDEX } from '../steps';
import { CRACKS } from './allowance';
import type { Borne } from './strength-fit';
import type { WorkedCoinRing } from './worked-ring';

/** What a coin ring that is over tells of how rings are lost. */
export interface LossSeen {
  /** Worst fold as a share of the index from which a stroke is warned of; left out where nothing was folded. */
  readonly wrinkle?: Borne | undefined;
  /** What lost it, where that was neither a crack nor a wrinkle. */
  readonly slip?: Symptom | undefined;
}

const WRINKLED: Symptom = 'wrinkled-rim';

function wrinkleSeen({ ring, state }: WorkedCoinRing, kit: Kit): Borne | undefined {
  const { input, school, moves } = ring.coin;
  const folded = state.steps.some(({ kind }, index) => kind === 'fold' && index < state.step);
  if (moves.length === 0 || !folded) return undefined;
  const { wrinkleIndex } = simulateMoves(input, { kit, school, moves });
  const gaveWay =
    state.spoilt?.cause === WRINKLED || state.troubles.some(({ symptom }) => symptom === WRINKLED);
  return wrinkleIndex > 0 ? { use: wrinkleIndex / WRINKLE_INDEX, gaveWay } : undefined;
}

/** What a coin ring that was finished, or spoilt, tells of losses. */
export function lossOf(worked: WorkedCoinRing, kit: Kit): LossSeen {
  const { spoilt } = worked.state;
  const isSlip = spoilt && spoilt.cause !== WRINKLED && !CRACKS.includes(spoilt.cause);
  return { wrinkle: wrinkleSeen(worked, kit), ...(isSlip ? { slip: spoilt.cause } : {}) };
}
