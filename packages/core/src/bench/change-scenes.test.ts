import type { RingEventBody } from '../ring';
import {
  BENCH_KIT,
  doneTo,
  endMm,
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
  workRing,
} from './test-bench';

const ROUNDED = silverRing(HALF_ROUND);
const FOLD = lastOf(STRAIGHT, 'fold');
const STRETCH = firstOf(STRAIGHT, 'stretch');
const toSize = (size: number): RingEventBody => ({
  kind: 'target-changed',
  insideDiameterMm: us(size),
  why: 'It fits so',
});

describe('another size is wanted', () => {
  it.each([
    ['before the punch', 0],
    ['at the last fold', FOLD],
    ['at the stretcher', STRETCH],
    ['at the true-up', lastOf(STRAIGHT, 'true-up')],
    ['when it is polished', lastOf(STRAIGHT, 'read')],
  ])('%s: the rest leads there from where the ring stands', (_name, at) => {
    const done = doneTo(STRAIGHT.steps, at);
    for (const size of [8.25, 9.75]) {
      const word = says(STRAIGHT, [...done, toSize(size)]);
      expect(word.target).toEqual({ insideDiameterMm: us(size), mark: word.target.mark });
      expect(word.step?.index).toBe(at);
      expect(word.advice.message).toContain(`Now to ${word.target.mark}.`);
      expect(endMm(word) ?? 0).toBeCloseTo(us(size), 1);
    }
  });

  it('begun in a step and read part of the way, it goes on from what was read', () => {
    const step = STRAIGHT.steps[STRETCH]!;
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, STRETCH),
      readAt(step, -4 * QUARTER_MM),
      toSize(8.75),
    ]);
    expect(word.step?.index).toBe(STRETCH);
    // Softened where the gauge asks for it, then pulled on.
    expect([word.step?.kind, ...kindsToCome(word)].find((kind) => kind !== 'anneal')).toBe('stretch');
    expect(endMm(word)).toBeCloseTo(us(8.75), 1);
  });

  it.each([
    ['at the funnel', 'stretch'],
    ['before its edges are turned in', 'curl'],
    ['rounded already', 'true-up'],
  ] as const)('a rounded ring %s leads there too', (_name, kind) => {
    const at = kind === 'true-up' ? lastOf(ROUNDED, kind) : firstOf(ROUNDED, kind);
    for (const size of [8.5, 9.5]) {
      const word = says(ROUNDED, [...doneTo(ROUNDED.steps, at), toSize(size)]);
      expect(word.standing).not.toBe('out-of-reach');
      expect(endMm(word) ?? 0).toBeCloseTo(us(size), 1);
    }
  });

  it('what was polished and is opened is finished again', () => {
    const end = lastOf(STRAIGHT, 'read');
    const word = says(STRAIGHT, [...doneTo(STRAIGHT.steps, end), toSize(9.5)]);
    const kinds = [word.step?.kind, ...kindsToCome(word)];
    expect(kinds).toContain('polish');
    expect(kinds.indexOf('polish')).toBeGreaterThan(kinds.indexOf('stretch'));
  });

  it('taken back, the bench says what it said before', () => {
    const done = doneTo(STRAIGHT.steps, STRETCH);
    const before = says(STRAIGHT, done);
    const eventId = `${String(done.length).padStart(8, '0')}-0000-4000-8000-000000000000`;
    const after = says(STRAIGHT, [...done, toSize(8), { kind: 'undone', eventId }]);
    expect([after.advice, after.rest, after.target]).toEqual([before.advice, before.rest, before.target]);
  });

  it('a size out of reach is said so', () => {
    const word = says(STRAIGHT, [...doneTo(STRAIGHT.steps, lastOf(STRAIGHT, 'true-up')), toSize(22)]);
    expect(word.standing).toBe('out-of-reach');
    expect(word.advice.message).toMatch(/^US 22 is out of reach\./);
  });
});

describe('another wall is wanted', () => {
  it('rounded after all: its edges are turned in before the true-up', () => {
    const at = firstOf(STRAIGHT, 'stretch');
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, at),
      { kind: 'wall-changed', wall: 'rounded', curl: { dieAngleDeg: 25, depth: 'half' } },
    ]);
    const kinds = kindsToCome(word);
    expect(kinds).toContain('curl');
    expect(kinds.lastIndexOf('curl')).toBeLessThan(kinds.lastIndexOf('true-up'));
    expect(word.advice.message).toContain('Now rounded instead.');
    expect(endMm(word)).toBeCloseTo(us(9), 1);
  });
});

