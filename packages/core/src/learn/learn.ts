import { TRIM_GAIN_MM } from '../forming';
import { metalById, type MetalId } from '../metal';
import { MM_PER_US_SIZE } from '../size';
import type { DieChart, Kit } from '../kit';
import { ringAllowance } from '../route';
import { type BenchTraits, DEFAULT_TRAITS, defaultMinutes, formerKey } from '../steps';
import { allowanceFit, mostStrained, type Strained } from './allowance';
import { dieSightings } from './die-sightings';
import {
  isWorkedCoinRing,
  workedRing,
  type WorkedCoinRing,
  type LoggedRing,
  type WorkedRing,
} from './worked-ring';
import { minutesFit, timedMinutes } from './minutes';
import { ridgeChange, ridgeFit, rootMeanSquare, type RidgeFit, type Sighting } from './ridge';
import { formerSightings, springbackSightings, spreadSightings } from './elastic-sightings';
import { curlSightings, foldSightings, shareSightings, trimSightings } from './sightings';

/** What one value of the bench was learnt to be. */
export interface LearntValue {
  /**
   * Names it for good: "share", "trim", "curl-17", "fold-17-14", "springback-stretch", "springback-bend-17", "spread",
   * "allowance-copper", "minutes-fold".
   */
  readonly key: string;
  readonly what: 'share' | 'trim' | 'curl' | 'fold' | 'springback' | 'spread' | 'allowance' | 'minutes';
  /** The die's angle, the kind of step, the former or the metal, where it belongs to one. */
  readonly of?: string;
  readonly value: number;
  readonly standard: number;
  /** Standard deviation, where the fit tells one. */
  readonly sigma?: number;
  readonly rings: number;
  /** Steps timed, anneal intervals or readings that it rests on. */
  readonly sightings: number;
  /** How far predictions were off, by default and by what the other rings teach, in the value's own unit of sight. */
  readonly errorBefore?: number;
  readonly errorAfter?: number;
  readonly outliers: readonly string[];
  /** The maker wants the default. */
  readonly keptStandard: boolean;
}

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

export interface Learnt {
  readonly rings: number;
  readonly traits: BenchTraits;
  readonly values: readonly LearntValue[];
  readonly course: readonly CoursePoint[];
  /** What pushers were seen to give, by readings that told their reveal. */
  readonly dieCharts: readonly DieChart[];
}

/** How far benches differ from the defaults: the pull of each value. */
const PULL = {
  share: 0.05,
  trimMm: 0.15,
  curl: 0.12,
  foldMm: MM_PER_US_SIZE / 2,
  springback: 0.6,
  spread: 0.4,
} as const;
/** A value rests on at least so many rings before plans go by it. */
const FEWEST_RINGS = 3;

