import { BAND, STRIP } from '../work/test-samples';
import type { Kit } from '../kit';
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
  us,
  workRing,
} from './test-bench';

describe('another size after a reading that is off', () => {
  it('is told first, and what was read is in what is planned from it', () => {
    const ring = workRing({ kind: 'strip', textured: false }, STRIP, us(9));
    const at = firstOf(ring, 'true-up');
    const word = says(ring, [
      ...doneTo(ring.steps, at),
      readAt(ring.steps[at], 3 * QUARTER_MM),
      { kind: 'target-changed', insideDiameterMm: us(9.5), why: 'it fits so' },
    ]);
    expect(word.advice.message).toBe('Now to US 9½. Stop when the mandrel reads US 9½, both ways round.');
    expect(word.target.mark).toBe('US 9½');
    // Read at 9¾, wanted at 9½: a quarter down.
    expect([word.step, ...word.rest].map((step) => step?.title)).toContainEqual(
      expect.stringMatching(/^Reduce it ¼ size/),
    );
  });
});

describe('another size of a band that is resized', () => {
  const ring = workRing({ kind: 'resize', cover: 'none' }, { ...BAND, patterned: false }, us(7.5));
  const at = firstOf(ring, 'reduce');
  const wanting = (size: number, offMm: number) =>
    says(ring, [
      ...doneTo(ring.steps, at),
      readAt(ring.steps[at], offMm),
      { kind: 'target-changed', insideDiameterMm: us(size), why: 'the finger' },
    ]);
  const sizing = ({ state }: ReturnType<typeof says>) =>
    state.steps.slice(state.step).filter(({ kind }) => kind === 'stretch' || kind === 'reduce');

  it('that it stands at already is left as it is', () => {
    const mark = ring.steps[at]?.reading?.cutDownMm ?? 0;
    const word = wanting(7, us(7) - mark);
    expect(sizing(word)).toEqual([]);
    expect(word.step?.kind).toBe('true-up');
    expect(word.target.mark).toBe('US 7');
  });

  it('read there once more, it is on the mark', () => {
    const mark = ring.steps[at]?.reading?.cutDownMm ?? 0;
    const word = says(ring, [
      ...doneTo(ring.steps, at),
      readAt(ring.steps[at], us(7) - mark),
      { kind: 'target-changed', insideDiameterMm: us(7), why: 'the finger' },
      reading(us(7)),
    ]);
    expect(word.advice).toEqual({ code: 'on-mark', message: 'Now to US 7. On the mark.' });
    const off = says(ring, [
      ...doneTo(ring.steps, at),
      { kind: 'target-changed', insideDiameterMm: us(7), why: 'the finger' },
      reading(us(6)),
    ]);
    expect(off.advice.message).toBe('Now to US 7.');
    expect([off.step?.kind, kindsToCome(off)[0]]).toEqual(['anneal', 'stretch']);
  });

  it('is gone to from where it stands, never past it and back', () => {
    const mark = ring.steps[at]?.reading?.cutDownMm ?? 0;
    const [reduce, ...more] = sizing(wanting(6, us(7) - mark));
    expect(reduce).toMatchObject({ kind: 'reduce', title: 'Reduce it 1 size' });
    expect(more).toEqual([]);
    expect(reduce?.after.cutInsideDiameterMm).toBeCloseTo(us(6), 9);
    // Three and a half sizes in two goes, with the flame where the metal asks for it.
    const far = wanting(10.5, us(7) - mark);
    expect(sizing(far).map(({ kind }) => kind)).toEqual(['stretch', 'stretch']);
    expect(sizing(far).at(-1)?.after.cutInsideDiameterMm).toBeCloseTo(us(10.5), 9);
    expect(kindsToCome(far)).toContain('anneal');
  });
});

describe('a resized band on a hammered plug', () => {
  const PLUG = {
    id: 'plug',
    name: 'hammered plug',
    spec: { kind: 'stretcher', smallestMm: 13, largestMm: 26, splines: 0 },
  } as const;
  const kit = [...BENCH_KIT.filter(({ spec }) => spec.kind !== 'stretcher'), PLUG];
  const WIDER = workRing({ kind: 'resize', cover: 'none' }, BAND, BAND.insideDiameterMm + 4 * QUARTER_MM, {
    kit,
  });

  it('is told that it cannot go back, and nothing of a cut edge', () => {
    const stretch = firstOf(WIDER, 'stretch');
    const word = says(WIDER, doneTo(WIDER.steps, stretch), { kit });
    expect(word.step?.tool).toContain('it cannot go back, so stop a quarter short');
    for (const step of WIDER.steps) expect(`${step.instruction} ${step.lookFor}`).not.toMatch(/cut edge/);
  });

  it('hammered too far, it is brought down in a die', () => {
    const stretch = lastOf(WIDER, 'stretch');
    const word = says(
      WIDER,
      [...doneTo(WIDER.steps, stretch), readAt(WIDER.steps[stretch], 2 * QUARTER_MM)],
      { kit },
    );
    expect(word.standing).toBe('past');
    expect(kindsToCome(word)).toContain('reduce');
  });
});

describe('what opens a band', () => {
  const kitWith = (splines: number) =>
    BENCH_KIT.map((tool) =>
      tool.spec.kind === 'stretcher' ? { ...tool, spec: { ...tool.spec, splines } } : tool,
    );
  const larger = (splines: number) => {
    const kit = kitWith(splines);
    const ring = workRing({ kind: 'resize', cover: 'none' }, { ...BAND, patterned: false }, us(10), { kit });
    const at = firstOf(ring, 'stretch');
    const said = says(ring, [...doneTo(ring.steps, at), readAt(ring.steps[at], -2 * QUARTER_MM)], { kit });
    return { message: said.advice.message, instruction: ring.steps[at]?.instruction };
  };

  it('turns as its splines ask, or counts blows that cannot go back', () => {
    expect(larger(4).message).toBe('½ size to go: about 2 pulls, turned 45° between, then end for end.');
    expect(larger(6).message).toMatch(/turned 30° between/);
    expect(larger(0).message).toBe('½ size to go: about 2 light blows, then end for end; it cannot go back.');
    expect(larger(0).instruction).toMatch(
      /^Light blows, read and turned over after each\. It cannot go back/,
    );
  });

  it('goes by the stretcher that is really used', () => {
    const kit: Kit = [
      ...BENCH_KIT,
      { id: 'plug', name: 'plug', spec: { kind: 'stretcher', smallestMm: 12, largestMm: 20, splines: 0 } },
    ];
    const ring = workRing({ kind: 'resize', cover: 'none' }, { ...BAND, patterned: false }, us(10));
    const at = firstOf(ring, 'stretch');
    const used = { kind: 'tool-used', step: at, toolId: 'plug' } as const;
    const short = readAt(ring.steps[at], -2 * QUARTER_MM);
    const said = says(ring, [...doneTo(ring.steps, at), used, short], { kit });
    expect(said.advice.message).toMatch(/light blows, then end for end; it cannot go back/);
    expect(said.step?.tool).toBe('plug');
  });

  it('hammered on the mandrel, no pulls are counted', () => {
    const ring = workRing({ kind: 'strip', textured: true }, STRIP, us(9));
    const at = firstOf(ring, 'stretch');
    const said = says(ring, [...doneTo(ring.steps, at), readAt(ring.steps[at], -QUARTER_MM)]);
    expect(said.advice.message).toBe(
      '¼ size to go: light blows all round, turned end for end, and read again.',
    );
  });
});
