import type { MetalId } from '../metal';
import { judgeHandle, profileOf, type HandleInput } from './index';

/** A handle that is as thick everywhere. */
const even = (thicknessMm: number, lengthMm = 400) =>
  profileOf([
    { atMm: 0, thicknessMm },
    { atMm: lengthMm, thicknessMm },
  ]);

describe('how thick a handle may be where it bends', () => {
  /** Of a straight ring of 19 mm from a handle that is as thick everywhere. */
  const judged = (metal: MetalId, thicknessMm: number, change: Partial<HandleInput> = {}) =>
    judgeHandle({
      profile: even(thicknessMm),
      metal,
      insideDiameterMm: 19,
      style: 'straight',
      startMm: 0,
      enamel: [],
      formersMm: [],
      ...change,
    });
  /** Codes of what is said against it. */
  const codesOf = (...ring: Parameters<typeof judged>) =>
    judged(...ring).reasons.flatMap(({ code, level }) => (level === 'note' ? [] : [code]));

  // Craft §6: plated ware 2.8 mm, silver 4.5 annealed, other metals 3.
  it.each([
    ['silver-plate', 2.8],
    ['silver-925', 4.5],
    ['copper', 3],
  ] as const)('is, of %s, %d mm', (metal, limitMm) => {
    expect(codesOf(metal, limitMm)).not.toContain('too-thick');
    expect(codesOf(metal, limitMm + 0.01)).toContain('too-thick');
  });

  it('is softened before its first bend from 2.2 mm on, where it may be heated', () => {
    expect(judged('silver-925', 2.19)).toMatchObject({ temper: 'hard', anneals: 0 });
    expect(judged('silver-925', 2.2)).toMatchObject({ temper: 'soft', anneals: 1 });
    expect(judged('silver-plate', 2.5)).toMatchObject({ temper: 'hard', anneals: 0 });
  });

  it('is told of a spiral: turns that lie on each other, and more than half a millimetre over 2 mm', () => {
    const spiral = { style: 'spiral', turns: 2, widthMm: 6, gapMm: 1 } as const;
    expect(codesOf('silver-925', 2, { ...spiral, pitchMm: 7 })).toEqual([]);
    expect(codesOf('silver-925', 2, { ...spiral, pitchMm: 6.9 })).toEqual(['turns-collide']);
    // A single turn lies on nothing.
    expect(codesOf('silver-925', 2, { ...spiral, turns: 1, pitchMm: 0 })).toEqual([]);
    expect(codesOf('silver-925', 2.5, { ...spiral, pitchMm: 7 })).toEqual([]);
    expect(codesOf('silver-925', 2.51, { ...spiral, pitchMm: 7 })).toEqual(['spiral-thick']);
  });

  it('is what is left of it: too short by so much, told', () => {
    const reason = judged('silver-925', 2, { profile: even(2, 60) }).reasons.find(
      ({ code }) => code === 'too-short',
    );
    // π(19 + 2) = 65.97 mm.
    expect(reason?.message).toBe('The handle is 6.0 mm too short for this ring.');
  });
});
