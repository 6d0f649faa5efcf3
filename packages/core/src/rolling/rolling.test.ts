import fc from 'fast-check';
import { stiffnessOf } from '../metal';
import { barVolumeMm3, doubtRolled, rolledShape, rollingSchedule, wireForMm, type Bar } from './index';

const bars: readonly Bar[] = [
  { shape: 'rect', widthMm: 6, thicknessMm: 4, lengthMm: 50 },
  { shape: 'round', diameterMm: 4, lengthMm: 50 },
];

describe('rolling', () => {
  it('keeps the volume at every pass, and never takes more than it may', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...bars),
        fc.double({ min: 0.5, max: 3.9, noNaN: true }),
        fc.double({ min: 0.03, max: 0.3, noNaN: true }),
        (start, targetThicknessMm, maxReduction) => {
          const passes = rollingSchedule({ start, targetThicknessMm, metal: 'copper', maxReduction });
          expect(passes.at(-1)?.thicknessMm).toBe(targetThicknessMm);
          for (const { thicknessMm, widthMm, lengthMm, reduction } of passes) {
            expect(thicknessMm * widthMm * lengthMm).toBeCloseTo(barVolumeMm3(start), 6);
            expect(reduction).toBeLessThanOrEqual(maxReduction + 1e-9);
          }
        },
      ),
      { endOnFailure: true },
    );
  });

  it.each(['silver-925', 'copper', 'brass'] as const)('anneals %s before its limit is passed', (metal) => {
    const passes = rollingSchedule({ start: bars[0]!, targetThicknessMm: 1, metal });
    const limit = stiffnessOf(metal).rollingLimit;
    passes.forEach(({ strainSinceAnneal }) => expect(strainSinceAnneal).toBeLessThanOrEqual(limit + 1e-9));
    // Not once too often: without that anneal the pass would have gone past the limit.
    passes.slice(1).forEach(({ annealBefore, reduction }, i) => {
      const without = (passes[i]?.strainSinceAnneal ?? 0) - Math.log(1 - reduction);
      expect(annealBefore).toBe(without > limit + 1e-9);
    });
  });

  it('takes at most 12% off a pass when nothing else is asked', () => {
    // Five passes of 12 % bring 4 mm to 4 · 0.88⁵ = 2.111 mm; a hair thinner takes a sixth.
    const passesTo = (targetThicknessMm: number) =>
      rollingSchedule({ start: bars[0]!, targetThicknessMm, metal: 'copper' }).length;
    expect(passesTo(4 * 0.88 ** 5)).toBe(5);
    expect(passesTo(4 * 0.88 ** 5 - 0.002)).toBe(6);
  });

  it('spreads a wire as it is flattened, and lengthens it', () => {
    const passes = rollingSchedule({ start: bars[1]!, targetThicknessMm: 2, metal: 'silver-925' });
    passes.reduce((before, pass) => {
      expect(pass.overallWidthMm).toBeGreaterThan(before.overallWidthMm);
      expect(pass.lengthMm).toBeGreaterThan(before.lengthMm);
      return pass;
    });
    expect(passes.at(-1)?.overallWidthMm).toBeCloseTo(4 * 2 ** 0.47, 6);
  });

  it('goes on from what was measured: same law, other start', () => {
    const start = bars[1]!;
    const standing = { thicknessMm: 3, widthMm: 4.8, lengthMm: 55, strainSinceAnneal: 0.4 };
    const passes = rollingSchedule({ start, targetThicknessMm: 2, metal: 'silver-925', standing });
    // By the rule w = 4 (4/h)^0.47; measured 4.8 at 3 mm, it grows on by the same power.
    expect(passes.at(-1)?.overallWidthMm).toBeCloseTo(4.8 * (3 / 2) ** 0.47, 9);
    // ln(3/2) in four passes of 0.101 each: 0.4 and one more would pass 0.5, the limit of silver.
    expect(passes).toHaveLength(4);
    expect(passes.map(({ annealBefore }) => annealBefore)).toEqual([true, false, false, false]);
    expect(passes[0]?.strainSinceAnneal).toBeCloseTo(Math.log(1.5) / 4, 9);
    // Edges of a flattened wire are half circles: area h (w − h) + π h²/4.
    const area = (h: number, w: number) => h * (w - h) + (Math.PI * h ** 2) / 4;
    expect(passes.at(-1)?.lengthMm).toBeCloseTo((55 * area(3, 4.8)) / area(2, 4.8 * 1.5 ** 0.47), 6);
  });

  it('spreads as much more as a bench was seen to', () => {
    const widthOf = (spread: number) => rolledShape(bars[1]!, 2, spread).widthMm;
    expect(widthOf(1.3)).toBeCloseTo(4 * 2 ** (0.47 * 1.3), 9);
    expect(widthOf(0)).toBeCloseTo(4, 9);
  });

  it('finds the wire that comes out as wide as wanted', () => {
    const diameterMm = wireForMm(6, 1.5);
    const shape = rolledShape({ shape: 'round', diameterMm, lengthMm: 1 }, 1.5);
    expect(shape.widthMm).toBeCloseTo(6, 9);
  });

  it('doubts figures that make something thicker, or metal out of nothing', () => {
    const bar: Bar = { shape: 'rect', widthMm: 6, thicknessMm: 2, lengthMm: 30 };
    expect(doubtRolled(bar, 1.8, { thicknessMm: 1.84 })).toBeUndefined();
    expect(doubtRolled(bar, 1.8, { thicknessMm: 1.9 })).toEqual({
      code: 'thicker',
      byMm: expect.closeTo(0.1, 9),
    });
    const at = (lengthMm: number) => doubtRolled(bar, 1.8, { thicknessMm: 1.6, widthMm: 6.1, lengthMm });
    // 6 × 2 × 30 = 360 mm³; 6.1 × 1.6 × 36.9 is as much.
    expect(at(36.9)).toBeUndefined();
    expect(at(41)).toEqual({ code: 'other-volume', share: expect.closeTo((6.1 * 1.6 * 41) / 360 - 1, 9) });
    expect(at(33)).toMatchObject({ code: 'other-volume' });
  });

  it('has nothing to do for a bar that is thin enough, and refuses passes that take nothing', () => {
    expect(rollingSchedule({ start: bars[0]!, targetThicknessMm: 4, metal: 'copper' })).toEqual([]);
    const wish = { start: bars[0]!, targetThicknessMm: 1, metal: 'copper' } as const;
    expect(() => rollingSchedule({ ...wish, maxReduction: 0 })).toThrow(/takes more than 0/);
  });
});
