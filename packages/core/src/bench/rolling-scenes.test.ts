import type { RingEventBody } from '../ring';
import { rolledShape } from '../rolling';
import type { StripPiece } from '../work';
import { doneTo, firstOf, kindsToCome, lastOf, says, us, workRing } from './test-bench';

/** Round wire of 3 mm, to be a band of US 9, 1.5 mm thick. */
const WIRE: StripPiece = {
  kind: 'strip',
  metal: 'silver-925',
  section: 'round',
  thicknessMm: 3,
  widthMm: 3,
  lengthMm: 240,
};
const RING = workRing({ kind: 'strip', textured: false, rolledToMm: 1.5 }, WIRE, us(9));
const FIRST = firstOf(RING, 'roll');
const LAST = lastOf(RING, 'roll');

/** What the plan makes of the wire in a step, off by so much. */
function rolled(at: number, { thickMm = 0, wideMm = 0 } = {}): RingEventBody {
  const rolling = RING.steps[at]?.rolling;
  if (!rolling) throw new Error('that step rolls nothing');
  const thicknessMm = rolling.toMm + thickMm;
  const shape = rolledShape(rolling.bar, thicknessMm);
  const widthMm = shape.widthMm + wideMm;
  // The same metal, so that what is wider is shorter.
  const lengthMm = shape.lengthMm * (shape.widthMm / widthMm);
  return { kind: 'rolled', step: at, thicknessMm, widthMm, lengthMm };
}

const upTo = (end: number) => doneTo(RING.steps, end);

