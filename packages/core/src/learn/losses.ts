import type { Symptom } from '../ring';
import { SLIP_PRIOR } from '../steps';
import { WRINKLE_AT } from '../uncertainty';
import type { Lesson } from './lesson';
import { listAt } from './list-at';
import { strengthFit } from './strength-fit';
import { lossValue, type LearntValue } from './values';

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
  const wrinkles = folded.filter(({ gaveWay }) => gaveWay).length;
  const slipsOf = (name: { readonly key: string; readonly of?: string }, share: number, events: number) =>
    lossValue(
      { ...name, what: 'slip' },
      {
        value: share * slipChance(slips, rings),
        standard: share * slipChance(0, 0),
        rings,
        sightings: rings,
        events,
      },
      kept,
    );
  return [
    lossValue(
      { key: 'wrinkle', what: 'wrinkle' },
      {
        value: strengthFit(folded, WRINKLE_AT).factor,
        standard: 1,
        rings: folded.length,
        sightings: folded.length,
        events: wrinkles,
      },
      kept,
    ),
    slipsOf({ key: 'slip' }, 1, slips),
    // What is known beforehand is shared out by what was seen: the causes add up to no more than all slips.
    ...[...byCause].map(([cause, lost]) =>
      slipsOf({ key: `slip-${cause}`, of: cause }, lost.length / slips, lost.length),
    ),
  ];
}
