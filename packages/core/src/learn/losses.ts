import type { Symptom } from '../ring';
import { MELT_PRIOR, seenChance, SLIP_PRIOR } from '../steps';
import { WRINKLE_AT } from '../uncertainty';
import type { Lesson } from './lesson';
import { LATEST_RINGS } from './latest';
import { listAt } from './list-at';
import { strengthFit } from './strength-fit';
import { lossValue, type LearntValue } from './values';

/** What wrinkles, melts and slips teach: of slips all together, and each cause that was seen by itself. */
export function lossValues(lessons: readonly Lesson[], kept: ReadonlySet<string>): readonly LearntValue[] {
  const losses = lessons
    .flatMap(({ ringId, loss }) => (loss ? [{ ringId, ...loss }] : []))
    .slice(-LATEST_RINGS);
  const rings = losses.length;
  if (rings === 0) return [];
  const folded = losses.flatMap(({ wrinkle }) => wrinkle ?? []);
  const byCause = new Map<Symptom, string[]>();
  for (const { slip, ringId } of losses) if (slip) listAt(byCause, slip).push(ringId);
  const slips = [...byCause.values()].reduce((sum, lost) => sum + lost.length, 0);
  const heats = losses.reduce((sum, loss) => sum + loss.heats, 0);
  const melts = losses.filter(({ isMelted }) => isMelted).length;
  const wrinkles = folded.filter(({ gaveWay }) => gaveWay).length;
  const slipsOf = (name: { readonly key: string; readonly of?: string }, share: number, events: number) =>
    lossValue(
      { ...name, what: 'slip' },
      {
        value: share * seenChance(SLIP_PRIOR, slips, rings),
        standard: share * seenChance(SLIP_PRIOR, 0, 0),
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
    lossValue(
      { key: 'melt', what: 'melt' },
      {
        value: seenChance(MELT_PRIOR, melts, heats),
        standard: seenChance(MELT_PRIOR, 0, 0),
        rings,
        sightings: heats,
        events: melts,
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
