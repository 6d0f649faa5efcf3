import { MM_PER_US_SIZE } from '../size';
import { createHuberSum } from './huber-sum';
import type { Lesson } from './lesson';
import { placesByRing, rootMeanSquare } from './ridge';
import { isPlausible, type Sighting } from './sighting';
import { FEWEST_RINGS } from './traits';

/** How far a ring was from what was predicted of it: by default, and by what the rings before it had taught. */
export interface CoursePoint {
  readonly ringId: string;
  readonly name: string;
  readonly finishedAt: string;
  /** Width and both edges, root mean square in percent. */
  readonly wallBefore?: number;
  readonly wallAfter?: number;
  /** Where curls and trims landed, root mean square in US sizes. */
  readonly sizeBefore?: number;
  readonly sizeAfter?: number;
}

/** What is predicted of a ring by one value. */
export interface LearningSeries {
  readonly sightings: readonly Sighting[];
  readonly pullSigma: number;
  readonly to: 'wall' | 'size';
}

/** How far off a ring was by one value, in percent of the wall or in US sizes. */
interface Off {
  readonly to: LearningSeries['to'];
  readonly before: number;
  readonly after: number;
}

/** What the latest rings of a series were off by, each predicted from the rings before it. @param from place of the first that is asked for */
function offsOf(
  ringIds: readonly string[],
  from: number,
  { sightings, pullSigma, to }: LearningSeries,
): ReadonlyMap<string, readonly Off[]> {
  const places = placesByRing(sightings);
  const known = createHuberSum(sightings, pullSigma);
  const found = new Map<string, readonly Off[]>();
  let rings = 0;
  ringIds.forEach((ringId, place) => {
    const own = places.get(ringId);
    if (!own) return;
    if (place >= from) {
      const change = rings >= FEWEST_RINGS ? known.minimum() : 0;
      const seen = own.flatMap((one) => sightings[one] ?? []);
      found.set(
        ringId,
        seen.map(({ off, slope, sizeMm = 1 }) => {
          const unit = to === 'wall' ? 100 : sizeMm / MM_PER_US_SIZE;
          return { to, before: off * unit, after: (off - slope * change) * unit };
        }),
      );
    }
    for (const one of own) {
      const sighting = sightings[one];
      if (sighting && isPlausible(sighting, pullSigma)) known.add(one);
    }
    rings += 1;
  });
  return found;
}

/**
 * Rings in the order they were finished, each predicted by those before it.
 * @param most so many of the latest
 */
export function courseOf(
  lessons: readonly Lesson[],
  series: readonly LearningSeries[],
  most: number,
): readonly CoursePoint[] {
  const ringIds = lessons.map(({ ringId }) => ringId);
  const offs = series.map((one) => offsOf(ringIds, lessons.length - most, one));
  return lessons.slice(-most).map(({ ringId, name, finishedAt }) => {
    const own = offs.flatMap((found) => found.get(ringId) ?? []);
    const wall = own.filter(({ to }) => to === 'wall');
    const size = own.filter(({ to }) => to === 'size');
    const rms = (list: readonly Off[], of: 'before' | 'after') => rootMeanSquare(list.map((one) => one[of]));
    return {
      ringId,
      name,
      finishedAt,
      ...(wall.length > 0 ? { wallBefore: rms(wall, 'before'), wallAfter: rms(wall, 'after') } : {}),
      ...(size.length > 0 ? { sizeBefore: rms(size, 'before'), sizeAfter: rms(size, 'after') } : {}),
    };
  });
}
