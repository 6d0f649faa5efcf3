import { normalDeviate, seededRandom } from '../uncertainty';
import { ridgeFit } from './ridge';
import { scatterScale } from './scatter';
import type { Sighting } from './sighting';

/** Sightings of a change of 0.5, so much off each by chance, told as being off by 1. */
function seen(count: number, spread: number, seed = 1): readonly Sighting[] {
  const random = seededRandom(seed);
  return Array.from({ length: count }, (_, n) => ({
    ringId: `${n}`,
    off: 0.5 + spread * normalDeviate(random),
    slope: 1,
    sigma: 1,
  }));
}

describe('scatterScale', () => {
  it.each([0.7, 1, 2])('finds by how many times as much many sightings scatter (%s)', (spread) => {
    expect(scatterScale(seen(4000, spread), 0.5)).toBeCloseTo(spread, 1);
  });

  it('goes by what is expected while few are seen', () => {
    expect(scatterScale([], 0)).toBe(1);
    const few = scatterScale(seen(3, 2.5), 0.5);
    expect(few).toBeGreaterThan(0.8);
    expect(few).toBeLessThan(1.8);
  });

  it('hardly minds wild ones, and stays within what benches are', () => {
    const some = seen(200, 1);
    const wild = some.map((one, n) => (n % 20 === 0 ? { ...one, off: 60 } : one));
    expect(scatterScale(wild, 0.5) - scatterScale(some, 0.5)).toBeLessThan(0.2);
    expect(scatterScale(seen(400, 20), 0.5)).toBe(3);
    expect(scatterScale(seen(400, 0), 0.5)).toBe(0.5);
  });

  it('counts what was seen long ago less', () => {
    const [steady, unsteady] = [seen(400, 0.6), seen(400, 2)];
    const old = unsteady.map((one) => ({ ...one, weight: 0.01 }));
    expect(scatterScale([...old, ...steady], 0.5)).toBeLessThan(0.75);
  });
});

describe('ridgeFit', () => {
  it('is surer of a change about which a bench scatters less', () => {
    const [steady, usual, unsteady] = [0.6, 1, 2].map((spread) => ridgeFit(seen(60, spread), 2).sigma);
    expect(steady! / usual!).toBeLessThan(0.8);
    expect(unsteady! / usual!).toBeGreaterThan(1.5);
  });
});
