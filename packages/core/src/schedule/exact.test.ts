import { runToEnd } from '../uncertainty';
import { leastLate } from './exact';
import { placeInOrder } from './place';
import type { Score } from './shop';
import { leastOfAllOrders, tightShop } from './test-shop';

const NEVER: Score = {
  pinMissMin: Infinity,
  lateMin: Infinity,
  setUpMin: Infinity,
  endMin: Infinity,
  flowMin: Infinity,
};

describe('leastLate', () => {
  it.each([
    ['two rings of seven steps', 2, 7, 12],
    ['three rings of three', 3, 3, 12],
  ])('finds the least that any order of %s comes to', (_what, rings, steps, shops) => {
    for (let seed = 1; seed <= shops; seed++) {
      const shop = tightShop(seed, rings, steps);
      const { order, isProven } = runToEnd(leastLate(shop, NEVER, 1e6));
      expect(isProven).toBe(true);
      expect(placeInOrder(shop, order!).score.lateMin).toBeCloseTo(leastOfAllOrders(shop), 6);
    }
  });

  it('says nothing where what is known cannot be bettered, and gives up when told to', () => {
    const shop = tightShop(3, 3, 8);
    const { order } = runToEnd(leastLate(shop, NEVER, 1e6));
    const { score } = placeInOrder(shop, order!);
    expect(runToEnd(leastLate(shop, score, 1e6))).toEqual({ order: undefined, isProven: true });
    expect(runToEnd(leastLate(shop, NEVER, 5))).toEqual({ order: undefined, isProven: false });
  });
});
