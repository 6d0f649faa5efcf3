import * as fc from 'fast-check';
import { CRACK_AT, normalDeviate, seededRandom } from '../uncertainty';
import { allowanceFit, type Strained } from './allowance';
import { minutesFit } from './minutes';
import { ridgeFit } from './ridge';
import type { Sighting } from './sighting';
import { angleOfDropDeg } from './sightings';
import { curlDropMm } from '../forming';

const PULL = 0.1;
const seen = (offs: readonly number[], sigma = 0.05): readonly Sighting[] =>
  offs.map((off, i) => ({ ringId: `r${i}`, off, slope: 1, sigma }));

describe('ridgeFit', () => {
  it('stays at the default when nothing was seen', () => {
    expect(ridgeFit([], PULL)).toMatchObject({
      change: 0,
      rings: 0,
      errorBefore: 0,
      errorAfter: 0,
      outliers: [],
    });
  });

  it('one ring moves it a part of the way, many almost all of it', () => {
    const one = ridgeFit(seen([0.08]), PULL);
    const many = ridgeFit(seen(Array.from({ length: 30 }, () => 0.08)), PULL);
    expect(one.change).toBeGreaterThan(0.04);
    expect(one.change).toBeLessThan(0.075);
    expect(many.change).toBeCloseTo(0.08, 2);
    expect(many.sigma).toBeLessThan(one.sigma);
  });

  it('never goes past what was seen, nor to the other side of the default', () => {
    const off = fc.double({ min: -0.5, max: 0.5, noNaN: true });
    fc.assert(
      fc.property(fc.array(off, { minLength: 1, maxLength: 12 }), (offs) => {
        const { change } = ridgeFit(seen(offs), PULL);
        expect(change).toBeLessThanOrEqual(Math.max(0, ...offs) + 1e-9);
        expect(change).toBeGreaterThanOrEqual(Math.min(0, ...offs) - 1e-9);
      }),
      { endOnFailure: true },
    );
  });

  it('a slope turns a sighting into the value’s own unit', () => {
    const steep = Array.from({ length: 20 }, (_, i) => ({
      ringId: `r${i}`,
      off: -0.02,
      slope: -0.4,
      sigma: 0.01,
    }));
    expect(ridgeFit(steep, PULL).change).toBeCloseTo(0.05, 2);
  });

  it('tells errors in mm of size where sightings say what they mean for it', () => {
    const sized = seen([0.1, 0.1, 0.1]).map((one) => ({ ...one, sizeMm: 2 }));
    expect(ridgeFit(sized, PULL).errorBefore).toBeCloseTo(0.2, 9);
  });

  it('the error after learning is that of rings the fit has not seen', () => {
    // Two rings that contradict each other predict one another worse than the default does.
    const { errorBefore, errorAfter } = ridgeFit(seen([0.1, -0.1]), PULL);
    expect(errorAfter).toBeGreaterThan(errorBefore);
  });

  it('names a ring that lies far from all others, and lets it pull little', () => {
    const honest = Array.from({ length: 15 }, () => 0.02);
    const { change, outliers, sightings } = ridgeFit(seen([...honest, 0.4]), PULL);
    expect(outliers).toEqual(['r15']);
    expect(sightings).toBe(16);
    expect(change).toBeLessThan(0.035);
  });

  it('what no bench does teaches nothing, and is named', () => {
    // Six deviations of benches (0.1) and of a sighting (0.05) together: 6 × √(0.1² + 0.05²) = 0.671.
    const honest = [0.02, 0.03, 0.01];
    expect(ridgeFit(seen([...honest, 0.68]), PULL)).toEqual({
      ...ridgeFit(seen(honest), PULL),
      outliers: ['r3'],
    });
    expect(ridgeFit(seen([...honest, 0.66]), PULL).rings).toBe(4);
    expect(ridgeFit(seen([0.68]), PULL).change).toBeCloseTo(0, 12);
  });
});

describe('angleOfDropDeg', () => {
  it('is the inverse of the curl’s drop', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 2, max: 60, noNaN: true }),
        fc.double({ min: 4, max: 16, noNaN: true }),
        (angle, width) => expect(angleOfDropDeg(curlDropMm(width, angle), width)).toBeCloseTo(angle, 4),
      ),
      { endOnFailure: true },
    );
  });
});

