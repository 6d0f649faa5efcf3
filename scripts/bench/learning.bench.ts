import { learnFromLessons, lessonOf, type Lesson } from '../../packages/core/src/learn';
import { madeRings } from '../../packages/core/src/learn/test-rings';
import { wallSightings } from '../../packages/core/src/learn/wall-values';
import { REFERENCE_KIT } from '../../packages/core/src/kit';
import { STEADY_BENCH, type BenchTruth } from '../../packages/core/src/practice';
import { type BenchTraits, DEFAULT_TRAITS, isGauged } from '../../packages/core/src/steps';
import { normalDeviate, seededRandom } from '../../packages/core/src/uncertainty';

/** What a ring was off by, against its scatter. */
interface Miss {
  readonly what: string;
  readonly metalGroup: string | undefined;
  readonly byDefault: number;
  readonly asLearnt: number;
}

/** A made-up bench whose truth the fit does not know. */
interface HiddenBench {
  readonly name: string;
  readonly benchOf: (ring: number, seed: number) => BenchTruth;
  /** Rings that are learnt from; left out, as many as all others. */
  readonly rings?: number;
  /** Where there is something to learn. */
  readonly learns?: (miss: Miss) => boolean;
}

const RINGS = 24;
const HELD_OUT = 8;
const SEEDS = 60;

const bench = (traits: Partial<BenchTraits>, more: Partial<BenchTruth> = {}) => ({
  ...STEADY_BENCH,
  ...more,
  traits: { ...DEFAULT_TRAITS, ...traits },
});
const wall = (widthLog: number, cutEdgeLog: number, rimEdgeLog: number) => ({
  wallShift: { widthLog, cutEdgeLog, rimEdgeLog },
});
const isOf =
  (...names: readonly string[]) =>
  ({ what }: Miss) =>
    names.includes(what);

const BENCHES: readonly HiddenBench[] = [
  { name: 'as the defaults say', benchOf: () => bench({}) },
  { name: '5 % wide', benchOf: () => bench(wall(0.05, 0, 0)), learns: isOf('width') },
  {
    name: 'copper unlike silver',
    benchOf: () => bench({ shareShift: 0.02, shareShiftOf: { copper: -0.06 } }),
    learns: ({ what, metalGroup: group }) => group === 'copper' && what.endsWith('-edge'),
  },
  { name: 'offset gauge', benchOf: () => bench({}, { gaugeMm: 0.3 }), learns: isOf('fold', 'springback') },
  {
    name: 'drift: a die that wears',
    benchOf: (ring) =>
      bench({ funnels: { '17-14': { growthMm: Math.min(0.6, 0.03 * ring), scatterMm: 0.2 } } }),
    learns: isOf('fold'),
  },
  {
    name: 'metal 8 % thinner than labelled',
    benchOf: () => bench(wall(0, -0.083, -0.083)),
    learns: isOf('cut-edge', 'rim-edge'),
  },
  { name: 'rim 4.5 % thin', benchOf: () => bench(wall(0, 0, -0.046)), learns: isOf('rim-edge') },
  { name: 'three rings only', benchOf: () => bench(wall(0.05, 0, 0)), rings: 3, learns: isOf('width') },
  {
    name: 'heavy tails',
    benchOf: (ring, seed) => {
      const random = seededRandom(1000 * seed + ring);
      const wild = random() < 0.15 ? 6 : 1;
      return bench(wall(0.04, 0, 0), {
        widthShare: STEADY_BENCH.widthShare * wild,
        edgeShare: STEADY_BENCH.edgeShare * wild,
        foldMm: STEADY_BENCH.foldMm * (1 + Math.abs(normalDeviate(random))),
      });
    },
    learns: isOf('width'),
  },
];

function missesOf(lesson: Lesson, traits: BenchTraits): readonly Miss[] {
  const { metalGroup: group } = lesson;
  const { wallShift, curlGain, funnels, springbackFactor, gaugeMm, endsMm, trimGainMm } = traits;
  const shareShift = group === undefined ? 0 : (traits.shareShiftOf[group] ?? traits.shareShift);
  const wallLog = {
    width: wallShift.widthLog,
    'cut-edge': wallShift.cutEdgeLog,
    'rim-edge': wallShift.rimEdgeLog,
  };
  const miss = (what: string, off: number, learnt: number, sigma: number): Miss => ({
    what,
    metalGroup: group,
    byDefault: Math.abs(off / sigma),
    asLearnt: Math.abs((off - learnt) / sigma),
  });
  const byKey = <T>(lists: Readonly<Record<string, readonly T[]>>, turn: (key: string, one: T) => Miss) =>
    Object.entries(lists).flatMap(([key, seen]) => seen.map((one) => turn(key, one)));
  const learntWalls = wallSightings([lesson], curlGain);
  return [
    ...wallSightings([lesson], {}).map(({ figure, off, slope, sigma }, i) => {
      const curled = off - (learntWalls[i]?.off ?? off);
      return miss(figure, off, slope * shareShift + wallLog[figure] + curled, sigma);
    }),
    ...lesson.trims.map(({ off, sigma }) => miss('trim', off, trimGainMm - DEFAULT_TRAITS.trimGainMm, sigma)),
    ...byKey(lesson.folds, (die, { off, sigma }) => miss('fold', off, funnels[die]?.growthMm ?? 0, sigma)),
    ...byKey(lesson.curls, (angle, { off, sigma }) => miss('curl', off, (curlGain[angle] ?? 1) - 1, sigma)),
    ...lesson.ends.map(({ off, sigma }) => miss('size', off, endsMm + gaugeMm, sigma)),
    ...byKey(lesson.springbacks, (kind, { off, slope, sigma }) =>
      miss(
        'springback',
        off,
        slope * ((springbackFactor[kind] ?? 1) - 1) + (isGauged(kind) ? gaugeMm : 0),
        sigma,
      ),
    ),
  ];
}

const ratio = (misses: readonly Miss[]) => {
  const sum = (of: (miss: Miss) => number) => misses.reduce((all, one) => all + of(one), 0);
  return sum(({ asLearnt }) => asLearnt) / sum(({ byDefault }) => byDefault);
};

/**
 * How far held-out rings of hidden benches were off as learnt, against by default: of everything that is predicted, and
 * of what there was something to learn about. Mean distances; 1 is as much, less is better.
 */
export function hiddenBenches(
  seeds = SEEDS,
): readonly (readonly [name: string, all: number, learnt: number | undefined])[] {
  return BENCHES.map(({ name, benchOf, rings = RINGS, learns }) => {
    const misses: Miss[] = [];
    for (let seed = 1; seed <= seeds; seed++) {
      const made = [...madeRings(rings + HELD_OUT, seed, (ring) => benchOf(ring, seed))];
      const lessons = made.flatMap((ring) => lessonOf(ring, REFERENCE_KIT) ?? []);
      const { traits } = learnFromLessons(lessons.slice(0, rings));
      for (const lesson of lessons.slice(rings)) misses.push(...missesOf(lesson, traits));
    }
    return [name, ratio(misses), learns && ratio(misses.filter(learns))] as const;
  });
}
