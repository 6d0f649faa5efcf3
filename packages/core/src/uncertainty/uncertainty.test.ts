import * as fc from 'fast-check';
import type { CoinRingInput } from '../forming';
import { REFERENCE_KIT } from '../kit';
import type { CoinRoute } from '../route';
import type { WidthSpread } from '../steps';
import { routeFor } from '../route/test-route';
import { workingThickness } from '../stock';
import { DRAWN_NUMBERS, drawInputs } from './draw';
import { evenPoints } from './even-points';
import { binsOf, sharedVariance } from './quantiles';
import {
  drawnCoin,
  intervalOf,
  narrowMost,
  ringChances,
  runToEnd,
  seededRandom,
  spreadFor,
  UNSURE_INPUTS,
  type RingChances,
  type Spread,
} from './index';

const INPUT: CoinRingInput = {
  coin: { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 20.5,
  wall: { kind: 'straight' },
};
/** A bench whose widths come out as planned. */
const STEADY: WidthSpread = { biasShare: 0, scatterShare: 0, degrees: 8, widened: 1 };
const EXACT: Spread = {
  diameterMm: 0,
  thicknessShare: 0,
  holeMm: 0,
  centringMm: 0,
  readingMm: 0,
  share: 0,
  width: STEADY,
  trimMm: 0,
  foldScatters: 0,
  curlShare: 0,
  gaugeMm: 0,
  edgeShare: 0,
};

function chancesOf(
  input: CoinRingInput,
  spread: Spread,
  more: { rings?: number; seed?: number; route?: CoinRoute } = {},
): RingChances {
  const { rings = 300, seed = 1, route = routeFor(input) } = more;
  const { school, moves } = route;
  return runToEnd(ringChances({ input, kit: REFERENCE_KIT, school, moves, spread, rings, seed }));
}

describe('seededRandom', () => {
  it('gives the same numbers for a seed, others for another, evenly from 0 up to 1', () => {
    const take = (seed: number) => Array.from({ length: 2000 }, seededRandom(seed));
    expect(take(7)).toEqual(take(7));
    expect(take(7)).not.toEqual(take(8));
    const numbers = take(3);
    expect(Math.min(...numbers)).toBeGreaterThanOrEqual(0);
    expect(Math.max(...numbers)).toBeLessThan(1);
    expect(Math.abs(numbers.reduce((sum, x) => sum + x, 0) / numbers.length - 0.5)).toBeLessThan(0.02);
  });
});

describe('drawing a piece', () => {
  it('moves the thickness by what was drawn and no more, whether it is known by mass or by rim', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 1e6 }), fc.boolean(), (seed, weighed) => {
        const coin = weighed ? INPUT.coin : { ...INPUT.coin, massG: undefined };
        const [point = new Float64Array()] = evenPoints(1, DRAWN_NUMBERS, seededRandom(seed));
        const draw = drawInputs(point, spreadFor(coin));
        const before = workingThickness(coin).thicknessMm;
        expect(workingThickness(drawnCoin(coin, draw)).thicknessMm / before).toBeCloseTo(
          1 + draw.thickness,
          9,
        );
      }),
    );
  });

  it('is surer of a weighed piece, of a better scale and of a self-centring punch', () => {
    const byRim = spreadFor({ ...INPUT.coin, massG: undefined });
    expect(byRim.thicknessShare).toBeGreaterThan(3 * spreadFor(INPUT.coin).thicknessShare);
    expect(spreadFor(INPUT.coin, { scaleErrorG: 0.5 }).thicknessShare).toBeGreaterThan(
      spreadFor(INPUT.coin).thicknessShare,
    );
    expect(spreadFor(INPUT.coin, { centring: 'self-centring' }).centringMm).toBeLessThan(
      spreadFor(INPUT.coin).centringMm,
    );
  });
});

