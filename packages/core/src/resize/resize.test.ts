import fc from 'fast-check';
import { MM_PER_US_SIZE } from '../size';
import { judgeResize, plateHole, type ResizeWish } from './index';

const BAND: ResizeWish = {
  fromInsideDiameterMm: 19,
  toInsideDiameterMm: 19,
  thicknessMm: 1.7,
  widthMm: 6,
  metal: 'silver-925',
  patterned: false,
  stones: false,
  soldered: false,
  profile: 'd',
};
const by = (sizes: number, change: Partial<ResizeWish> = {}) =>
  judgeResize({ ...BAND, ...change, toInsideDiameterMm: 19 + sizes * MM_PER_US_SIZE });

describe('resizing', () => {
  it.each([
    [-1, 'low'],
    [-2, 'usual'],
    [-3, 'high'],
    [-3.5, 'refuse'],
  ] as const)('a patterned band by %d sizes is %s', (sizes, risk) => {
    expect(by(sizes, { patterned: true }).risk).toBe(risk);
  });

  it.each([
    [{ stones: true }, 'stones'],
    [{ tension: true }, 'tension'],
    [{ metal: 'titanium' }, 'hard-metal'],
    [{ metal: 'steel' }, 'hard-metal'],
  ] as const)('refuses %j with its reason', (change, code) => {
    const verdict = by(-0.5, change);
    expect(verdict).toMatchObject({ feasible: false, risk: 'refuse' });
    expect(verdict.reasons[0]?.code).toBe(code);
  });

  it('is riskier with a seam, warns of a hollow flat band, and will not heat plating', () => {
    expect(by(-1, { patterned: true, soldered: true }).risk).toBe('usual');
    expect(by(-1, { profile: 'flat' }).reasons.map(({ code }) => code)).toContain('goes-hollow');
    expect(by(-3, { plated: true }).reasons.map(({ code }) => code)).toContain('cannot-soften');
  });

  it('tells how far in the maker’s own sizes', () => {
    const far = (system?: 'us' | 'uk') =>
      judgeResize({ ...BAND, fromInsideDiameterMm: 15, toInsideDiameterMm: 25.16, system }).reasons.find(
        ({ code }) => code === 'too-far',
      )?.message;
    // 10.16 mm are 12½ US sizes of 0.8128 mm.
    expect(far()).toMatch(/^12½ sizes is further/);
    expect(far('uk')).toMatch(/^25½ UK sizes is further/);
  });

  it('keeps the volume', () => {
    fc.assert(
      fc.property(fc.double({ min: -3, max: 3, noNaN: true }), (sizes) => {
        const { thicknessAfterMm: t, widthAfterMm: w, strain } = by(sizes);
        const before = (19 + 1.7) * 1.7 * 6;
        expect((19 + 1.7) * Math.exp(strain) * t * w).toBeCloseTo(before, 6);
      }),
      { endOnFailure: true },
    );
  });

  it('there and back is never free', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.25, max: 3, noNaN: true }), (sizes) => {
        const there = by(sizes);
        const back = judgeResize({
          ...BAND,
          fromInsideDiameterMm: 19 + sizes * MM_PER_US_SIZE,
          toInsideDiameterMm: 19,
          thicknessMm: there.thicknessAfterMm,
          widthMm: there.widthAfterMm,
        });
        const worked = [...there.passes, ...back.passes].reduce(
          (sum, { strainLog }) => sum + Math.abs(strainLog),
          0,
        );
        expect(there.passes.length + back.passes.length).toBeGreaterThanOrEqual(2);
        expect(worked).toBeGreaterThan(0.01 * sizes);
      }),
      { endOnFailure: true },
    );
  });

  it('goes the whole way in even passes, none further than the metal bears', () => {
    const { passes, strain, annealCount } = by(5);
    expect(passes[0]?.fromInsideDiameterMm).toBeCloseTo(19, 9);
    expect(passes.at(-1)?.toInsideDiameterMm).toBe(19 + 5 * MM_PER_US_SIZE);
    expect(passes.reduce((sum, { strainLog }) => sum + strainLog, 0)).toBeCloseTo(strain, 9);
    passes.forEach(({ strainLog }) => expect(Math.abs(strainLog)).toBeLessThanOrEqual(0.12));
    expect(annealCount).toBe(passes.length);
  });

  it('shares the way out by the logarithm of the middle of the band', () => {
    // From 19 to 21.4384 mm (3 sizes) in two passes of a 1.7 mm band: mid diameters 20.7 and 23.1384, between them
    // √(20.7 · 23.1384) = 21.8853, so inside 20.1853.
    const { passes } = by(3);
    expect(passes).toHaveLength(2);
    expect(passes[0]!.toInsideDiameterMm).toBeCloseTo(20.1853, 3);
    expect(passes[1]!.fromInsideDiameterMm).toBeCloseTo(20.1853, 3);
  });

  it('takes the largest hole of the plate through which the size is reached', () => {
    expect(plateHole([20, 21, 21.75, 22.5], 22.4, 21.6)).toMatchObject({ holeMm: 21.75 });
    expect(plateHole([24], 22.4, 21.6)).toBeUndefined();
  });
});
