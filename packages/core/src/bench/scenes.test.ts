import { COIN, HANDLE, STRIP, BAND } from '../work/test-samples';
import { SIZE_SYSTEMS } from '../size';
import { BENCH_KIT, coinRing, doneTo, eventsOf, readAt, reading, says, workRing } from './test-bench';
import { benchWord, type BenchWord } from './index';

const us = SIZE_SYSTEMS.us.toDiameterMm;
const QUARTER_MM = us(0.25) - us(0);
const SILVER = { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' } as const;
const STRAIGHT = coinRing({
  coin: SILVER,
  holeMm: 12.7,
  targetInsideDiameterMm: us(9),
  wall: { kind: 'straight' },
});
const ROUNDED = coinRing({
  coin: SILVER,
  holeMm: 12.7,
  targetInsideDiameterMm: us(9),
  wall: { kind: 'rounded', curl: { dieAngleDeg: 25, depth: 'half' } },
});
const at = ({ steps }: typeof STRAIGHT, kind: string) => steps.findIndex((step) => step.kind === kind);
const lastAt = ({ steps }: typeof STRAIGHT, kind: string) =>
  steps.findLastIndex((step) => step.kind === kind);
const kinds = ({ rest }: BenchWord) => rest.map(({ kind }) => kind);
const endMm = ({ rest }: BenchWord) => rest.at(-1)?.after.cutInsideDiameterMm;

describe('marks and readings', () => {
  const stretch = at(STRAIGHT, 'stretch');
  const step = STRAIGHT.steps[stretch]!;
  const before = doneTo(STRAIGHT.steps, stretch);
  const rest = STRAIGHT.steps.length - stretch - 1;

  it('a punch has no mark that a mandrel could read', () => {
    const word = says(STRAIGHT, []);
    expect(word.step).toMatchObject({ index: 0, kind: 'cut' });
    expect([word.stopAt, word.standing, word.rest.length]).toEqual([
      undefined,
      'before',
      STRAIGHT.steps.length - 1,
    ]);
  });

  it('a fold has one: the funnel hung on by its rim', () => {
    const fold = lastAt(STRAIGHT, 'fold');
    const { stopAt, advice } = says(STRAIGHT, doneTo(STRAIGHT.steps, fold));
    expect(stopAt).toMatchObject({
      edgeDown: 'rim',
      insideDiameterMm: STRAIGHT.steps[fold]!.reading!.rimDownMm,
      otherWayRoundMm: STRAIGHT.steps[fold]!.reading!.cutDownMm,
    });
    expect(advice.message).toMatch(
      /^Stop when the mandrel reads US .*, rim edge down; US .* the other way round\.$/,
    );
  });

  it('an edge that is opened goes down first', () => {
    expect(says(STRAIGHT, before).stopAt).toMatchObject({
      edgeDown: 'cut',
      insideDiameterMm: step.reading!.cutDownMm,
    });
  });

  it('edges that are alike have one mark, and no other beside it', () => {
    const { stopAt } = says(STRAIGHT, doneTo(STRAIGHT.steps, lastAt(STRAIGHT, 'read')));
    expect(stopAt).toEqual({ edgeDown: 'either', insideDiameterMm: expect.closeTo(us(9), 2), mark: 'US 9' });
  });

  it('part of the way: marks and pulls to go, a turn by the splines, and not a step more', () => {
    const word = says(STRAIGHT, [...before, readAt(step, -3 * QUARTER_MM)]);
    expect(word).toMatchObject({ standing: 'before', toGo: { marks: 3, pulls: 3 } });
    expect(word.advice).toEqual({
      code: 'part-way',
      message: '¾ size to go: about 3 pulls, turned 45° between, then end for end.',
    });
    expect(word.rest).toHaveLength(rest);
  });

  it('four readings in one step leave the route as long as it was', () => {
    const offs = [-4, -3, -2, -1];
    offs.forEach((_, i) => {
      const bodies = offs.slice(0, i + 1).map((marks) => readAt(step, marks * QUARTER_MM));
      const word = says(STRAIGHT, [...before, ...bodies]);
      expect([word.rest.length, word.toGo?.marks, word.step?.index]).toEqual([rest, 4 - i, stretch]);
    });
  });

  it('on the mark, a hair beside it too', () => {
    for (const off of [0, 0.15, -0.15]) {
      expect(says(STRAIGHT, [...before, readAt(step, off)])).toMatchObject({
        standing: 'on-mark',
        toGo: undefined,
      });
    }
  });

  it('half a UK size counts like a quarter US size', () => {
    const { step: ukStep, toDiameterMm } = SIZE_SYSTEMS.uk;
    const halfUkMm = toDiameterMm(12 + ukStep) - toDiameterMm(12);
    expect(halfUkMm).toBeLessThan(QUARTER_MM);
    for (const off of [halfUkMm, QUARTER_MM]) {
      expect(says(STRAIGHT, [...before, readAt(step, -off)]).standing).toBe('before');
      expect(says(STRAIGHT, [...before, readAt(step, off)]).standing).toBe('past');
    }
  });

  it('amounts are told in the maker’s own sizes', () => {
    const halfUkMm = SIZE_SYSTEMS.uk.toDiameterMm(12.5) - SIZE_SYSTEMS.uk.toDiameterMm(12);
    const word = says(STRAIGHT, [...before, readAt(step, -2 * halfUkMm)], { system: 'uk' });
    expect(word.advice.message).toMatch(/^1 UK size to go/);
    expect(word.toGo?.marks).toBe(2);
    expect(word.target.mark).toMatch(/^UK /);
    expect(word.stopAt?.mark).toMatch(/^UK /);
  });

  it('a reduction that reads too large has pushes to go, and is turned over', () => {
    const reduce = lastAt(STRAIGHT, 'reduce');
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, reduce),
      readAt(STRAIGHT.steps[reduce], 2 * QUARTER_MM),
    ]);
    expect(word.advice.message).toBe('½ size to go: about 2 pushes, then turn it over.');
  });

  it('an even wall whose edges differ by a mark is not called alike', () => {
    const end = lastAt(STRAIGHT, 'read');
    const { rimDownMm, cutDownMm } = STRAIGHT.steps[end]!.reading!;
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, end),
      reading(rimDownMm + 0.11, cutDownMm - 0.11),
    ]);
    expect(word.advice).toEqual({
      code: 'edges-differ',
      message: 'rim edge ¼ size larger than the other: even them before going on.',
    });
  });
});