describe('quantiles', () => {
  it('leave out five in a hundred at each end', () => {
    const values = Array.from({ length: 101 }, (_, i) => i);
    expect(intervalOf(values)).toEqual({ low: 5, middle: 50, high: 95 });
  });

  it('count every value in one bin', () => {
    const bins = binsOf([1, 2, 2, 3, 5], 4);
    expect(bins.map(({ count }) => count)).toEqual([1, 2, 1, 1]);
    expect(binsOf([4, 4], 3).reduce((sum, { count }) => sum + count, 0)).toBe(2);
  });

  it('find how much of one spread goes with another', () => {
    const xs = [1, 2, 3, 4, 5];
    expect(
      sharedVariance(
        xs,
        xs.map((x) => 3 - 2 * x),
      ),
    ).toBeCloseTo(1, 12);
    expect(sharedVariance(xs, [1, -1, 0, -1, 1])).toBeCloseTo(0, 12);
    expect(sharedVariance([2, 2], [1, 3])).toBe(0);
  });
});

describe('ringChances', () => {
  it('lands on the plan when everything is known exactly', () => {
    const route = routeFor(INPUT);
    const { widthMm, sizeMm, chanceOf } = chancesOf(INPUT, EXACT, { rings: 20, route });
    const planned = route.steps.at(-1)?.outline.arcMm.at(-1) ?? 0;
    expect(widthMm.high - widthMm.low).toBeLessThan(1e-9);
    // The walk takes each move in one go: within a few thousandths of the full simulation.
    expect(Math.abs(widthMm.middle / planned - 1)).toBeLessThan(0.004);
    expect(sizeMm.middle).toBeCloseTo(INPUT.targetInsideDiameterMm, 9);
    expect(chanceOf.size).toBe(0);
  });

  it('draws the same rings for the same seed', () => {
    const spread = spreadFor(INPUT.coin);
    expect(chancesOf(INPUT, spread, { seed: 5 })).toEqual(chancesOf(INPUT, spread, { seed: 5 }));
    expect(chancesOf(INPUT, spread, { seed: 5 })).not.toEqual(chancesOf(INPUT, spread, { seed: 6 }));
  });

  it('tells much the same of few rings, whatever their seed', () => {
    // A ring that a third of all lose: drawn one by one, 120 rings would scatter by √(0.33 · 0.67 / 120) = 0.043.
    const hard = { ...INPUT, targetInsideDiameterMm: 23.5 };
    const route = routeFor(hard);
    const seeds = [1, 2, 3, 4, 5, 6, 7, 8];
    const told = seeds.map((seed) => chancesOf(hard, spreadFor(hard.coin), { rings: 120, seed, route }));
    const scatter = (of: (chances: RingChances) => number) => {
      const values = told.map(of);
      const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
      return Math.sqrt(values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length);
    };
    expect(scatter(({ lost }) => lost)).toBeLessThan(0.003);
    expect(scatter(({ chanceOf }) => chanceOf.size)).toBeLessThan(0.003);
  });

  it.each([
    ['share', (times: number) => ({ share: 0.05 * times })],
    ['the bench', (times: number) => ({ width: { ...STEADY, biasShare: 0.02 * times } })],
    ['each ring', (times: number) => ({ width: { ...STEADY, scatterShare: 0.02 * times } })],
    ['earlier forecasts', (widened: number) => ({ width: { ...STEADY, scatterShare: 0.02, widened } })],
    ['diameter', (times: number) => ({ diameterMm: 0.1 * times })],
  ])('widens the width’s interval with %s', (_what, off) => {
    const width = (times: number) => {
      const { low, high } = chancesOf(INPUT, { ...EXACT, ...off(times) }).widthMm;
      return high - low;
    };
    expect(width(1)).toBeGreaterThan(0.01);
    expect(width(2)).toBeGreaterThan(1.5 * width(1));
  });

  it('is less sure of a wall that is turned in than of a straight one', () => {
    const apart = ({ low, high }: RingChances['sizeMm']) => high - low;
    const straight = chancesOf(INPUT, spreadFor(INPUT.coin));
    for (const wall of [
      { kind: 'rounded', curlDeg: 25 },
      { kind: 'rounded', curl: { dieAngleDeg: 25, depth: 'half' } },
    ] as const) {
      const input = { ...INPUT, wall };
      const rounded = chancesOf(input, spreadFor(input.coin));
      expect(apart(rounded.sizeMm)).toBeGreaterThan(1.2 * apart(straight.sizeMm));
      expect(rounded.chanceOf.size).toBeGreaterThan(straight.chanceOf.size);
      // Turned in exactly as planned, it is as sure as the straight one.
      const exact = chancesOf(input, { ...spreadFor(input.coin), curlShare: 0 });
      expect(apart(exact.sizeMm)).toBeLessThan(1.1 * apart(straight.sizeMm));
    }
  });

  it('is off by the mandrel’s marks as much as they are', () => {
    const { sizeMm, chanceOf } = chancesOf(INPUT, { ...EXACT, gaugeMm: 0.1 });
    // Nine of ten lie within 1.645 deviations.
    expect(sizeMm.high - sizeMm.low).toBeCloseTo(2 * 1.645 * 0.1, 2);
    // Beyond a quarter size, 0.203 mm: 4.2 % at 0.1 mm.
    expect(chanceOf.size).toBeCloseTo(0.042, 2);
  });

  it('is off by its fold, where the size of the funnel is the die’s', () => {
    const width = (foldScatters: number) => {
      const { low, high } = chancesOf(INPUT, { ...EXACT, foldScatters }).widthMm;
      return high - low;
    };
    expect(width(1)).toBeGreaterThan(0);
    expect(width(3)).toBeGreaterThan(2 * width(1));
  });

  it('misses the size more often the worse the mandrel is read', () => {
    const misses = (readingMm: number) => chancesOf(INPUT, { ...EXACT, readingMm }).chanceOf.size;
    expect(misses(0.05)).toBeLessThan(misses(0.15));
    // Two sides of a normal distribution beyond a quarter size, 0.203 mm: 17.5 % at 0.15 mm.
    expect(misses(0.15)).toBeCloseTo(0.1755, 3);
  });

  it('finds a thin coin opened wide too thin, and an uneven band where the hole is off centre', () => {
    const thin = { ...INPUT, coin: { diameterMm: 33, rimThicknessMm: 1.35, metal: 'silver-900' as const } };
    const opened = { ...thin, holeMm: 9.5, targetInsideDiameterMm: 21 };
    expect(chancesOf(opened, spreadFor(thin.coin)).chanceOf.thin).toBeGreaterThan(0.5);
    expect(chancesOf(INPUT, { ...EXACT, centringMm: 0.2 }).unevenMm.middle).toBeGreaterThan(0.2);
    expect(chancesOf(INPUT, EXACT).unevenMm.high).toBe(0);
  });

  it('reports progress that rises and ends with the answer', () => {
    const { school, moves } = routeFor(INPUT);
    const seen: number[] = [];
    const work = ringChances({ input: INPUT, kit: REFERENCE_KIT, school, moves, rings: 200 });
    for (let step = work.next(); ; step = work.next()) {
      if (step.done) {
        expect(step.value.rings).toBe(200);
        break;
      }
      seen.push(step.value);
    }
    expect(seen.length).toBeGreaterThan(2);
    expect([...seen].sort((a, b) => a - b)).toEqual(seen);
  });
});

describe('narrowMost', () => {
  it('names the input behind the spread and how narrow it would get', () => {
    const spread = { ...EXACT, diameterMm: 0.2, width: { ...STEADY, scatterShare: 0.001 } };
    const advice = narrowMost(chancesOf(INPUT, spread), INPUT.coin);
    expect(advice?.input).toBe('diameter');
    expect(advice?.words).toContain('diameter');
    expect(advice?.thenMm).toBeLessThan((advice?.nowMm ?? 0) / 2);
  });

  it('asks to weigh a piece whose thickness is only guessed, and says nothing where nothing is unsure', () => {
    const coin = { ...INPUT.coin, massG: undefined };
    const guessed = chancesOf({ ...INPUT, coin }, { ...EXACT, thicknessShare: 0.05 });
    expect(narrowMost(guessed, coin)?.words).toContain('Weigh it');
    expect(narrowMost(chancesOf(INPUT, EXACT, { rings: 20 }), INPUT.coin)).toBeUndefined();
    for (const input of UNSURE_INPUTS) expect(guessed.widthFrom[input]).toBeLessThanOrEqual(1);
  });
});
