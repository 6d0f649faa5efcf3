import { STEADY_BENCH, type BenchTruth } from '../practice';
import { DEFAULT_TRAITS, GAUGED, isGauged, type BenchTraits, type Gauged } from '../steps';
import type { LoggedRing } from './index';
import { learn, madeRings } from './test-rings';
import { readSteps, workedRing } from './worked-ring';

const bench = (traits: Partial<BenchTraits>, gaugeMm = 0, endsMm = 0): BenchTruth => ({
  ...STEADY_BENCH,
  gaugeMm,
  endsMm,
  traits: { ...DEFAULT_TRAITS, ...traits },
});
const ringsOf = (truth: BenchTruth, seed: number, known?: BenchTraits) =>
  [...madeRings(24, seed, () => truth, known)].map((ring) => ({ ...ring, id: `${seed}-${ring.id}` }));
const gaugeOf = (rings: readonly LoggedRing[]) => learn(rings).values.find(({ key }) => key === 'gauge');

describe('a mandrel that reads otherwise than tools', () => {
  it.each([0.15, 0.3, -0.3])(
    'is named by both springbacks, which it shifts in opposite ways (%s mm)',
    (mm) => {
      for (const seed of [1, 2, 3]) {
        const rings = ringsOf(bench({}, mm), seed);
        expect(gaugeOf(rings)?.value).toBeCloseTo(mm, 1);
        const { gaugeMm, springbackFactor } = learn(rings).traits;
        expect(gaugeMm).toBeCloseTo(mm, 1);
        for (const kind of GAUGED) expect(Math.abs((springbackFactor[kind] ?? 1) - 1)).toBeLessThan(0.45);
      }
    },
  );

  it('is told from metal that springs more, or from one blow that springs otherwise', () => {
    for (const seed of [1, 2, 3]) {
      expect(gaugeOf(ringsOf(bench({}), seed))).toBeUndefined();
      expect(
        gaugeOf(ringsOf(bench({ springbackFactor: { stretch: 2, reduce: 1.8 } }), seed)),
      ).toBeUndefined();
      expect(gaugeOf(ringsOf(bench({ springbackFactor: { stretch: 1.9 } }), seed))).toBeUndefined();
    }
  });

  it('is not named by pulls alone', () => {
    const rings = ringsOf(bench({}, 0.3), 4).map((ring) => ({
      ...ring,
      steps: ring.steps.map((step) => (step.kind === 'reduce' ? { ...step, springbackMm: undefined } : step)),
    }));
    expect(gaugeOf(rings)).toBeUndefined();
    expect(learn(rings).values.find(({ key }) => key === 'springback-stretch')?.value).toBeLessThan(0.8);
  });

  it('is left at none where the maker wants it so: the springbacks take it on', () => {
    const { traits } = learn(ringsOf(bench({}, 0.3), 5), ['gauge']);
    expect(traits.gaugeMm).toBe(0);
    expect(traits.springbackFactor['reduce']).toBeGreaterThan(1.5);
  });
});

/** How far pulls and reductions ended from their marks on average, mm. */
function missedMarksMm(rings: readonly LoggedRing[]): Readonly<Record<Gauged, number>> {
  const misses = rings.flatMap((ring) =>
    readSteps(workedRing(ring)).flatMap(({ step: { kind, reading, springbackMm }, cutMm }) =>
      reading && springbackMm && isGauged(kind) ? [{ kind, offMm: cutMm - reading.cutDownMm }] : [],
    ),
  );
  const meanOf = (of: Gauged) => {
    const own = misses.filter(({ kind }) => kind === of);
    return own.reduce((sum, { offMm }) => sum + offMm, 0) / own.length;
  };
  return { stretch: meanOf('stretch'), reduce: meanOf('reduce') };
}

describe('what was learnt and planned with', () => {
  it.each([
    ['springback', bench({ springbackFactor: { stretch: 2.6 } })],
    ['an offset', bench({}, 0.25)],
  ])('is learnt again from the rings that went by it, and brings them to their marks: %s', (_what, truth) => {
    const first = ringsOf(truth, 6);
    const known = learn(first).traits;
    const then = ringsOf(truth, 7, known);
    const again = learn(then).traits;
    expect(again.gaugeMm).toBeCloseTo(truth.gaugeMm ?? 0, 1);
    expect(Math.abs(again.gaugeMm - known.gaugeMm)).toBeLessThan(0.04);
    const stretchBy = ({ springbackFactor }: BenchTraits) => springbackFactor['stretch'] ?? 1;
    expect(Math.abs(stretchBy(again) - stretchBy(known))).toBeLessThan(0.3);
    const [before, after] = [missedMarksMm(first), missedMarksMm(then)];
    expect(Math.abs(before.stretch)).toBeGreaterThan(0.06);
    expect(Math.abs(after.stretch)).toBeLessThan(0.4 * Math.abs(before.stretch));
    expect(Math.abs(after.reduce)).toBeLessThan(0.03);
  });
});

describe('rings that end larger than they were trued up to', () => {
  it('tell by how much, and that a mandrel reads too much is not it', () => {
    for (const seed of [1, 2]) {
      expect(learn(ringsOf(bench({}, 0, 0.15), seed)).traits.endsMm).toBeCloseTo(0.15, 1);
      expect(Math.abs(learn(ringsOf(bench({}, 0.3), seed)).traits.endsMm)).toBeLessThan(0.04);
      const both = learn(ringsOf(bench({}, -0.2, 0.15), seed)).traits;
      expect([both.gaugeMm, both.endsMm]).toEqual([expect.closeTo(-0.2, 1), expect.closeTo(0.15, 1)]);
    }
  });

  it('are trued up to that much less, end at their size, and teach the same again', () => {
    const endOffMm = (rings: readonly LoggedRing[]) =>
      rings
        .map((ring) => readSteps(workedRing(ring)).at(-1)!)
        .reduce((sum, { rimMm, step }) => sum + rimMm - step.reading!.rimDownMm, 0) / rings.length;
    const first = ringsOf(bench({}, 0, 0.2), 3);
    expect(endOffMm(first)).toBeCloseTo(0.2, 1);
    const then = ringsOf(bench({}, 0, 0.2), 4, learn(first).traits);
    expect(Math.abs(endOffMm(then))).toBeLessThan(0.05);
    expect(learn(then).traits.endsMm).toBeCloseTo(learn(first).traits.endsMm, 1);
  });
});
