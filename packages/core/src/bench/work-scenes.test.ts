import { BAND, COIN, HANDLE, STRIP } from '../work/test-samples';
import { gaugesOf } from './index';
import {
  BENCH_KIT,
  doneTo,
  firstOf,
  kindsToCome,
  lastOf,
  QUARTER_MM,
  readAt,
  reading,
  says,
  STRAIGHT,
  us,
  workRing,
} from './test-bench';

describe('gauge and heat', () => {
  it('an extra anneal empties the gauge, before the punch too', () => {
    expect(says(STRAIGHT, [{ kind: 'anneal-done' }])).toMatchObject({
      step: { index: 0 },
      gauge: { cutEdge: 0, rimEdge: 0 },
    });
    const full = lastOf(STRAIGHT, 'trim');
    const done = doneTo(STRAIGHT.steps, full);
    expect(says(STRAIGHT, done).gauge.cutEdge).toBeGreaterThan(0.3);
    expect(says(STRAIGHT, [...done, { kind: 'anneal-done' }]).gauge).toEqual({ cutEdge: 0, rimEdge: 0 });
  });

  it('taken far past the mark, the flame comes first', () => {
    const reduce = lastOf(STRAIGHT, 'reduce');
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, reduce),
      readAt(STRAIGHT.steps[reduce], -4 * QUARTER_MM),
    ]);
    expect(word.gauge.cutEdge).toBeGreaterThan(1);
    expect(kindsToCome(word)[0]).toBe('anneal');
  });

  it('plated ware is never told to be annealed', () => {
    const plated = workRing(
      { kind: 'handle', style: 'overlap', overlapMm: 8, keptEnd: 'tip', startMm: 0, ends: 'square' },
      { ...HANDLE, metal: 'silver-plate' },
      us(9),
    );
    const bend = lastOf(plated, 'bend');
    const word = says(plated, [...doneTo(plated.steps, bend), readAt(plated.steps[bend], -6 * QUARTER_MM)]);
    expect(word.mayAnneal).toBe(false);
    expect(kindsToCome(word)).not.toContain('anneal');
    expect(word.advice.message).not.toMatch(/[Aa]nneal/);
    const close = firstOf(plated, 'close');
    // A piece that bears little more than its own bend.
    const stiff = says({ ...plated, allowanceStrainLog: 0.1 }, [
      ...doneTo(plated.steps, close),
      readAt(plated.steps[close], -20 * QUARTER_MM),
    ]);
    expect(stiff.advice).toMatchObject({
      code: 'cannot-soften',
      message: expect.stringMatching(/^It cannot be softened: stop here, or take the next larger former\./),
    });
  });

  it('a piece that a test has ruled out from heat is not softened either', () => {
    expect(says({ ...STRAIGHT, mayHeat: false }, []).mayAnneal).toBe(false);
    expect(says(STRAIGHT, []).mayAnneal).toBe(true);
  });

  it('soldering softens as an anneal does', () => {
    const strip = workRing({ kind: 'strip', textured: false }, STRIP, us(9));
    const solder = firstOf(strip, 'solder');
    expect(says(strip, doneTo(strip.steps, solder)).gauge.cutEdge).toBeGreaterThan(0);
    expect(says(strip, doneTo(strip.steps, solder + 1)).gauge.cutEdge).toBe(0);
  });

  it('rolling counts, pass by pass', () => {
    const rolled = workRing({ kind: 'strip', textured: false, rolledToMm: 1 }, STRIP, us(9));
    const passes = rolled.steps.flatMap(({ kind }, i) => (kind === 'roll' ? [i] : []));
    const fills = passes.map((i) => says(rolled, doneTo(rolled.steps, i + 1)).gauge.cutEdge);
    expect(fills[0]).toBeGreaterThan(0);
    expect(fills[1]).toBeGreaterThan(fills[0]!);
    fills.forEach((fill) => expect(fill).toBeLessThanOrEqual(1.0001));
  });
});

