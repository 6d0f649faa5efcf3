import { formerKey, isGauged } from '../steps';
import { gaugeValue, ungauged } from './gauge';
import type { Lesson } from './lesson';
import type { Sighting } from './sighting';
import { counts } from './traits';
import { notBelowNothing, PULL, sightingsBy, sightingsIn, valueOf, type LearntValue } from './values';

/**
 * Of each kind of blow, and of each former that the log has read often enough to tell apart.
 * @param kinds what is seen of each kind of blow
 */
function springbackValues(
  kinds: ReadonlyMap<string, readonly Sighting[]>,
  lessons: readonly Lesson[],
  kept: ReadonlySet<string>,
): readonly LearntValue[] {
  const formers = sightingsBy(lessons, (lesson) => lesson.formers);
  const named = [
    ...[...kinds].map(([kind, sightings]) => ({ tail: kind, of: kind, sightings })),
    ...[...formers].map(([formerMm, sightings]) => ({
      tail: formerKey(Number(formerMm)),
      of: `${formerMm} mm former`,
      sightings,
    })),
  ];
  return named.flatMap(({ tail, of, sightings }) => {
    const name = { key: `springback-${tail}`, what: 'springback', of } as const;
    const value = valueOf(name, 1, sightings, PULL.springback, kept);
    return value ? [notBelowNothing(value)] : [];
  });
}

/**
 * What tools give back, by how much the mandrel reads more than they are taken to, and what rings read at their end. An offset
 * that plans go by explains neither of the others.
 */
export function elasticValues(lessons: readonly Lesson[], kept: ReadonlySet<string>): readonly LearntValue[] {
  const seen = sightingsBy(lessons, ({ springbacks }) => springbacks);
  const gauge = gaugeValue({ stretch: seen.get('stretch') ?? [], reduce: seen.get('reduce') ?? [] }, kept);
  const gaugeMm = gauge && counts(gauge) ? gauge.value : 0;
  const springs = new Map(
    [...seen].map(([kind, own]) => [kind, isGauged(kind) ? ungauged(own, gaugeMm) : own]),
  );
  // A mandrel that reads too much does so at the end, too: the ring is no larger for it.
  const seenEnds = ungauged(
    sightingsIn(lessons, (lesson) => lesson.ends),
    gaugeMm,
  );
  const ends = valueOf({ key: 'ends', what: 'ends' }, 0, seenEnds, PULL.endsMm, kept);
  return [...(gauge ? [gauge] : []), ...(ends ? [ends] : []), ...springbackValues(springs, lessons, kept)];
}
