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

/** What each ring of a series was off by, foretold by the rings before it in the given order. */
function offsOf(
  ringIds: readonly string[],
  { sightings, pullSigma, to }: LearningSeries,
): ReadonlyMap<string, readonly Off[]> {
  const places = placesByRing(sightings);
  const known = createHuberSum(sightings, pullSigma);
  let rings = 0;
  const found = new Map<string, readonly Off[]>();
  for (const ringId of ringIds) {
    const own = places.get(ringId);
    if (!own) continue;
    const change = rings >= FEWEST_RINGS ? known.minimum() : 0;
    found.set(
      ringId,
      own
        .flatMap((place) => sightings[place] ?? [])
        .map(({ off, slope, sizeMm = 1 }) => {
          const unit = to === 'wall' ? 100 : sizeMm / MM_PER_US_SIZE;
          return { to, before: off * unit, after: (off - slope * change) * unit };
        }),
    );
    for (const place of own) {
      const one = sightings[place];
      if (one && isPlausible(one, pullSigma)) known.add(place);
    }
    rings += 1;
  }
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
  const offs = series.map((one) => offsOf(ringIds, one));
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