describe('every kind of work', () => {
  const wide = BENCH_KIT.filter(({ spec }) => spec.kind !== 'former').concat({
    id: 'former-19',
    name: '19 mm former',
    spec: { kind: 'former', diameterMm: 19 },
  });
  const overlap = workRing(
    { kind: 'handle', style: 'overlap', overlapMm: 8, keptEnd: 'tip', startMm: 0, ends: 'square' },
    HANDLE,
    us(9),
    { kit: wide },
  );
  const bend = lastOf(overlap, 'bend');

  it('a bend that reads under the ring’s size is that much too small, not more', () => {
    // Discard the only former, it is wider than the ring: laid over, it closes to it.
    expect(overlap.steps[bend]!.reading!.cutDownMm).toBeGreaterThan(us(9) + QUARTER_MM);
    const word = says(overlap, [...doneTo(overlap.steps, bend), reading(us(8.5))]);
    expect(word.rest[0]?.title).toBe('Open it ½ size on the mandrel');
    expect(kindsToCome(word)).not.toContain('reduce');
    expect(word.rest[0]?.after.cutInsideDiameterMm).toBeCloseTo(us(9), 1);
  });

  it('a bend between its own mark and the ring’s size needs nothing: what is to come closes it', () => {
    const between = (overlap.steps[bend]!.reading!.cutDownMm + us(9)) / 2;
    const word = says(overlap, [...doneTo(overlap.steps, bend), reading(between)]);
    expect(word.rest).toHaveLength(overlap.steps.length - bend - 1);
  });

  it('an open ring that is too large is bent over a former of the kit, and meets no die', () => {
    const close = firstOf(overlap, 'close');
    const word = says(overlap, [...doneTo(overlap.steps, close), reading(us(10))]);
    expect([word.step?.kind, ...kindsToCome(word)]).not.toContain('reduce');
    const bends = word.rest.find(({ title }) => title.startsWith('Bend it'));
    expect(bends?.tool ?? word.advice.message).toMatch(/mm former|size to go/);
  });

  it('a coin in a band never meets a reducing die', () => {
    const band = workRing(
      { kind: 'coin-band', stripWidthMm: 7, stripThicknessMm: 1.2, stripMetal: 'silver-925' },
      COIN,
      us(9),
    );
    const end = band.steps.findLastIndex(({ reading: read }) => read !== undefined);
    for (const off of [-0.8, 0.8]) {
      const word = says(band, [...doneTo(band.steps, end), readAt(band.steps[end], off)]);
      expect([word.step?.kind, ...kindsToCome(word)]).not.toContain('reduce');
    }
  });

  it('the outer band of a spinner is on its own mark, though that is not the ring’s size', () => {
    const spinner = workRing({ kind: 'spinner', outerThicknessMm: 1.2, outerWidthMm: 4 }, STRIP, us(9));
    const outer = firstOf(spinner, 'true-up');
    const word = says(spinner, [...doneTo(spinner.steps, outer), readAt(spinner.steps[outer])]);
    expect(word.standing).toBe('on-mark');
    expect(word.rest).toHaveLength(spinner.steps.length - outer - 1);
    expect(word.stopAt!.insideDiameterMm).toBeGreaterThan(us(9) + 1);
  });

  it('a soldered band is stretched or reduced by tools that are named', () => {
    const strip = workRing({ kind: 'strip', textured: false }, STRIP, us(9));
    const trued = firstOf(strip, 'true-up');
    const small = says(strip, [...doneTo(strip.steps, trued), readAt(strip.steps[trued], -3 * QUARTER_MM)]);
    expect(small.rest[0]).toMatchObject({ kind: 'stretch', tool: expect.stringMatching(/stretcher/) });
    const large = says(strip, [...doneTo(strip.steps, trued), readAt(strip.steps[trued], 3 * QUARTER_MM)]);
    expect(large.rest[0]).toMatchObject({ kind: 'reduce', tool: expect.stringMatching(/plate, hole \d/) });
  });

  it('a band that is resized up in stages says what is to go in each', () => {
    const resized = workRing({ kind: 'resize', cover: 'cloth' }, BAND, us(9));
    const first = resized.steps.findIndex(({ kind }) => kind === 'stretch' || kind === 'reduce');
    const step = resized.steps[first]!;
    const from = resized.steps[first]!.before.cutInsideDiameterMm;
    const half = (from + step.reading!.cutDownMm) / 2;
    const word = says(resized, [...doneTo(resized.steps, first), reading(half)]);
    expect(word.rest).toHaveLength(resized.steps.length - first - 1);
    expect(['before', 'on-mark']).toContain(word.standing);
  });
});

describe('gauges of a ring', () => {
  const spinner = workRing({ kind: 'spinner', outerThicknessMm: 1.2, outerWidthMm: 4 }, STRIP, us(9));

  it('a spinner has one for each band, and the outer keeps its own when the inner is begun', () => {
    const { steps } = spinner;
    const bent = firstOf(spinner, 'bend') + 1;
    const at = (end: number) => gaugesOf('spinner', says(spinner, doneTo(steps, end)).state);
    expect(at(bent).map(({ name }) => name)).toEqual(['Outer band', 'Inner band']);
    expect(at(bent)[0]?.spentStrainLog).toBeCloseTo(steps[bent - 1]?.strainCutEdge ?? 0, 9);
    expect(at(bent)[1]?.spentStrainLog).toBe(0);
    const secondBend = lastOf(spinner, 'bend') + 1;
    // The joint's flame has softened the outer band again.
    expect(at(secondBend)[0]?.spentStrainLog).toBeCloseTo(0, 2);
    expect(at(secondBend)[1]?.spentStrainLog).toBeCloseTo(steps[secondBend - 1]?.strainCutEdge ?? 0, 9);
  });

  it('other bands have one, and rings whose edges differ one for each', () => {
    const spent = { cut: 0.04, rim: 0.06 };
    expect(gaugesOf('strip', { spent, partsSpent: [] })).toEqual([
      { name: 'The band', spentStrainLog: 0.06 },
    ]);
    expect(gaugesOf('coin', { spent, partsSpent: [] })).toEqual([
      { name: 'Cut edge', spentStrainLog: 0.04 },
      { name: 'Rim edge', spentStrainLog: 0.06 },
    ]);
  });
});