describe('planning on', () => {
  const stretch = at(STRAIGHT, 'stretch');
  const before = doneTo(STRAIGHT.steps, stretch);
  const step = STRAIGHT.steps[stretch];

  it('past the mark, the rest is planned again at once and ends on the ring’s size', () => {
    const word = says(STRAIGHT, [...before, readAt(step, 3 * QUARTER_MM)]);
    expect(word.standing).toBe('past');
    expect(word.advice.message).toMatch(
      /^(Anneal before it is formed further\. )?(Cut|Rim) edge ¾ size larger than its mark\. Next: /,
    );
    expect(word.derived.kind).toBe('changed');
    expect(endMm(word)).toBeCloseTo(us(9), 2);
  });

  it('taken back, the bench says exactly what it said before', () => {
    const read = readAt(step, 3 * QUARTER_MM);
    const plain = says(STRAIGHT, before);
    const events = eventsOf([...before, read]);
    const undone = eventsOf([...before, read, { kind: 'undone', eventId: events.at(-1)!.id }]);
    const word = benchWord({ ...STRAIGHT, events: undone }, { kit: [], system: 'us' });
    expect({ ...word, state: undefined }).toEqual({ ...plain, state: undefined });
  });

  it('each reading replaces what the one before proposed', () => {
    const off = [2, 3, 2].map((marks) => readAt(step, marks * QUARTER_MM));
    const once = says(STRAIGHT, [...before, off[2]!]);
    const thrice = says(STRAIGHT, [...before, ...off]);
    expect(thrice.rest.length).toBeLessThanOrEqual(once.rest.length + 1);
    expect(endMm(thrice)).toBeCloseTo(us(9), 2);
  });

  it('left as it was read, though short of the mark, the rest goes on from there', () => {
    const word = says(STRAIGHT, [
      ...before,
      readAt(step, -3 * QUARTER_MM),
      { kind: 'step-done', step: stretch, asRead: true },
    ]);
    expect(word.step?.index).toBe(stretch + 1);
    expect(['anneal', 'stretch']).toContain(word.step?.kind);
    expect(endMm(word)).toBeCloseTo(us(9), 2);
  });

  it('brought in too far at the last reduction, it is opened once and not closed again', () => {
    const reduce = lastAt(STRAIGHT, 'reduce');
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, reduce),
      readAt(STRAIGHT.steps[reduce], -2 * QUARTER_MM),
    ]);
    expect(word.standing).toBe('past');
    expect(kinds(word).filter((kind) => kind === 'stretch')).toHaveLength(1);
    expect(kinds(word)).not.toContain('reduce');
    expect(endMm(word)).toBeCloseTo(us(9), 2);
  });

  it('somewhere the step cannot lead, the step at hand is another one with its own mark', () => {
    const word = says(STRAIGHT, [...before, readAt(step, -3)]);
    expect(word.standing).toBe('off-plan');
    expect(word.step?.index).toBe(stretch);
    expect(word.toGo?.marks).toBeGreaterThan(4);
    expect(endMm(word)).toBeCloseTo(us(9), 2);
  });

  it('a funnel that comes out larger is planned on from, and no fold is added', () => {
    const fold = lastAt(STRAIGHT, 'fold');
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, fold),
      readAt(STRAIGHT.steps[fold], 2 * QUARTER_MM),
    ]);
    expect(word.standing).toBe('past');
    expect(kinds(word)).not.toContain('fold');
    expect(endMm(word)).toBeCloseTo(us(9), 2);
  });

  it('a first edge pushed too deep is answered by the other edge, never by the stretcher', () => {
    const push = at(ROUNDED, 'curl');
    const word = says(ROUNDED, [
      ...doneTo(ROUNDED.steps, push),
      readAt(ROUNDED.steps[push], -2 * QUARTER_MM),
    ]);
    expect(word.standing).toBe('past');
    const next = kinds(word);
    expect(next.slice(0, next.lastIndexOf('curl'))).not.toContain('stretch');
    expect(endMm(word)).toBeCloseTo(us(9), 1);
  });

  it('a hole that is another plans the rest again before the fold', () => {
    const word = says(STRAIGHT, [
      { kind: 'step-done', step: 0 },
      { kind: 'hole-measured', diameterMm: 13.3 },
    ]);
    expect(word.standing).toBe('off-plan');
    expect(word.advice.message).toMatch(/^The hole is another than planned\./);
    expect(endMm(word)).toBeCloseTo(us(9), 2);
  });

  it('a size that has come out of reach is said so, with the nearest that has not', () => {
    const word = says(STRAIGHT, [
      { kind: 'step-done', step: 0 },
      { kind: 'hole-measured', diameterMm: 4 },
    ]);
    expect(word.standing).toBe('out-of-reach');
    expect(word.advice.message).toMatch(/^US 9 is out of reach\. Nearest that is still possible: US \S+\.$/);
  });

  it('what was polished and has to be formed again is finished again', () => {
    const end = lastAt(STRAIGHT, 'read');
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, end),
      readAt(STRAIGHT.steps[end], -3 * QUARTER_MM),
    ]);
    const all = [word.step?.kind, ...kinds(word)];
    expect(all).toEqual(expect.arrayContaining(['stretch', 'sand', 'polish']));
    expect(all.lastIndexOf('polish')).toBeGreaterThan(all.lastIndexOf('stretch'));
  });

  it('all done is finished, with nothing to come', () => {
    const word = says(STRAIGHT, doneTo(STRAIGHT.steps, STRAIGHT.steps.length));
    expect([word.step, word.stopAt, word.standing, word.rest]).toEqual([
      undefined,
      undefined,
      'finished',
      [],
    ]);
    expect(word.advice.code).toBe('finished');
  });
});

