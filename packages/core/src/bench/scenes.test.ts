import { SIZE_SYSTEMS } from '../size';
import {
  coinRing,
  doneTo,
  endMm,
  eventsOf,
  firstOf,
  HALF_ROUND,
  kindsToCome,
  lastOf,
  QUARTER_MM,
  readAt,
  reading,
  says,
  silverRing,
  STRAIGHT,
  us,
} from './test-bench';
import { benchWord, readingDecides } from './index';

const ROUNDED = silverRing(HALF_ROUND);

describe('marks and readings', () => {
  const stretch = firstOf(STRAIGHT, 'stretch');
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
    const fold = lastOf(STRAIGHT, 'fold');
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
    const { stopAt } = says(STRAIGHT, doneTo(STRAIGHT.steps, lastOf(STRAIGHT, 'read')));
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
    const reduce = lastOf(STRAIGHT, 'reduce');
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, reduce),
      readAt(STRAIGHT.steps[reduce], 2 * QUARTER_MM),
    ]);
    expect(word.advice.message).toBe('½ size to go: about 2 pushes, then turn it over.');
  });

  it('an even wall whose edges differ by a mark is not called alike', () => {
    const end = lastOf(STRAIGHT, 'read');
    const { rimDownMm, cutDownMm } = STRAIGHT.steps[end]!.reading!;
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, end),
      reading(rimDownMm + 0.11, cutDownMm - 0.11),
    ]);
    expect(word.advice).toEqual({
      code: 'edges-differ',
      message:
        'Rim edge ¼ size larger than the other: bring it down in the die, under cloth, a little at a time.',
    });
  });
});

describe('planning on', () => {
  const stretch = firstOf(STRAIGHT, 'stretch');
  const before = doneTo(STRAIGHT.steps, stretch);
  const step = STRAIGHT.steps[stretch];

  it('past the mark, the rest is planned again at once and ends on the ring’s size', () => {
    const word = says(STRAIGHT, [...before, readAt(step, 3 * QUARTER_MM)]);
    expect(word.standing).toBe('past');
    expect(word.advice.message).toMatch(
      /^(Anneal before it is formed further\. )?It reads ¾ size larger than its mark\. Next: /,
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
    const reduce = lastOf(STRAIGHT, 'reduce');
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, reduce),
      readAt(STRAIGHT.steps[reduce], -2 * QUARTER_MM),
    ]);
    expect(word.standing).toBe('past');
    expect(kindsToCome(word).filter((kind) => kind === 'stretch')).toHaveLength(1);
    expect(kindsToCome(word)).not.toContain('reduce');
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
    const fold = lastOf(STRAIGHT, 'fold');
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, fold),
      readAt(STRAIGHT.steps[fold], 2 * QUARTER_MM),
    ]);
    expect(word.standing).toBe('past');
    expect(kindsToCome(word)).not.toContain('fold');
    expect(endMm(word)).toBeCloseTo(us(9), 2);
  });

  it('a first edge pushed too deep is answered by the other edge, never by the stretcher', () => {
    const push = firstOf(ROUNDED, 'curl');
    const word = says(ROUNDED, [
      ...doneTo(ROUNDED.steps, push),
      readAt(ROUNDED.steps[push], -2 * QUARTER_MM),
    ]);
    expect(word.standing).toBe('past');
    const next = kindsToCome(word);
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

  it('a hole so small that the edge gets thin is planned on with, and the thinness is said', () => {
    const word = says(STRAIGHT, [
      { kind: 'step-done', step: 0 },
      { kind: 'hole-measured', diameterMm: 4 },
    ]);
    expect(word.standing).toBe('off-plan');
    expect(word.advice.message).toMatch(/ It takes the cut edge to 0\.[78]\d mm, under 0\.9 mm\.$/);
    expect(endMm(word)).toBeCloseTo(us(9), 2);
    const { derived } = word;
    if (derived.kind !== 'changed') throw new Error(derived.kind);
    expect(derived.thin?.comfortable?.thicknessCutEdgeMm).toBeGreaterThan(0.88);
  });

  it('a size that has come out of reach is said so, with the nearest that has not', () => {
    const thin = coinRing({
      coin: { diameterMm: 30.9, rimThicknessMm: 1.2, metal: 'silver-900' },
      holeMm: 12.7,
      targetInsideDiameterMm: us(9),
      wall: { kind: 'straight' },
    });
    const word = says(thin, [
      { kind: 'step-done', step: 0 },
      { kind: 'hole-measured', diameterMm: 4 },
    ]);
    expect(word.standing).toBe('out-of-reach');
    expect(word.advice.message).toMatch(/^US 9 is out of reach\. Nearest that is still possible: US \S+\.$/);
  });

  it('what was polished and has to be formed again is finished again', () => {
    const end = lastOf(STRAIGHT, 'read');
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, end),
      readAt(STRAIGHT.steps[end], -3 * QUARTER_MM),
    ]);
    const all = [word.step?.kind, ...kindsToCome(word)];
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

describe('what is read before a step is said to be done', () => {
  it('decides where another kind of blow follows, and at the true-up and the last reading', () => {
    const { steps } = ROUNDED;
    const deciding = steps.filter((_step, i) => readingDecides(steps, i)).map(({ kind }) => kind);
    // The funnel, the wall past its size, the straight ring before its edges are turned in, and the ring at last.
    expect(deciding).toEqual(['fold', 'stretch', 'true-up', 'true-up', 'read']);
  });

  it('does not within a series: the next mark stands whatever was read', () => {
    const folds = STRAIGHT.steps.flatMap(({ kind }, i) => (kind === 'fold' ? [i] : []));
    expect(folds.length).toBeGreaterThan(1);
    expect(folds.map((i) => readingDecides(STRAIGHT.steps, i))).toEqual(
      folds.map((_fold, place) => place === folds.length - 1),
    );
  });
});