describe('a bar that is measured between the rolls', () => {
  it('is on the mark, and the route stays as it is', () => {
    const word = says(RING, [...upTo(FIRST), rolled(FIRST)]);
    expect(word).toMatchObject({
      standing: 'on-mark',
      advice: { code: 'on-mark' },
      derived: { kind: 'as-planned' },
    });
    expect(word.stopAt).toBeUndefined();
  });

  it('thicker than the mark is part of the way, and nothing is planned again', () => {
    const word = says(RING, [...upTo(FIRST), rolled(FIRST, { thickMm: 0.2 })]);
    expect(word).toMatchObject({
      standing: 'before',
      advice: { code: 'part-way' },
      derived: { kind: 'as-planned' },
    });
    expect(word.advice.message).toMatch(/^0\.20 mm to go/);
  });

  it('taken too thin at once leaves fewer passes, to the same thickness', () => {
    const word = says(RING, [...upTo(FIRST), rolled(FIRST, { thickMm: -0.6 })]);
    expect(word).toMatchObject({ standing: 'past', derived: { kind: 'changed', fromStep: FIRST + 1 } });
    expect(word.advice.message).toMatch(/^0\.60 mm thinner than its mark\. Next: /);
    const passes = word.rest.filter(({ kind }) => kind === 'roll');
    // From 2.06 mm: ln(2.06/1.5)/ln(1/0.88) = 2.5, so three; ln(3/1.5)/ln(1/0.88) = 5.4, so six from the wire.
    expect(LAST - FIRST).toBeGreaterThanOrEqual(5);
    expect(passes).toHaveLength(3);
    expect(passes.at(-1)?.rolling?.toMm).toBeCloseTo(1.5, 6);
    expect(passes[0]?.title).toBe('Roll to 1.86 mm, pass 2 of 4');
  });

  it('fills the gauge by what the rolls really took off', () => {
    const full = (thickMm: number) => says(RING, [...upTo(FIRST), rolled(FIRST, { thickMm })]).gauge.rimEdge;
    // ln(3/h) over the rolling limit of silver, 0.5: h is 2.673 mm after the first of six passes.
    const h = 3 * 2 ** (-1 / 6);
    expect(full(0)).toBeCloseTo(Math.log(3 / h) / 0.5, 3);
    expect(full(-0.4)).toBeCloseTo(Math.log(3 / (h - 0.4)) / 0.5, 3);
    const done = says(RING, [
      ...upTo(FIRST),
      rolled(FIRST, { thickMm: -0.4 }),
      { kind: 'step-done', step: FIRST },
    ]);
    expect(done.gauge.rimEdge).toBeCloseTo(full(-0.4), 6);
  });

  it('past the limit the flame comes before the next pass', () => {
    const word = says(RING, [...upTo(FIRST), rolled(FIRST, { thickMm: -0.95 })]);
    expect(kindsToCome(word)[0]).toBe('anneal');
  });

  it('left thick when its pass is done, the rest begins from there', () => {
    const word = says(RING, [
      ...upTo(FIRST),
      rolled(FIRST, { thickMm: 0.25 }),
      { kind: 'step-done', step: FIRST },
    ]);
    expect(word).toMatchObject({ standing: 'off-plan', step: { index: FIRST + 1, kind: 'roll' } });
    expect(word.advice.message).toMatch(
      /^Left 0\.25 mm thicker than its mark\. Next: roll to 2\.62 mm, pass 2 of 7\.$/,
    );
    expect(word.state.steps[FIRST + 1]?.rolling?.fromMm).toBeCloseTo(3 * 2 ** (-1 / 6) + 0.25, 6);
  });

  it('wider than planned, the band gets wider and what is left shorter', () => {
    const planned = RING.steps[LAST]?.blank?.stations.at(-1)?.widthMm ?? 0;
    const word = says(RING, [...upTo(LAST), rolled(LAST, { wideMm: 0.18 })]);
    expect(word).toMatchObject({ standing: 'off-plan', derived: { kind: 'changed' } });
    expect(word.advice.message).toMatch(/^On its thickness\. 0\.2 mm wider than planned\./);
    const [saw] = word.rest;
    expect(saw?.kind).toBe('saw');
    expect(saw?.blank?.stations.at(-1)?.widthMm).toBeCloseTo(planned + 0.18, 6);
    expect(saw?.title).toBe(RING.steps[LAST + 1]?.title);
  });

  it('thinner at the end than wanted is cut shorter: the middle of the band lies further in', () => {
    const word = says(RING, [...upTo(LAST), rolled(LAST, { thickMm: -0.2 })]);
    const [saw, , bend] = word.rest;
    // π(ID + t) + seam, with ID 18.948 (US 9), t 1.3, seam 0.3.
    const lengthMm = Math.PI * (us(9) + 1.3) + 0.3;
    expect(saw?.title).toBe(`Saw the strip to ${lengthMm.toFixed(1)} mm`);
    expect(bend?.outline.thicknessMm[0]).toBeCloseTo(1.3, 9);
    expect(bend?.strainCutEdge).toBeCloseTo(Math.log(1 + 1.3 / (us(9) + 1.3)), 9);
  });

  it('too short as thick as planned, it is rolled thinner until it is long enough', () => {
    const end = RING.steps[FIRST]?.blank?.stations.at(-1);
    const lengthMm = (end?.atMm ?? 0) * 0.9;
    const word = says(RING, [
      ...upTo(FIRST),
      { kind: 'rolled', step: FIRST, thicknessMm: end?.thicknessMm ?? 0, widthMm: end?.widthMm, lengthMm },
    ]);
    expect(word.advice.message).toMatch(/too short as thick as planned: at 1\.[34]\d mm it is long enough/);
    const last = word.rest.findLast(({ kind }) => kind === 'roll');
    const saw = word.rest.find(({ kind }) => kind === 'saw');
    expect(last?.rolling?.toMm).toBeLessThan(1.47);
    expect(last?.blank?.stations.at(-1)?.atMm).toBeCloseTo(saw?.blank?.stations.at(-1)?.atMm ?? 0, 1);
  });

  it('too short at any thickness says so', () => {
    const end = RING.steps[FIRST]?.blank?.stations.at(-1);
    const word = says(RING, [
      ...upTo(FIRST),
      { kind: 'rolled', step: FIRST, thicknessMm: end?.thicknessMm ?? 0, lengthMm: 9 },
    ]);
    expect(word.advice.message).toMatch(/mm too short for its size, however thin/);
  });

  it('a reading replaces the one before, and an undo brings back what was', () => {
    const events = [...upTo(FIRST), rolled(FIRST, { thickMm: -0.6 })];
    const again = says(RING, [...events, rolled(FIRST)]);
    expect(again.derived.kind).toBe('as-planned');
    const undone = says(RING, [
      ...events,
      {
        kind: 'undone',
        eventId: `${String(events.length - 1).padStart(8, '0')}-0000-4000-8000-000000000000`,
      },
    ]);
    expect(undone.state.steps).toEqual(RING.steps);
    expect(undone.state.rolled).toEqual([]);
  });

  it('is told of the step at hand only', () => {
    expect(says(RING, [...upTo(FIRST), rolled(FIRST + 1)]).state.rolled).toEqual([]);
  });
});

describe('another size before the strip is cut', () => {
  it('is cut for that size, rolled or not', () => {
    const strip = workRing(
      { kind: 'strip', textured: false },
      { ...WIRE, section: 'rect', widthMm: 6, thicknessMm: 1.5 },
      us(9),
    );
    for (const [ring, at] of [
      [strip, 0],
      [RING, LAST + 1],
    ] as const) {
      const word = says(ring, [
        ...doneTo(ring.steps, at),
        { kind: 'target-changed', insideDiameterMm: us(10), why: 'the finger' },
      ]);
      const saw = word.state.steps[at];
      const lengthMm = Math.PI * (us(10) + 1.5) + 0.3;
      expect(saw?.title).toBe(`Saw the strip to ${lengthMm.toFixed(1)} mm`);
      expect(word.state.steps).toHaveLength(ring.steps.length);
      expect(word.target.insideDiameterMm).toBeCloseTo(us(10), 9);
      const read = word.rest.findLast(({ reading }) => reading !== undefined);
      expect(read?.after.cutInsideDiameterMm).toBeCloseTo(us(10), 9);
    }
  });
});
