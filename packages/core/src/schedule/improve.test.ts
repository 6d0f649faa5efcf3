import { runToEnd } from '../uncertainty';
import { anneal } from './annealing';
import { dispatch, firstCome, firstDue } from './dispatch';
import { improve } from './improve';
import { rebuild } from './iterated-greedy';
import { isBetter, placeInOrder } from './place';
import type { Shop } from './shop';
import type { Solution } from './solution';
import { tightShop } from './test-shop';

const EFFORT = { tries: 600, seed: 3 };
const startOf = (shop: Shop, rule = firstDue): Solution => {
  const order = dispatch(shop, rule);
  return { order, ...placeInOrder(shop, order) };
};
const sorted = (order: readonly number[]) => [...order].sort((a, b) => a - b);

describe.each([
  ['annealing', anneal],
  ['iterated greedy', rebuild],
])('%s', (_name, search) => {
  it('betters a first order of work, and lays every step once', () => {
    for (const seed of [1, 2, 3]) {
      const shop = tightShop(seed, 6, 7);
      const start = startOf(shop, firstCome);
      const found = runToEnd(search(shop, start, () => true, EFFORT));
      expect(isBetter(found.score, start.score)).toBe(true);
      expect(sorted(found.order)).toEqual(sorted(start.order));
      expect(placeInOrder(shop, found.order).score).toEqual(found.score);
    }
  });

  it('keeps the first order where no other is accepted, or there is no other', () => {
    const shop = tightShop(4, 5, 5);
    const start = startOf(shop);
    expect(runToEnd(search(shop, start, () => false, EFFORT))).toBe(start);
    const lone = startOf(tightShop(1, 1, 1));
    expect(runToEnd(search(tightShop(1, 1, 1), lone, () => true, EFFORT))).toBe(lone);
  });

  it('tells how far it is, ever further', () => {
    const shop = tightShop(5, 4, 5);
    const told = [...search(shop, startOf(shop), () => true, EFFORT)];
    expect(told.length).toBeGreaterThan(5);
    expect(told.every((share, i) => share >= (told[i - 1] ?? 0) && share <= 1)).toBe(true);
  });
});

describe('improve', () => {
  it.each([8, 32])(
    'is less late than where it began, of %i rings, and takes nothing over the limit',
    (rings) => {
      const shop = tightShop(7, rings, 5);
      const start = startOf(shop);
      expect(runToEnd(improve(shop, start, start.score, EFFORT)).score.lateMin).toBeLessThan(
        start.score.lateMin,
      );
      const nothing = { lateMin: -1, endMin: -1 };
      expect(runToEnd(improve(shop, start, nothing, EFFORT))).toBe(start);
    },
  );
});
