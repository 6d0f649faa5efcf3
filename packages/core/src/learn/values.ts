import { metalById, type MetalId } from '../metal';
import { MM_PER_US_SIZE } from '../size';
import { defaultMinutes, STEP_KINDS } from '../steps';
import { allowanceFit, type Strained } from './allowance';
import type { Lesson } from './lesson';
import { LATEST_RINGS, latestOf } from './latest';
import { listAt } from './list-at';
import { minutesFit } from './minutes';
import { ridgeFit, type RidgeFit } from './ridge';
import { discounted, type Seen, type Sighting } from './sighting';

/** What one value of the bench was learnt to be. */
export interface LearntValue {
  /**
   * Names it for good: "share", "share-copper", "wall-width", "trim", "curl-17", "fold-17-14", "springback-stretch",
   * "springback-bend-17", "gauge", "ends", "spread", "allowance-copper", "minutes-fold", "wrinkle", "melt", "slip", "slip-flare".
   */
  readonly key: string;
  readonly what:
    | 'share'
    | 'wall'
    | 'trim'
    | 'curl'
    | 'fold'
    | 'springback'
    | 'gauge'
    | 'ends'
    | 'spread'
    | 'allowance'
    | 'wrinkle'
    | 'melt'
    | 'slip'
    | 'minutes';
  /** The die's angle, the kind of step, the former or the metal, where it belongs to one. */
  readonly of?: string | undefined;
  readonly value: number;
  readonly standard: number;
  /** Standard deviation, where the fit tells one. */
  readonly sigma?: number | undefined;
  readonly rings: number;
  /** Steps timed, anneal intervals or readings that it rests on. */
  readonly sightings: number;
  /** Cracks, wrinkles, melts or slips among them, where it is about losses. */
  readonly events?: number | undefined;
  /** How far predictions were off, by default and by what the other rings teach, in the value's own unit of sight. */
  readonly errorBefore?: number | undefined;
  readonly errorAfter?: number | undefined;
  readonly outliers: readonly string[];
  /** The maker wants the default. */
  readonly keptStandard: boolean;
}

/** How far benches differ from the defaults: the pull of each value. */
export const PULL = {
  share: 0.05,
  /** Of one group of metals from that of all. */
  shareOf: 0.05,
  wallWidth: 0.02,
  wallEdge: 0.03,
  trimMm: 0.15,
  curl: 0.12,
  foldMm: MM_PER_US_SIZE / 2,
  springback: 0.6,
  gaugeMm: 0.15,
  endsMm: 0.08,
  spread: 0.4,
} as const;

/** Values of tools, which wear. */
const TOOLS: readonly LearntValue['what'][] = ['curl', 'fold', 'springback'];

/** What each lesson lists by a key, of the latest that list any, oldest first, turned into something that knows its ring. */
function gathered<T, U>(
  lessons: readonly Lesson[],
  pick: (lesson: Lesson) => Readonly<Record<string, readonly T[]>>,
  turn: (one: T, lesson: Lesson) => U,
): ReadonlyMap<string, U[]> {
  const newestFirst = new Map<string, { rings: number; readonly seen: U[] }>();
  for (let place = lessons.length - 1; place >= 0; place--) {
    const lesson = lessons[place] as Lesson;
    const lists = pick(lesson);
    for (const key in lists) {
      const own = newestFirst.get(key) ?? { rings: 0, seen: [] };
      if (own.rings === LATEST_RINGS) continue;
      if (own.rings === 0) newestFirst.set(key, own);
      own.rings += 1;
      const list = lists[key] ?? [];
      for (let last = list.length - 1; last >= 0; last--) own.seen.push(turn(list[last] as T, lesson));
    }
  }
  // By name, whichever ring was last: what is learnt stands in one order.
  const named = [...newestFirst].sort(([one], [other]) => one.localeCompare(other, 'en', { numeric: true }));
  return new Map(named.map(([key, { seen }]) => [key, seen.reverse()]));
}

function sightingOf(seen: Seen, { ringId }: Lesson): Sighting {
  return { ...seen, ringId };
}

