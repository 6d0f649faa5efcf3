import { REFERENCE_KIT } from '../kit';
import { learnFromLessons } from './learn';
import { LATEST_RINGS, latestOf } from './latest';
import { lessonOf, type Lesson } from './lesson';
import { discounted, type Sighting } from './sighting';
import { madeRings } from './test-rings';

describe('latestOf', () => {
  it('keeps the latest of each kind, in their order', () => {
    const all = Array.from({ length: 2 * LATEST_RINGS + 100 }, (_, n) => ({
      n,
      kind: n < 3 ? 'rare' : 'usual',
    }));
    const latest = latestOf(all, ({ kind }) => kind);
    expect(latest.slice(0, 4).map(({ n }) => n)).toEqual([0, 1, 2, LATEST_RINGS + 100]);
    expect(latest).toHaveLength(LATEST_RINGS + 3);
  });
});

describe('discounted', () => {
  const seen = (count: number): readonly Sighting[] =>
    Array.from({ length: count }, (_, n) => ({ ringId: `${n}`, off: n, slope: 1, sigma: 1 }));

  it('leaves out what hardly counts any more, so that as much is left of a thousand as of ten thousand', () => {
    const [thousand, more] = [discounted(seen(1000), 'bench'), discounted(seen(10_000), 'bench')];
    expect(thousand).toHaveLength(more.length);
    // e^(−276/40) is just over a thousandth.
    expect(thousand).toHaveLength(277);
    expect(discounted(seen(1000), 'tool')).toHaveLength(70);
    expect(thousand.at(-1)).toMatchObject({ off: 999, weight: 1 });
    expect(thousand.at(0)?.weight).toBeGreaterThan(1e-3);
  });

  it('counts sightings of one ring alike', () => {
    const twice = seen(3).flatMap((one) => [one, one]);
    const weights = discounted(twice, 'tool').map(({ weight }) => weight ?? 0);
    expect(weights.map((weight) => Math.round(Math.abs(10 * Math.log(weight))))).toEqual([2, 2, 1, 1, 0, 0]);
  });
});

describe('what many rings teach', () => {
  // Of four rings, so that the last two thousand have five hundred of each.
  const made = [...madeRings(4, 9)].flatMap((ring) => lessonOf(ring, REFERENCE_KIT) ?? []);
  const workshop = (count: number): readonly Lesson[] =>
    Array.from({ length: count }, (_, n) => ({
      ...made[(count - n) % made.length]!,
      ringId: `ring ${n - count}`,
      finishedAt: new Date(Date.UTC(2010, 0, 1) + n * 864e5).toISOString(),
    }));

  it('is what the latest of them teach: of four thousand as of two thousand', () => {
    const [two, four] = [learnFromLessons(workshop(2000)), learnFromLessons(workshop(4000))];
    const untold = (learnt: typeof two) =>
      learnt.values.map(({ outliers: _outliers, ...value }) => ({ ...value, rings: 0 }));
    expect(untold(four)).toEqual(untold(two));
    expect(four.traits).toEqual(two.traits);
    expect(four.rings).toBe(4000);
  });
});
