import { REFERENCE_KIT } from '../kit';
import { normalPlace } from '../numeric';
import { planCoinRing } from '../route';
import { DEFAULT_TRAITS, UNKNOWN_WIDTHS } from '../steps';
import { normalDeviate, placeOf, ringChances, runToEnd, seededRandom, type Random } from '../uncertainty';
import { calibrations, JUDGED_RINGS, widenedBy, wilsonBounds } from './calibration';
import { forecastSightings, type ForecastSeen } from './forecast-sightings';
import { learn, madeRings } from './test-rings';
import { widthSpreadOf } from './width-spread';
import { workedRing } from './worked-ring';

/** Half of the interval in which nine of ten new widths are said to lie. */
function halfOf(offs: readonly number[]): number {
  const { spread, here } = widthSpreadOf(offs, 1);
  return here.modelShare * spread.widened;
}

describe('widths of a bench', () => {
  /** Benches drawn as the default takes them to be, each with so many rings and twenty more to be predicted. */
  function coverage(rings: number, scatterOf: (random: Random) => number): { held: number; half: number } {
    const random = seededRandom(rings + 1);
    let [inside, all, halves] = [0, 0, 0];
    const BENCHES = 300;
    for (let bench = 0; bench < BENCHES; bench++) {
      const bias = UNKNOWN_WIDTHS.biasShare * normalDeviate(random);
      const next = () => bias + scatterOf(random);
      const half = halfOf(Array.from({ length: rings }, next));
      halves += half / BENCHES;
      for (let i = 0; i < 20; i++, all++) if (Math.abs(next()) <= half) inside++;
    }
    return { held: inside / all, half: halves };
  }
  const steady = (random: Random) => UNKNOWN_WIDTHS.scatterShare * normalDeviate(random);

  it.each([0, 3, 10, 20, 40, 80])('hold about nine of ten after %d rings', (rings) => {
    const { held } = coverage(rings, steady);
    expect(held).toBeGreaterThan(0.87);
    expect(held).toBeLessThan(0.95);
  });

  it('hold nine of ten of a bench whose rings now and then lie far out', () => {
    const heavy = (random: Random) => steady(random) * (random() < 0.1 ? 4 : 1);
    expect(coverage(40, heavy).held).toBeGreaterThan(0.86);
  });

  it('are told by rank where that is narrower, from twenty rings on', () => {
    const alternate = (count: number) => Array.from({ length: count }, (_, i) => (i % 2 ? 0.006 : -0.006));
    expect(widthSpreadOf(alternate(19), 1).here.rankedShare).toBeUndefined();
    const { here, spread } = widthSpreadOf(alternate(24), 1);
    expect(here.rankedShare).toBeCloseTo(0.006, 12);
    expect(here.modelShare * spread.widened).toBeCloseTo(0.006, 12);
  });

  it('are no surer for a slip of the calliper, and hardly less sure', () => {
    const offs = Array.from({ length: 18 }, (_, i) => (i % 3 ? 0.005 : -0.008));
    const slipped = [...offs, 0.5];
    expect(halfOf(slipped)).toBeGreaterThan(halfOf(offs));
    expect(halfOf(slipped)).toBeLessThan(1.5 * halfOf(offs));
  });

  it('count a bias as unsure for as long as plans are not moved by it', () => {
    const wide = Array.from({ length: 40 }, (_, i) => 0.05 + (i % 2 ? 0.004 : -0.004));
    expect(halfOf(wide)).toBeGreaterThan(0.05);
  });
});

describe('a plan at a bench that is known', () => {
  const rings = [...madeRings(40, 7, DEFAULT_TRAITS)];
  const { traits, widths } = learn(rings);
  const input = rings[0]!.coin!.input;
  const route = planCoinRing(input, { kit: REFERENCE_KIT }).route!;
  const share = (known: typeof traits) => {
    const { school, moves } = route;
    const { low, middle, high } = runToEnd(
      ringChances({ input, kit: REFERENCE_KIT, school, moves, traits: known, rings: 200 }),
    ).widthMm;
    return (high - low) / middle;
  };

  it('has its width told within two and a half percent instead of four', () => {
    expect(share(DEFAULT_TRAITS)).toBeCloseTo(0.04, 2);
    expect(share(traits)).toBeLessThan(0.028);
    expect(share(traits)).toBeGreaterThan(0.018);
    expect(widths.rings).toBe(40);
    expect(widths.standardShare).toBeCloseTo(0.0199, 4);
  });
});