/** Sightings that each lesson lists by a key, over all of them. */
export function sightingsBy(
  lessons: readonly Lesson[],
  pick: (lesson: Lesson) => Readonly<Record<string, readonly Seen[]>>,
): ReadonlyMap<string, readonly Sighting[]> {
  return gathered(lessons, pick, sightingOf);
}

/** Sightings that each lesson lists, over all of them. */
export function sightingsIn(
  lessons: readonly Lesson[],
  pick: (lesson: Lesson) => readonly Seen[],
): readonly Sighting[] {
  return sightingsBy(lessons, (lesson) => ({ all: pick(lesson) })).get('all') ?? [];
}

/** A value as the sightings of it fit best; undefined where nothing was seen. */
export function valueOf(
  name: Pick<LearntValue, 'key' | 'what' | 'of'>,
  standard: number,
  sightings: readonly Sighting[],
  pullSigma: number,
  kept: ReadonlySet<string>,
): LearntValue | undefined {
  if (sightings.length === 0) return undefined;
  const fit: RidgeFit = ridgeFit(
    discounted(sightings, TOOLS.includes(name.what) ? 'tool' : 'bench'),
    pullSigma,
  );
  return {
    ...name,
    value: standard + fit.change,
    standard,
    sigma: fit.sigma,
    rings: fit.rings,
    sightings: fit.sightings,
    errorBefore: fit.errorBefore,
    errorAfter: fit.errorAfter,
    outliers: fit.outliers,
    keptStandard: kept.has(name.key),
  };
}

/** A ring gives back, and a bar spreads, by a share of what is predicted: never the other way. */
export function notBelowNothing(value: LearntValue): LearntValue {
  return { ...value, value: Math.max(0, value.value) };
}

/** A value of how rings are lost: counted, where others are fitted. */
export function lossValue(
  name: Pick<LearntValue, 'key' | 'what' | 'of'>,
  counted: Pick<LearntValue, 'value' | 'standard' | 'rings' | 'sightings' | 'events'>,
  kept: ReadonlySet<string>,
): LearntValue {
  return { ...name, ...counted, outliers: [], keptStandard: kept.has(name.key) };
}

/** What each metal bears between two anneals here, by what held and what cracked. */
export function allowanceValues(
  lessons: readonly Lesson[],
  kept: ReadonlySet<string>,
): readonly LearntValue[] {
  const strainings = lessons.flatMap(({ ringId, strained }) => (strained ? [{ ringId, ...strained }] : []));
  const byMetal = new Map<MetalId, Strained[]>();
  for (const one of latestOf(strainings, ({ metal }) => metal)) listAt(byMetal, one.metal).push(one);
  return [...byMetal].map(([metal, strained]) => {
    const { factor, rings, cracks } = allowanceFit(strained);
    return lossValue(
      { key: `allowance-${metal}`, what: 'allowance', of: metalById(metal).name },
      { value: factor, standard: 1, rings, sightings: strained.length, events: cracks },
      kept,
    );
  });
}

/** How long each kind of step takes here. */
export function minuteValues(lessons: readonly Lesson[], kept: ReadonlySet<string>): readonly LearntValue[] {
  const timedBy = gathered(
    lessons,
    ({ minutes }) => minutes,
    (minutes: number) => minutes,
  );
  return STEP_KINDS.flatMap((kind) => {
    const timed = timedBy.get(kind);
    if (!timed) return [];
    const standard = defaultMinutes(kind);
    const { minutes } = minutesFit(timed, standard);
    const key = `minutes-${kind}`;
    const off = (predicted: number) =>
      Math.sqrt(timed.reduce((sum, one) => sum + (one - predicted) ** 2, 0) / timed.length);
    return {
      key,
      what: 'minutes',
      of: kind,
      value: minutes,
      standard,
      rings: lessons.length,
      sightings: timed.length,
      errorBefore: off(standard),
      errorAfter: off(minutes),
      outliers: [],
      keptStandard: kept.has(key),
    };
  });
}
