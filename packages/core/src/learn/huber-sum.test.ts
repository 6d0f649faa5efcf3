import * as fc from 'fast-check';
import { createHuberSum, HUBER } from './huber-sum';
import type { Sighting } from './sighting';

const PULL = 0.1;

/** The penalty that the minimum is one of, written out. */
function penalty(sightings: readonly Sighting[], change: number): number {
  return sightings.reduce(
    (sum, { off, slope, sigma }) => {
      const far = Math.abs(off - slope * change) / sigma;
      return sum + (far <= HUBER ? far ** 2 / 2 : HUBER * far - HUBER ** 2 / 2);
    },
    change ** 2 / (2 * PULL ** 2),
  );
}

const sighting = fc.record({
  ringId: fc.constant('r'),
  off: fc.double({ min: -0.6, max: 0.6, noNaN: true }),
  slope: fc.oneof(fc.double({ min: 0.1, max: 2, noNaN: true }), fc.constantFrom(-0.5, -1, 0)),
  sigma: fc.double({ min: 0.01, max: 0.2, noNaN: true }),
});

describe('the minimum of a Huber sum', () => {
  it('of two sightings within reach is their weighted mean with the pull', () => {
    // (0.05/0.05² + 0.08/0.05²) / (2/0.05² + 1/0.1²) = (20 + 32) / (800 + 100) = 0.05778.
    const sum = createHuberSum(
      [0.05, 0.08].map((off) => ({ ringId: 'r', off, slope: 1, sigma: 0.05 })),
      PULL,
    );
    expect(sum.minimum()).toBe(0);
    sum.add(0);
    sum.add(1);
    expect(sum.minimum()).toBeCloseTo(52 / 900, 12);
  });

  it('a sighting beyond reach pulls with 1.8 of its deviations', () => {
    // Alone and far off: c/p² = k·s/σ, so c = 0.01 · 1.8 / 0.05 = 0.36.
    const sum = createHuberSum([{ ringId: 'r', off: 9, slope: 1, sigma: 0.05 }], PULL);
    sum.add(0);
    expect(sum.minimum()).toBeCloseTo(0.36, 12);
  });

  it('is lower than on either side of it, for those that are there and no others', () => {
    fc.assert(
      fc.property(fc.array(fc.tuple(sighting, fc.boolean()), { minLength: 1, maxLength: 20 }), (chosen) => {
        const all = chosen.map(([one]) => one);
        const sum = createHuberSum(all, PULL);
        all.forEach((_one, place) => sum.add(place));
        chosen.forEach(([, stays], place) => {
          if (!stays) sum.remove(place);
        });
        const there = chosen.filter(([, stays]) => stays).map(([one]) => one);
        const change = sum.minimum();
        const lowest = penalty(there, change);
        for (const aside of [-1e-3, 1e-3]) {
          expect(penalty(there, change + aside)).toBeGreaterThanOrEqual(lowest - 1e-9);
        }
      }),
      { endOnFailure: true },
    );
  });
});