const seen = (deviation: number, more: Partial<ForecastSeen> = {}): ForecastSeen => ({
  what: 'widthMm',
  deviation,
  widened: 1,
  score: 0.01,
  standardScore: 0.02,
  ...more,
});
/** So many sightings spread as a normal distribution is, stretched. */
const spread = (times: number, more: Partial<ForecastSeen> = {}, count = JUDGED_RINGS) =>
  Array.from({ length: count }, (_, i) => seen(times * normalPlace((i + 0.5) / count), more));

describe('calibration', () => {
  it('counts what lay inside nine of ten, with Wilson’s bounds', () => {
    const [width] = calibrations([
      ...Array<ForecastSeen>(41).fill(seen(0.2)),
      ...Array<ForecastSeen>(5).fill(seen(2)),
    ]);
    expect(width).toMatchObject({ what: 'widthMm', rings: 46, inside: 41, verdict: 'few' });
    // Wilson's bounds of 41 of 46: 0.7697 and 0.9527.
    expect(width!.low).toBeCloseTo(0.7696, 3);
    expect(width!.high).toBeCloseTo(0.9527, 3);
    expect(width!.places[5]).toBe(41);
    expect(width!.places[9]).toBe(5);
    expect(placeOf(0.2)).toBeCloseTo(0.579, 3);
    expect(wilsonBounds(0, 0)).toEqual({ low: 0, high: 1 });
  });

  it('judges the latest fifty, each figure by itself', () => {
    expect(calibrations(spread(1))[0]!.verdict).toBe('right');
    expect(calibrations(spread(2))[0]!.verdict).toBe('too-narrow');
    expect(calibrations(spread(0.4))[0]!.verdict).toBe('too-wide');
    const both = calibrations([...spread(3), ...spread(1), ...spread(0.1, { what: 'cutEdgeMm' }, 12)]);
    expect(both.map(({ what, rings, verdict }) => [what, rings, verdict])).toEqual([
      ['widthMm', 50, 'right'],
      ['cutEdgeMm', 12, 'few'],
    ]);
    expect(both[0]).toMatchObject({ score: expect.closeTo(0.01, 9), standardScore: expect.closeTo(0.02, 9) });
  });

  it('stretches the interval by as much as was lacking, once, and leaves a right one alone', () => {
    expect(widenedBy(spread(1))).toBe(1);
    expect(widenedBy(spread(2, {}, 49))).toBe(1);
    const times = widenedBy(spread(2));
    expect(times).toBeGreaterThan(1.5);
    expect(times).toBeLessThan(2.5);
    // Those same rings predicted with the stretched interval lie where they should, and ask for the same stretch.
    const stretched = spread(2).map(({ deviation }) => seen(deviation / times, { widened: times }));
    expect(calibrations(stretched)[0]!.verdict).toBe('right');
    expect(widenedBy(stretched)).toBeCloseTo(times, 9);
    expect(widenedBy(spread(0.4))).toBeLessThan(0.8);
    expect(widenedBy(spread(40))).toBe(3);
  });
});

describe('what was predicted of a ring', () => {
  const [ring] = [...madeRings(1, 3, DEFAULT_TRAITS)];
  const width = ring!.events.flatMap(({ body }) => (body.kind === 'measured' ? [body.bandWidthMm] : []))[0]!;
  const around = (middle: number, apart: number) =>
    Array.from({ length: 19 }, (_, i) => middle + ((i - 9) / 9) * apart);
  const forecast = { widthMm: around(width, 0.4), handsOnMin: around(90, 40), widened: 1.2 };

  it('is held against what was measured and timed', () => {
    const found = forecastSightings(workedRing({ ...ring!, forecast }));
    expect(found.map(({ what }) => what)).toEqual(['widthMm', 'handsOnMin']);
    expect(found[0]).toMatchObject({ deviation: expect.closeTo(0, 6), widened: 1.2 });
    expect(found[0]!.standardScore).toBe(found[0]!.score);
    const worse = { ...forecast, standard: { widthMm: around(width + 1, 0.4), handsOnMin: around(90, 40) } };
    const [compared] = forecastSightings(workedRing({ ...ring!, forecast: worse }));
    expect(compared!.standardScore).toBeGreaterThan(5 * compared!.score);
  });

  it('is silent of rings that kept no forecast, and of minutes that nobody took', () => {
    expect(forecastSightings(workedRing(ring!))).toEqual([]);
    const atOnce = ring!.events.map((event) => ({ ...event, at: ring!.finishedAt }));
    const found = forecastSightings(workedRing({ ...ring!, events: atOnce, forecast }));
    expect(found.map(({ what }) => what)).toEqual(['widthMm']);
  });
});
