import * as fc from 'fast-check';
import { partExchange, type ExchangeQuestion } from './part-exchange';
import { feesOf, priceRing } from './price';
import { PRICE_INPUT } from './test-drawer';
import { compareSizers, type Sizer } from './sizers';
import { SPOT_METALS } from './codes';
import { simulatedSpot, spotMetalOf, spotPrices, worthPerG } from './spot';

describe('priceRing', () => {
  it('leaves the margin that was asked for after everything is paid', () => {
    const { price, cost, margin, atFloor } = priceRing(PRICE_INPUT);
    expect(cost).toBeCloseTo(20 + 3 + 60 - 3.6, 9);
    expect(price).toBeCloseTo((cost + 6.5) / 0.7, 9);
    expect(margin / price).toBeCloseTo(0.25, 9);
    expect(atFloor).toBe(false);
  });

  it('adds up to the price, line by line, whatever goes in', () => {
    const amount = fc.double({ min: 0, max: 500, noNaN: true });
    const share = fc.double({ min: 0, max: 0.4, noNaN: true });
    fc.assert(
      fc.property(
        fc.record({
          stockCost: amount,
          meltValue: amount,
          consumablesCost: amount,
          minutes: amount,
          hourlyRate: amount,
          scrapValue: amount,
          refinerShare: share,
          post: amount,
          feeShare: share,
          feeFixed: amount,
          marginShare: share,
          coupon: amount,
          roundTo: fc.constantFrom(0, 1, 5),
        }),
        (input) => {
          const { lines, price, floor } = priceRing(input);
          expect(lines.reduce((sum, line) => sum + line.amount, 0)).toBeCloseTo(price, 6);
          expect(price).toBeGreaterThanOrEqual(floor - 1e-9);
        },
      ),
      { endOnFailure: true },
    );
  });

  it('never sells a piece for less than its metal', () => {
    const { price, atFloor } = priceRing({ ...PRICE_INPUT, meltValue: 400 });
    expect([price, atFloor]).toEqual([400, true]);
    expect(priceRing({ ...PRICE_INPUT, coupon: 1000 }).price).toBe(PRICE_INPUT.meltValue);
  });

  it('rounds up, never down', () => {
    expect(priceRing({ ...PRICE_INPUT, roundTo: 5 }).price % 5).toBe(0);
    expect(priceRing({ ...PRICE_INPUT, roundTo: 5 }).price).toBeGreaterThanOrEqual(
      priceRing(PRICE_INPUT).price,
    );
  });

  it('refuses fees and margin that would take everything', () => {
    expect(() => priceRing({ ...PRICE_INPUT, marginShare: 0.95 })).toThrow('must stay under 95%');
  });
});

describe('metal prices', () => {
  it('are the same for every reader, and one a day', () => {
    const days = simulatedSpot('silver', 20700, 20760);
    expect(days).toHaveLength(61);
    expect(days.at(-1)).toEqual(simulatedSpot('silver', 20760, 20760)[0]);
    expect(new Set(days.map(({ perG }) => perG)).size).toBeGreaterThan(50);
  });

  it.each(SPOT_METALS)('of %s stay within what is believable over years', (metal) => {
    const all = simulatedSpot(metal, 0, 22000).map(({ perG }) => perG);
    const usual = spotPrices(0)[metal];
    expect(Math.min(...all)).toBeGreaterThan(usual * 0.5);
    expect(Math.max(...all)).toBeLessThan(usual * 2);
  });

  it('give way to what the maker typed', () => {
    expect(spotPrices(20700, { silver: 1.5 })).toMatchObject({ silver: 1.5, gold: spotPrices(20700).gold });
  });

  it('pay for the fine metal in an alloy only', () => {
    const spot = { silver: 1, gold: 70, platinum: 30 };
    expect(worthPerG('silver-900', spot)).toBeCloseTo(0.9, 9);
    expect(worthPerG('gold-18ct', spot)).toBeCloseTo(0.75 * 70, 0);
    expect(worthPerG('copper', spot)).toBe(0);
    expect(spotMetalOf('silver-plate')).toBeUndefined();
  });
});