function valueOf(
  name: Pick<LearntValue, 'key' | 'what' | 'of'>,
  standard: number,
  sightings: readonly Sighting[],
  pullSigma: number,
  kept: ReadonlySet<string>,
): LearntValue | undefined {
  if (sightings.length === 0) return undefined;
  const fit: RidgeFit = ridgeFit(sightings, pullSigma);
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

/** Lists of several rings by key, put together. */
function gathered<K, V>(maps: readonly ReadonlyMap<K, readonly V[]>[]): ReadonlyMap<K, readonly V[]> {
  const all = new Map<K, V[]>();
  for (const map of maps) {
    for (const [key, list] of map) all.set(key, [...(all.get(key) ?? []), ...list]);
  }
  return all;
}

/** A ring gives back, and a bar spreads, by a share of what is foretold: never the other way. */
function notBelowNothing(value: LearntValue): LearntValue {
  return { ...value, value: Math.max(0, value.value) };
}

/** Of each kind of blow, and of each former that the log has read often enough to tell apart. */
function springbackValues(
  worked: readonly WorkedRing[],
  kit: Kit,
  kept: ReadonlySet<string>,
): readonly LearntValue[] {
  const kinds = gathered<string, Sighting>(worked.map((worked) => springbackSightings(worked, kit)));
  const formers = gathered<number, Sighting>(worked.map((worked) => formerSightings(worked, kit)));
  const named = [
    ...[...kinds].map(([kind, sightings]) => ({ tail: kind, of: kind, sightings })),
    ...[...formers].map(([formerMm, sightings]) => ({
      tail: formerKey(formerMm),
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

function allowanceValues(
  worked: readonly WorkedCoinRing[],
  kept: ReadonlySet<string>,
): readonly LearntValue[] {
  const byMetal = gathered<MetalId, Strained>(
    worked.map((worked) => {
      const { coin } = worked.ring.coin.input;
      const strained = mostStrained(worked, ringAllowance(coin));
      return new Map([[coin.metal, strained ? [strained] : []]]);
    }),
  );
  return [...byMetal].flatMap(([metal, strained]) => {
    if (strained.length === 0) return [];
    const { factor, rings } = allowanceFit(strained);
    const key = `allowance-${metal}`;
    return {
      key,
      what: 'allowance',
      of: metalById(metal).name,
      value: factor,
      standard: 1,
      rings,
      sightings: strained.length,
      outliers: [],
      keptStandard: kept.has(key),
    };
  });
}

function minuteValues(worked: readonly WorkedRing[], kept: ReadonlySet<string>): readonly LearntValue[] {
  return [...gathered(worked.map(timedMinutes))].map(([kind, timed]) => {
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
      rings: worked.length,
      sightings: timed.length,
      errorBefore: off(standard),
      errorAfter: off(minutes),
      outliers: [],
      keptStandard: kept.has(key),
    };
  });
}

/** Values that plans may go by: enough rings, not put back to the default, and better than it. */
function counts(value: LearntValue): boolean {
  return value.rings >= FEWEST_RINGS && !value.keptStandard && foretellsBetter(value);
}

/** Whether the other rings' word foretells a ring better than the default does; where neither is told, it may. */
export function foretellsBetter({
  errorBefore,
  errorAfter,
}: {
  readonly errorBefore?: number | undefined;
  readonly errorAfter?: number | undefined;
}): boolean {
  return errorBefore === undefined || errorAfter === undefined || errorAfter < errorBefore;
}

/** Nine of ten of a normal scatter lie within so many standard deviations. */
const NINE_OF_TEN = 1.645;
/** A funnel is read no finer, mm. */
const LEAST_SCATTER_MM = 0.1;

/** What the funnels of each die taught. */
function funnelsIn(values: readonly LearntValue[]): BenchTraits['funnels'] {
  return Object.fromEntries(
    values.flatMap(({ what, key, value, errorAfter = 0 }) =>
      what === 'fold'
        ? [
            [
              tailOf(key),
              { growthMm: value, scatterMm: Math.max(LEAST_SCATTER_MM, NINE_OF_TEN * errorAfter) },
            ] as const,
          ]
        : [],
    ),
  );
}

/** What a key is about: the die, the metal, the kind of step. */
function tailOf(key: string): string {
  return key.slice(key.indexOf('-') + 1);
}

function traitsOf(values: readonly LearntValue[]): BenchTraits {
  const used = values.filter(counts);
  const byTail = (what: LearntValue['what']) =>
    Object.fromEntries(used.filter((one) => one.what === what).map(({ key, value }) => [tailOf(key), value]));
  return {
    shareShift: used.find(({ what }) => what === 'share')?.value ?? DEFAULT_TRAITS.shareShift,
    trimGainMm: used.find(({ what }) => what === 'trim')?.value ?? DEFAULT_TRAITS.trimGainMm,
    curlGain: byTail('curl'),
    funnels: funnelsIn(used),
    allowanceFactor: byTail('allowance'),
    // Half minutes are as fine as a plan is read.
    handsOnMin: Object.fromEntries(
      Object.entries(byTail('minutes')).map(([kind, minutes]) => [kind, Math.round(minutes * 2) / 2]),
    ),
    springbackFactor: byTail('springback'),
    spreadFactor: used.find(({ what }) => what === 'spread')?.value ?? DEFAULT_TRAITS.spreadFactor,
  };
}

/** What is predicted of a ring by one value, and what the rings before it say about that value. */
interface LearningSeries {
  readonly sightings: readonly Sighting[];
  readonly pullSigma: number;
  readonly to: 'wall' | 'size';
}

/** Rings in the order they were finished, each predicted by those before it. */
function courseOf(worked: readonly WorkedRing[], series: readonly LearningSeries[]): readonly CoursePoint[] {
  return worked.map(({ ring }, place) => {
    const earlier = new Set(worked.slice(0, place).map((worked) => worked.ring.id));
    const off = { wall: { before: [], after: [] }, size: { before: [], after: [] } } as Record<
      LearningSeries['to'],
      { before: number[]; after: number[] }
    >;
    for (const { sightings, pullSigma, to } of series) {
      const known = sightings.filter(({ ringId }) => earlier.has(ringId));
      const enough = new Set(known.map(({ ringId }) => ringId)).size >= FEWEST_RINGS;
      const change = enough ? ridgeChange(known, pullSigma) : 0;
      for (const { ringId, off: seen, slope, sizeMm = 1 } of sightings) {
        if (ringId !== ring.id) continue;
        const unit = to === 'wall' ? 100 : sizeMm / MM_PER_US_SIZE;
        off[to].before.push(seen * unit);
        off[to].after.push((seen - slope * change) * unit);
      }
    }
    const { id: ringId, name, finishedAt } = ring;
    const { wall, size } = off;
    return {
      ringId,
      name,
      finishedAt,
      ...(wall.before.length > 0
        ? { wallBefore: rootMeanSquare(wall.before), wallAfter: rootMeanSquare(wall.after) }
        : {}),
      ...(size.before.length > 0
        ? { sizeBefore: rootMeanSquare(size.before), sizeAfter: rootMeanSquare(size.after) }
        : {}),
    };
  });
}

/**
 * What the log teaches about this bench (craft §9). Yields how far it is, 0 to 1, since each ring is simulated anew.
 * @param rings finished rings, in any order; those that were left out teach nothing
 * @param keptStandard keys of values that the maker wants at their defaults
 */
export function* learnFrom(
  rings: readonly LoggedRing[],
  kit: Kit,
  keptStandard: readonly string[] = [],
): Generator<number, Learnt> {
  const kept = new Set(keptStandard);
  const worked = [...rings]
    .sort((a, b) => a.finishedAt.localeCompare(b.finishedAt))
    .map(workedRing)
    .filter(({ state }) => !state.leftOut);
  const coins = worked.filter(isWorkedCoinRing);
  const shares = new Map<string, readonly Sighting[]>();
  const curls = gathered(worked.map(curlSightings));
  const curlValues = [...curls].flatMap(([angle, sightings]) => {
    const name = { key: `curl-${angle}`, what: 'curl', of: `${angle}°` } as const;
    return valueOf(name, 1, sightings, PULL.curl, kept) ?? [];
  });
  const folds = gathered(worked.map(foldSightings));
  const foldValues = [...folds].flatMap(([die, sightings]) => {
    const [angle, smallEnd] = die.split('-');
    const name = { key: `fold-${die}`, what: 'fold', of: `${angle}° die, ${smallEnd} mm` } as const;
    return valueOf(name, 0, sightings, PULL.foldMm, kept) ?? [];
  });
  // The wall a ring is walked to has the curl that its dies really gave: then only the share is left to explain it.
  const soFar = traitsOf(curlValues);
  for (const [i, worked] of coins.entries()) {
    shares.set(worked.ring.id, shareSightings(worked, kit, soFar));
    yield (i + 1) / (coins.length + 1);
  }
  const share = valueOf({ key: 'share', what: 'share' }, 0, [...shares.values()].flat(), PULL.share, kept);
  const trims = worked.flatMap(trimSightings);
  const trim = valueOf({ key: 'trim', what: 'trim' }, TRIM_GAIN_MM, trims, PULL.trimMm, kept);
  const springback = springbackValues(worked, kit, kept);
  const spread = valueOf(
    { key: 'spread', what: 'spread' },
    DEFAULT_TRAITS.spreadFactor,
    worked.flatMap(spreadSightings),
    PULL.spread,
    kept,
  );
  const values = [
    ...(share ? [share] : []),
    ...(trim ? [trim] : []),
    ...curlValues,
    ...foldValues,
    ...springback,
    ...(spread ? [notBelowNothing(spread)] : []),
    ...allowanceValues(coins, kept),
    ...minuteValues(worked, kept),
  ];
  const series: readonly LearningSeries[] = [
    { sightings: [...shares.values()].flat(), pullSigma: PULL.share, to: 'wall' },
    { sightings: trims, pullSigma: PULL.trimMm, to: 'size' },
    ...[...curls.values()].map((sightings) => ({ sightings, pullSigma: PULL.curl, to: 'size' }) as const),
    ...[...folds.values()].map((sightings) => ({ sightings, pullSigma: PULL.foldMm, to: 'size' }) as const),
  ];
  return {
    rings: worked.length,
    traits: traitsOf(values),
    values,
    course: courseOf(worked, series),
    dieCharts: dieSightings(coins),
  };
}
