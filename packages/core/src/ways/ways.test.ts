import { REFERENCE_KIT, type Kit } from '../kit';
import { DEFAULT_TRAITS } from '../steps';
import { runToEnd } from '../uncertainty';
import { planWork } from '../work';
import { rankWays, workWays, type WayPiece, type WayStrip, type WayWish, type WorkWay } from './index';
import { BROAD, COIN, SPOON, STRIP } from './test-drawer';

const DRAWER: readonly WayPiece[] = [SPOON, STRIP, BROAD, COIN];
const WISH: WayWish = {
  targetInsideDiameterMm: 18.9,
  wall: { kind: 'straight' },
  widthMm: { min: 5, max: 9 },
  finish: 'polished',
  school: 'best',
};

const waysFor = (wish: Partial<WayWish> = {}, drawer = DRAWER, kit: Kit = REFERENCE_KIT) =>
  runToEnd(rankWays(drawer, kit, { ...WISH, ...wish }));
const worksFor = (wish: Partial<WayWish> = {}, drawer = DRAWER, kit: Kit = REFERENCE_KIT) =>
  runToEnd(workWays(drawer, kit, { ...WISH, ...wish }));

describe('ways to make a ring', () => {
  it('rank handles, strips, spinners and coins in a band beside coin rings, by the same points', () => {
    const ways = waysFor();
    expect(new Set(ways.map(({ kind }) => kind))).toEqual(
      new Set(['coin', 'handle', 'strip', 'spinner', 'coin-band']),
    );
    const scores = ways.map(({ score }) => score);
    expect(scores).toEqual([...scores].sort((a, b) => b - a));
    for (const { bandWidthMm, widthMm, sizeMm, lost, anotherPass, why } of ways) {
      expect(bandWidthMm).toBeGreaterThan(4.6);
      expect(bandWidthMm).toBeLessThan(9.4);
      expect(widthMm.low).toBeLessThan(bandWidthMm);
      expect(widthMm.high).toBeGreaterThan(bandWidthMm);
      expect(sizeMm.high).toBeGreaterThan(sizeMm.low);
      expect(lost).toBeGreaterThanOrEqual(DEFAULT_TRAITS.losses.slipChance - 1e-9);
      expect(lost).toBeLessThan(0.2);
      expect(anotherPass).toBeGreaterThanOrEqual(0);
      expect(why).toMatch(/ in 100 lost/);
    }
  });

  it('are unbeaten only where nothing of any kind is as good in everything', () => {
    const ways = waysFor();
    const measures = (one: (typeof ways)[number]) => [
      one.widthErrorMm,
      one.lost,
      one.annealCount,
      one.minutes,
      one.price ?? 0,
    ];
    for (const way of ways) {
      const beaten = ways.some((other) => {
        const [a, b] = [measures(other), measures(way)];
        return a.every((value, i) => value <= (b[i] ?? 0)) && a.some((value, i) => value < (b[i] ?? 0));
      });
      expect(way.onFront).toBe(!beaten);
    }
    expect(ways.some(({ onFront, kind }) => onFront && kind !== 'coin')).toBe(true);
  });

  it('can be planned as they are told', () => {
    const works = worksFor();
    expect(works.length).toBeGreaterThan(4);
    for (const { work, piece, other, bandWidthMm, annealCount, minutes } of works) {
      const { targetInsideDiameterMm, finish } = WISH;
      const plan = planWork({ work, piece, targetInsideDiameterMm, finish, other }, { kit: REFERENCE_KIT });
      expect(plan.feasible).toBe(true);
      expect(plan.prediction.bandWidthMm).toBe(bandWidthMm);
      expect(plan.totals).toMatchObject({ anneals: annealCount, handsOnMin: minutes });
    }
  });

  it('of a strip are as good as the best of all widths and thicknesses it can be filed and rolled to', () => {
    const [found] = worksFor({ widthMm: { ideal: 5 } }, [STRIP]);
    const { targetInsideDiameterMm, finish } = WISH;
    // By hand: every tenth of a millimetre that it may be filed to.
    const errors = Array.from({ length: 31 }, (_, i) => {
      const work = { kind: 'strip', textured: false, seamMm: 0.3, widthMm: 3 + i / 10 } as const;
      const plan = planWork({ work, piece: STRIP, targetInsideDiameterMm, finish }, { kit: REFERENCE_KIT });
      return Math.abs(plan.prediction.bandWidthMm - 5);
    });
    expect(found?.widthErrorMm).toBeLessThanOrEqual(Math.min(...errors) + 1e-9);
    expect(found?.work).toMatchObject({ kind: 'strip', widthMm: 5 });
  });

  it('show equal pieces once, with how many there are; other names are other pieces', () => {
    const twins = [SPOON, { ...SPOON, id: 'twin', quantity: 2 }, { ...SPOON, id: 'other', name: 'Fork' }];
    expect(worksFor({}, twins).map(({ stockId, alike }) => [stockId, alike])).toEqual(
      expect.arrayContaining([
        ['spoon', 3],
        ['other', 1],
      ]),
    );
    expect(worksFor({}, twins)).toHaveLength(2);
  });

  it('answer what was asked of metal, year, price and face', () => {
    const idsOf = (wish: Partial<WayWish>) => new Set(waysFor(wish).map(({ stockId }) => stockId));
    expect(idsOf({ metal: 'silver-900' })).toEqual(new Set(['coin']));
    expect(idsOf({ year: 1948 })).toEqual(new Set(['coin']));
    expect(idsOf({ priceMax: 5 })).toEqual(new Set(['strip', 'broad']));
    // What a ring is put together of is paid for together.
    const ofTwo = ({ kind, other }: WorkWay) => kind === 'spinner' && !other?.isSame;
    expect(worksFor({ priceMax: 5 }).filter(ofTwo)).toEqual([]);
    expect(worksFor({ priceMax: 8 }).filter(ofTwo)).not.toEqual([]);
    // Only a coin has a face to show.
    expect(idsOf({ face: 'obverse' })).toEqual(new Set(['coin']));
  });

  it('are told of one piece alone, however many others there are, with any strip for its other part', () => {
    const coins = Array.from({ length: 9 }, (_, n) => ({
      ...COIN,
      id: `coin-${n}`,
      name: `Coin ${n}`,
      rimThicknessMm: 1.5 + n / 10,
      massG: undefined,
    }));
    const drawer = [...coins, STRIP, BROAD];
    for (const { id } of coins) {
      const works = runToEnd(workWays(drawer, REFERENCE_KIT, WISH, { stockId: id }));
      expect(works.map(({ kind, stockId }) => [kind, stockId])).toEqual([['coin-band', id]]);
    }
  });

  it('leave out what a test has ruled out, and what nothing is left of', () => {
    const may = { bend: 'no', fold: 'no', heat: 'yes', solder: 'yes', 'polish-hard': 'yes' } as const;
    const ruledOut = waysFor({}, [
      { ...SPOON, may },
      { ...COIN, may },
      { ...STRIP, quantity: 0 },
    ]);
    expect(ruledOut).toEqual([]);
  });

  it('cost what both of their pieces did; what nobody knows stays open', () => {
    const spinner = worksFor({}, [STRIP, BROAD]).find(
      ({ kind, other }) => kind === 'spinner' && !other?.isSame,
    );
    expect(spinner?.price).toBe(8);
    const unknown = worksFor({}, [{ ...SPOON, price: null }]);
    expect(unknown[0]?.price).toBeUndefined();
  });

  it.each([
    ['slips', SPOON, { slipChance: 0.1 }],
    ['melts', STRIP, { meltChance: 0.1 }],
  ] as const)('are less sure at a bench that lost many rings by %s', (_by, piece, here) => {
    const losses = { ...DEFAULT_TRAITS.losses, ...here };
    const [usual] = worksFor({}, [piece]);
    const [unlucky] = worksFor({ traits: { ...DEFAULT_TRAITS, losses } }, [piece]);
    expect(unlucky?.lost).toBeGreaterThan((usual?.lost ?? 1) + 0.05);
    expect(unlucky?.score).toBeLessThan(usual?.score ?? 0);
  });

  it('tell a coin’s band by how its strip was measured or filed, not as a handle', () => {
    const widthOf = (strip: WayStrip) => {
      const band = worksFor({}, [COIN, strip]).find(({ kind }) => kind === 'coin-band')!;
      return band.widthMm.high - band.widthMm.middle;
    };
    // A calliper's 0.03 mm, and 0.1 mm where it is narrowed: nine of ten lie within 1.645 of that.
    expect(widthOf({ ...STRIP, widthMm: 6 })).toBeCloseTo(1.645 * 0.03, 3);
    expect(widthOf(BROAD)).toBeCloseTo(1.645 * 0.1, 3);
  });

  it('melt no handle that is bent cold', () => {
    const losses = { ...DEFAULT_TRAITS.losses, meltChance: 0.5 };
    const [cold] = worksFor({}, [SPOON]);
    expect(worksFor({ traits: { ...DEFAULT_TRAITS, losses } }, [SPOON])[0]?.lost).toBe(cold?.lost);
  });
});
