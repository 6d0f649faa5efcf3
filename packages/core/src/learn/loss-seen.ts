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
  /** How often it was brought to annealing heat. */
  readonly heats: number;
  readonly isMelted: boolean;
  /** What lost it, where that was neither a crack, a wrinkle nor the heat. */
  readonly slip?: Symptom | undefined;
}

const WRINKLED: Symptom = 'wrinkled-rim';
const MELTED: Symptom = 'blistered';
/** What is no slip of hand or tool. */
const NO_SLIPS: readonly string[] = [...CRACKS, WRINKLED, MELTED];

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
  const { spoilt, anneals } = worked.state;
  const isMelted = spoilt?.cause === MELTED;
  return {
    wrinkle: wrinkleSeen(worked, kit),
    // The heat that melted it was not told as done.
    heats: anneals + (isMelted ? 1 : 0),
    isMelted,
    ...(spoilt && !NO_SLIPS.includes(spoilt.cause) ? { slip: spoilt.cause } : {}),
  };
}