describe('minutesFit', () => {
  it('goes by the middle of what was timed, drawn towards the default', () => {
    expect(minutesFit([], 5)).toEqual({ minutes: 5, timed: 0 });
    expect(minutesFit([9], 5).minutes).toBeCloseTo(5 + 4 / 6, 9);
    expect(
      minutesFit(
        Array.from({ length: 95 }, () => 9),
        5,
      ).minutes,
    ).toBeCloseTo(8.8, 9);
  });

  it('an evening at the telephone does not count: the middle holds', () => {
    const timed = [4, 4, 5, 5, 200];
    expect(minutesFit(timed, 5).minutes).toBe(5);
    expect(minutesFit([2, 4], 3).minutes).toBe(3);
  });
});

describe('allowanceFit', () => {
  const held = (use: number, n: number): Strained => ({ ringId: `held-${n}`, use, cracked: false });
  const cracked = (use: number, n: number): Strained => ({ ringId: `cracked-${n}`, use, cracked: true });
  const many = (make: (use: number, n: number) => Strained, use: number, count: number) =>
    Array.from({ length: count }, (_, n) => make(use, n));

  it('rests on nothing without rings', () => {
    expect(allowanceFit([])).toEqual({
      factor: expect.closeTo(1, 2),
      likely: expect.closeTo(1, 2),
      rings: 0,
      cracks: 0,
    });
  });

  it('falls with cracks under the allowance, the more of them the more', () => {
    const some = allowanceFit(many(cracked, 0.9, 2));
    const more = allowanceFit(many(cracked, 0.9, 8));
    expect(some.likely).toBeLessThan(0.95);
    expect(more.likely).toBeLessThan(some.likely);
    expect(more.factor).toBeLessThan(some.factor);
    expect(more).toMatchObject({ rings: 8, cracks: 8 });
  });

  it('asks less of weak metal than is likely to hold, and of others no more than they surely bear', () => {
    const weak = allowanceFit(many(cracked, 0.9, 3));
    expect(weak.factor).toBeLessThan(weak.likely);
    const filled = allowanceFit(many(held, 0.98, 10));
    expect(filled.likely).toBeGreaterThan(1);
    expect(filled.factor).toBe(1);
    const strong = allowanceFit(many(held, 1.6, 40));
    expect(strong.factor).toBeGreaterThan(1);
    expect(strong.factor).toBeLessThan(strong.likely);
  });

  it('looks at every hundredth from 0.4 to 1.8', () => {
    const { likely } = allowanceFit(many(held, 1.4, 10));
    expect(likely * 100).toBeCloseTo(Math.round(likely * 100), 9);
    expect(allowanceFit(many(cracked, 0.06, 400)).likely).toBeCloseTo(0.4, 9);
    expect(allowanceFit(many(held, 9, 400)).likely).toBeCloseTo(1.8, 9);
  });

  it('rings that held well beyond it say more than rings that held within', () => {
    const likely = (use: number) => allowanceFit(many(held, use, 10)).likely;
    expect(likely(1.4)).toBeGreaterThan(likely(0.8));
  });

  it('has no more rings cracked by learning than without, though each plan goes by the rings before it', () => {
    const random = seededRandom(11);
    const [BENCHES, RINGS] = [150, 40];
    let [learnt, byDefault, likely] = [0, 0, 0];
    for (let bench = 0; bench < BENCHES; bench++) {
      const bears = Math.exp(0.15 * normalDeviate(random));
      const seen: Record<'learnt' | 'likely', Strained[]> = { learnt: [], likely: [] };
      for (let n = 0; n < RINGS; n++) {
        const filled = 0.7 + 0.3 * random();
        const crackAt = CRACK_AT.median * bears * Math.exp(0.2 * normalDeviate(random));
        const cracksAt = (factor: number) => filled * factor > crackAt;
        const make = (log: Strained[], factor: number) => {
          log.push({ ringId: `${n}`, use: Math.min(filled * factor, crackAt), cracked: cracksAt(factor) });
          return cracksAt(factor) ? 1 : 0;
        };
        byDefault += cracksAt(1) ? 1 : 0;
        learnt += make(seen.learnt, seen.learnt.length < 3 ? 1 : allowanceFit(seen.learnt).factor);
        likely += make(seen.likely, seen.likely.length < 3 ? 1 : allowanceFit(seen.likely).likely);
      }
    }
    const share = (count: number) => count / (BENCHES * RINGS);
    expect(share(byDefault)).toBeGreaterThan(0.01);
    expect(share(likely)).toBeGreaterThan(1.2 * share(byDefault));
    expect(share(learnt)).toBeLessThanOrEqual(share(byDefault));
  });
});