describe('a step is left out', () => {
  it('one that moves nothing: the next is at hand, the route as it was', () => {
    const deburr = firstOf(STRAIGHT, 'deburr');
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, deburr),
      { kind: 'step-skipped', step: deburr, why: 'the punch cuts clean' },
    ]);
    expect(word.step?.index).toBe(deburr + 1);
    expect(word.rest).toHaveLength(STRAIGHT.steps.length - deburr - 2);
    expect(word.advice.message).not.toContain('left out');
  });

  it('one that forms: the ring stands as it was, and the rest brings it to its size all the same', () => {
    const at = lastOf(STRAIGHT, 'stretch');
    const word = says(STRAIGHT, [...doneTo(STRAIGHT.steps, at), { kind: 'step-skipped', step: at }]);
    expect(word.step?.index).toBe(at + 1);
    expect(word.advice.message).toContain('A step was left out.');
    expect(endMm(word)).toBeCloseTo(us(9), 1);
  });

  it('an anneal: the gauge goes on from where it stands', () => {
    const at = STRAIGHT.steps.findIndex(({ kind }, i) => kind === 'anneal' && i > FOLD);
    const done = doneTo(STRAIGHT.steps, at);
    const { gauge } = says(STRAIGHT, done);
    expect(Math.max(gauge.cutEdge, gauge.rimEdge)).toBeGreaterThan(0.2);
    expect(says(STRAIGHT, [...done, { kind: 'step-skipped', step: at }]).gauge).toEqual(gauge);
  });

  it('on a band that what is to come brings to its size anyway, it is said until the next step is done', () => {
    const strip = workRing(
      { kind: 'strip', seamMm: 0.3, textured: false },
      { kind: 'strip', metal: 'silver-925', section: 'rect', thicknessMm: 1.6, widthMm: 6, lengthMm: 200 },
      us(9),
    );
    const bend = firstOf(strip, 'bend');
    const skipped = [...doneTo(strip.steps, bend), { kind: 'step-skipped', step: bend } as const];
    expect(says(strip, skipped).advice.message).toMatch(/^A step was left out\./);
    const next: RingEventBody = { kind: 'step-done', step: bend + 1 };
    expect(says(strip, [...skipped, next]).advice.message).not.toMatch(/left out/);
  });

  it('named again by another device, it is left out once', () => {
    const skip: RingEventBody = { kind: 'step-skipped', step: 1 };
    const once = says(STRAIGHT, [...doneTo(STRAIGHT.steps, 1), skip]);
    const twice = says(STRAIGHT, [...doneTo(STRAIGHT.steps, 1), skip, skip]);
    expect([twice.step, twice.rest]).toEqual([once.step, once.rest]);
  });
});

