import type { Kit } from '../kit';
import type { Symptom } from '../ring';
import { simulateMoves } from '../route';
import { SLIP_PRIOR, WRINKLE_INDEX } from '../steps';
import { WRINKLE_AT } from '../uncertainty';
import { CRACKS } from './allowance';
import type { Lesson } from './lesson';
import { listAt } from './list-at';
import { strengthFit, type Borne } from './strength-fit';
import type { LearntValue } from './values';
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
  const folded = state.steps.findIndex(({ kind }) => kind === 'fold') < state.step;
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

/** Chance of a slip by how many were seen in how many rings: beta-binomial, the mean of what is known then. */
function slipChance(slips: number, rings: number): number {
  return (SLIP_PRIOR.lost + slips) / (SLIP_PRIOR.lost + SLIP_PRIOR.held + rings);
}

/** What wrinkles and slips teach: of slips all together, and each cause that was seen by itself. */
export function lossValues(lessons: readonly Lesson[], kept: ReadonlySet<string>): readonly LearntValue[] {
  const losses = lessons.flatMap(({ ringId, loss }) => (loss ? [{ ringId, ...loss }] : []));
  const rings = losses.length;
  if (rings === 0) return [];
  const folded = losses.flatMap(({ wrinkle }) => wrinkle ?? []);
  const byCause = new Map<Symptom, string[]>();
  for (const { slip, ringId } of losses) if (slip) listAt(byCause, slip).push(ringId);
  const slips = [...byCause.values()].reduce((sum, lost) => sum + lost.length, 0);
  const valueOf = (
    name: Pick<LearntValue, 'key' | 'what' | 'of'>,
    value: number,
    standard: number,
    events: number,
    seen = rings,
  ): LearntValue => ({
    ...name,
    value,
    standard,
    rings: seen,
    sightings: seen,
    events,
    outliers: [],
    keptStandard: kept.has(name.key),
  });
  const wrinkles = folded.filter(({ gaveWay }) => gaveWay).length;
  return [
    valueOf(
      { key: 'wrinkle', what: 'wrinkle' },
      strengthFit(folded, WRINKLE_AT).factor,
      1,
      wrinkles,
      folded.length,
    ),
    valueOf({ key: 'slip', what: 'slip' }, slipChance(slips, rings), slipChance(0, 0), slips),
    // What is known beforehand is shared out by what was seen: the causes add up to no more than all slips.
    ...[...byCause].map(([cause, lost]) => {
      const share = lost.length / slips;
      return valueOf(
        { key: `slip-${cause}`, what: 'slip', of: cause },
        share * slipChance(slips, rings),
        share * slipChance(0, 0),
        lost.length,
      );
    }),
  ];
}