const EXCHANGE: ExchangeQuestion = {
  metal: 'silver-900',
  pieces: 4,
  valueEach: 12,
  price: 80,
  reachMm: { min: 15, max: 22 },
  targetInsideDiameterMm: 19,
};

describe('partExchange', () => {
  it('turns one into the ring and takes the others in payment', () => {
    expect(partExchange(EXCHANGE)).toMatchObject({
      eligible: true,
      kept: 3,
      credit: 36,
      balance: 44,
      enough: 8,
    });
    expect(partExchange({ ...EXCHANGE, pieces: 8 }).balance).toBeLessThanOrEqual(0);
  });

  it('says at once why a metal or a size will not do', () => {
    const codes = (change: Partial<ExchangeQuestion>) =>
      partExchange({ ...EXCHANGE, ...change }).reasons.map(({ code }) => code);
    expect(codes({ metal: 'steel' })).toEqual(['metal-refused']);
    expect(codes({ metal: 'copper' })).toEqual(['base-metal']);
    expect(codes({ targetInsideDiameterMm: 23 })).toEqual(['out-of-reach']);
    expect(codes({ reachMm: undefined })).toEqual(['no-size']);
    expect(codes({})).toEqual([]);
  });
});

describe('compareSizers', () => {
  const free = (ordered: boolean): Sizer => ({
    ...{ cost: 3, paid: 0, coupon: 0, ordered, couponUsed: false },
    guarantee: false,
  });
  const sold = (ordered: boolean): Sizer => ({
    ...{ cost: 3, paid: 5, coupon: 8, ordered, couponUsed: ordered },
    guarantee: false,
  });

  it('computes what each school brings for a sizer sent', () => {
    const sizers = [...Array(10).keys()].flatMap((i) => [free(i < 2), sold(i < 5)]);
    const { free: given, paid, breakEvenFree, better } = compareSizers(sizers, 30, 0);
    expect(given).toMatchObject({ sent: 10, orders: 2, cost: 30, income: 0 });
    expect(given.netEach).toBeCloseTo((2 * 30 - 30) / 10, 9);
    expect(paid.netEach).toBeCloseTo((5 * 30 + 50 - 30 - 40) / 10, 9);
    expect(breakEvenFree).toBeCloseTo(0.1, 9);
    expect(better).toBe('paid');
  });

  it('counts what a promised resize costs, of the orders that it was promised for', () => {
    const sizers = [true, true, false].map((ordered) => ({ ...free(ordered), guarantee: true }));
    const { free: given } = compareSizers([...sizers, free(true)], 30, 25);
    // Two orders with the promise, one ring in ten, 25 each.
    expect(given.resizes).toBeCloseTo(2 * 0.1 * 25, 9);
    expect(given.netEach).toBeCloseTo((3 * 30 - 4 * 3 - 5) / 4, 9);
  });

  it('gives a break-even at which both schools bring the same', () => {
    const sizers = [...Array(10).keys()].flatMap((i) => [free(i < 4), sold(i < 5)]);
    const { free: given, breakEvenPaid = 0 } = compareSizers(sizers, 30, 0);
    expect(breakEvenPaid * (30 - 8) + 5 - 3).toBeCloseTo(given.netEach, 9);
  });

  it('says how little a few tell', () => {
    const { paid, better } = compareSizers([sold(true)], 30, 0);
    expect(better).toBe('too-few');
    expect(paid.low).toBeLessThan(0.3);
    expect(paid.high).toBe(1);
    expect(compareSizers([], 30, 0)).toMatchObject({ breakEvenFree: 0, breakEvenPaid: undefined });
  });
});

describe('fees', () => {
  it('are those of the way it is sold by, where it has some', () => {
    const general = { feeShare: 0.04, feeFixed: 0.4 };
    const market = { feeShare: 0, feeFixed: 5 };
    expect(feesOf(general, { market }, 'market')).toEqual(market);
    expect(feesOf(general, { market }, 'other')).toEqual(general);
    expect(feesOf(general, { market }, undefined)).toEqual(general);
  });
});