describe('a step is put in', () => {
  it('is at hand, and the rest follows as it was', () => {
    const done = doneTo(STRAIGHT.steps, STRETCH);
    const before = says(STRAIGHT, done);
    const word = says(STRAIGHT, [...done, { kind: 'step-added', after: STRETCH - 1, stepKind: 'flatten' }]);
    expect(word.step).toMatchObject({ index: STRETCH, kind: 'flatten', title: 'Press it level' });
    expect(word.rest.map(({ title }) => title)).toEqual([
      before.step?.title,
      ...before.rest.map(({ title }) => title),
    ]);
    expect(word.gauge).toEqual(before.gauge);
    const next = says(STRAIGHT, [
      ...done,
      { kind: 'step-added', after: STRETCH - 1, stepKind: 'flatten' },
      { kind: 'step-done', step: STRETCH },
    ]);
    expect(next.step).toMatchObject({ index: STRETCH + 1, kind: 'stretch' });
    expect(next.stopAt).toEqual(before.stopAt);
  });

  it('a touch with the stretcher is read where the ring stands, and what it did is planned on from', () => {
    const trueUp = lastOf(STRAIGHT, 'true-up');
    const touched: readonly RingEventBody[] = [
      ...doneTo(STRAIGHT.steps, trueUp),
      { kind: 'step-added', after: trueUp - 1, stepKind: 'stretch' },
    ];
    const word = says(STRAIGHT, touched);
    expect(word.step?.title).toBe('A touch with the stretcher');
    const { insideDiameterMm } = word.stopAt!;
    const read = says(STRAIGHT, [...touched, reading(insideDiameterMm + 3 * QUARTER_MM)]);
    expect(endMm(read)).toBeCloseTo(us(9), 1);
  });

  it('an anneal empties the gauge when it is done', () => {
    const done = doneTo(STRAIGHT.steps, lastOf(STRAIGHT, 'true-up'));
    const at = lastOf(STRAIGHT, 'true-up');
    const { gauge } = says(STRAIGHT, [
      ...done,
      { kind: 'step-added', after: at - 1, stepKind: 'anneal' },
      { kind: 'anneal-done', step: at },
    ]);
    expect(gauge).toEqual({ cutEdge: 0, rimEdge: 0 });
  });

  it('is the first of all, or changes nothing behind what is done', () => {
    const anneal = says(STRAIGHT, [{ kind: 'step-added', after: -1, stepKind: 'anneal' }]);
    expect([anneal.step?.kind, anneal.rest[0]?.kind]).toEqual(['anneal', 'cut']);
    const done = doneTo(STRAIGHT.steps, STRETCH);
    const late = says(STRAIGHT, [...done, { kind: 'step-added', after: 0, stepKind: 'anneal' }]);
    expect(late.rest).toEqual(says(STRAIGHT, done).rest);
  });

  it('what was read in the step at hand stays with it', () => {
    const stretch = STRAIGHT.steps[STRETCH]!;
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, STRETCH),
      readAt(stretch, -4 * QUARTER_MM),
      { kind: 'step-added', after: STRETCH - 1, stepKind: 'flatten' },
    ]);
    expect(word.standing).toBe('before');
    expect(word.derived.kind).toBe('as-planned');
    expect(word.rest[0]?.title).toBe(stretch.title);
  });

  it('keeps the tools that were told for the steps behind it', () => {
    const tool = BENCH_KIT.find(({ spec }) => spec.kind === 'stretcher')!;
    const word = says(STRAIGHT, [
      ...doneTo(STRAIGHT.steps, STRETCH),
      { kind: 'tool-used', step: STRETCH, toolId: tool.id },
      { kind: 'step-added', after: STRETCH - 1, stepKind: 'flatten' },
      { kind: 'step-done', step: STRETCH },
    ]);
    expect(word.step?.tool).toBe(tool.name);
  });
});

describe('another tool is used', () => {
  it('the step names it, with its setting', () => {
    const tool = BENCH_KIT.find(({ spec }) => spec.kind === 'fold-die')!;
    const fold = firstOf(STRAIGHT, 'fold');
    const done = doneTo(STRAIGHT.steps, fold);
    const used = says(STRAIGHT, [
      ...done,
      { kind: 'tool-used', step: fold, toolId: tool.id, setting: 'wide end' },
    ]);
    expect(used.step?.tool).toBe(`${tool.name}, wide end`);
    const elsewhere = says(STRAIGHT, [...done, { kind: 'tool-used', step: fold + 2, toolId: tool.id }]);
    expect(elsewhere.step?.tool).toBe(STRAIGHT.steps[fold]?.tool);
  });
});

describe('a band in work', () => {
  const strip = workRing(
    { kind: 'strip', seamMm: 0.3, textured: false },
    { kind: 'strip', metal: 'silver-925', section: 'rect', thicknessMm: 1.6, widthMm: 6, lengthMm: 200 },
    us(9),
  );
  const part = (word: ReturnType<typeof says>) => [word.step?.kind, ...kindsToCome(word)];

  it('larger: made as it was cut, then stretched before its true-up', () => {
    const at = firstOf(strip, 'solder');
    const word = says(strip, [...doneTo(strip.steps, at), toSize(9.5)]);
    expect(word.step?.kind).toBe('solder');
    const kinds = part(word);
    expect(kinds.indexOf('stretch')).toBeGreaterThan(kinds.indexOf('solder'));
    expect(kinds.indexOf('stretch')).toBeLessThan(kinds.lastIndexOf('true-up'));
    expect(word.rest.findLast(({ kind }) => kind === 'true-up')?.reading?.cutDownMm).toBeCloseTo(us(9.5), 1);
    expect(word.target.mark).toBe('US 9½');
  });

  it('smaller: reduced there', () => {
    const word = says(strip, [...doneTo(strip.steps, firstOf(strip, 'solder')), toSize(8.5)]);
    expect(part(word)).toContain('reduce');
  });

  it('a reading after it is judged by the new marks', () => {
    const trueUp = lastOf(strip, 'true-up');
    const done = doneTo(strip.steps, trueUp);
    const word = says(strip, [...done, reading(us(9.5)), toSize(9.5)]);
    expect(part(word).filter((kind) => kind === 'stretch')).toHaveLength(0);
  });
});
