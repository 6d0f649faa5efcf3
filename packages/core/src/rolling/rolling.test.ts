import fc from 'fast-check';
import { stiffnessOf } from '../metal';
import { barVolumeMm3, rollingSchedule, type Bar } from './index';

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

  it('takes at most 12 % off a pass when nothing else is asked', () => {
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

  it('has nothing to do for a bar that is thin enough, and refuses passes that take nothing', () => {
    expect(rollingSchedule({ start: bars[0]!, targetThicknessMm: 4, metal: 'copper' })).toEqual([]);
    const wish = { start: bars[0]!, targetThicknessMm: 1, metal: 'copper' } as const;
    expect(() => rollingSchedule({ ...wish, maxReduction: 0 })).toThrow(/takes more than 0/);
  });
});