describe('gauge and heat', () => {
  it('an extra anneal empties the gauge, before the punch too', () => {
    expect(says(STRAIGHT, [{ kind: 'anneal-done' }])).toMatchObject({
      step: { index: 0 },
      gauge: { cutEdge: 0, rimEdge: 0 },
    });
    const full = lastAt(STRAIGHT, 'trim');
    const done = doneTo(STRAIGHT.steps, full);
    expect(says(STRAIGHT, done).gauge.cutEdge).toBeGreaterThan(0.3);
    expect(says(STRAIGHT, [...done, { kind: 'anneal-done' }]).gauge).toEqual({ cutEdge: 0, rimEdge: 0 });
  });

  it('taken far past the mark, the flame comes first', () => {
    const reduce = lastAt(STRAIGHT, 'reduce');
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, reduce),
      readAt(STRAIGHT.steps[reduce], -4 * QUARTER_MM),
    ]);
    expect(word.gauge.cutEdge).toBeGreaterThan(1);
    expect(kinds(word)[0]).toBe('anneal');
  });

  it('plated ware is never told to be annealed', () => {
    const plated = workRing(
      { kind: 'handle', style: 'overlap', overlapMm: 8, keptEnd: 'tip', startMm: 0, ends: 'square' },
      { ...HANDLE, metal: 'silver-plate' },
      us(9),
    );
    const bend = lastAt(plated, 'bend');
    const word = says(plated, [...doneTo(plated.steps, bend), readAt(plated.steps[bend], -6 * QUARTER_MM)]);
    expect(word.mayAnneal).toBe(false);
    expect(kinds(word)).not.toContain('anneal');
    expect(word.advice.message).not.toMatch(/[Aa]nneal/);
    const close = at(plated, 'close');
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
    const solder = at(strip, 'solder');
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
  const bend = lastAt(overlap, 'bend');

  it('a bend that reads under the ring’s size is that much too small, not more', () => {
    // Let go of the only former, it is wider than the ring: laid over, it closes to it.
    expect(overlap.steps[bend]!.reading!.cutDownMm).toBeGreaterThan(us(9) + QUARTER_MM);
    const word = says(overlap, [...doneTo(overlap.steps, bend), reading(us(8.5))]);
    expect(word.rest[0]?.title).toBe('Open it ½ size on the mandrel');
    expect(kinds(word)).not.toContain('reduce');
    expect(word.rest[0]?.after.cutInsideDiameterMm).toBeCloseTo(us(9), 1);
  });

  it('a bend between its own mark and the ring’s size needs nothing: what is to come closes it', () => {
    const between = (overlap.steps[bend]!.reading!.cutDownMm + us(9)) / 2;
    const word = says(overlap, [...doneTo(overlap.steps, bend), reading(between)]);
    expect(word.rest).toHaveLength(overlap.steps.length - bend - 1);
  });

  it('an open ring that is too large is bent over a former of the kit, and meets no die', () => {
    const close = at(overlap, 'close');
    const word = says(overlap, [...doneTo(overlap.steps, close), reading(us(10))]);
    expect([word.step?.kind, ...kinds(word)]).not.toContain('reduce');
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
      expect([word.step?.kind, ...kinds(word)]).not.toContain('reduce');
    }
  });

  it('the outer band of a spinner is on its own mark, though that is not the ring’s size', () => {
    const spinner = workRing({ kind: 'spinner', outerThicknessMm: 1.2, outerWidthMm: 4 }, STRIP, us(9));
    const outer = at(spinner, 'true-up');
    const word = says(spinner, [...doneTo(spinner.steps, outer), readAt(spinner.steps[outer])]);
    expect(word.standing).toBe('on-mark');
    expect(word.rest).toHaveLength(spinner.steps.length - outer - 1);
    expect(word.stopAt!.insideDiameterMm).toBeGreaterThan(us(9) + 1);
  });

  it('a soldered band is stretched or reduced by tools that are named', () => {
    const strip = workRing({ kind: 'strip', textured: false }, STRIP, us(9));
    const trued = at(strip, 'true-up');
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
