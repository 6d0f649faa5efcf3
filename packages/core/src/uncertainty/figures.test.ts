import { DRAWN_NUMBERS, drawInputs, drawnCoin, drawnTraits, UNSURE_INPUTS, type Draw } from './draw';
import { deviationIn, minutesForecast, placeOf, quantilesOf, rankedScore } from './forecast';
import { evenPoints } from './even-points';
import { narrowMost } from './narrow-most';
import { binsOf, intervalOf, sharedVariance } from './quantiles';
import { normalDeviate, seededRandom } from './random';
import type { RingChances } from './ring-chances';
import { CRACK_AT, lostChance, mishapChances, WRINKLE_AT } from './mishaps';
import { spreadFor } from './spread';
import { type BenchTraits, DEFAULT_TRAITS } from '../steps';

const COIN = { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' } as const;

const NOTHING_OFF = Object.fromEntries(UNSURE_INPUTS.map((input) => [input, 0])) as Draw;

/** 0, 1, … 20: twenty steps, so that a twentieth is a whole step. */
const STEPS = Array.from({ length: 21 }, (_, i) => i);

describe('intervalOf', () => {
  it('lies between the twentieth from either end', () => {
    expect(intervalOf([...STEPS].reverse())).toEqual({ low: 1, middle: 10, high: 19 });
  });

  it('goes straight between two values', () => {
    // Places 0.05, 0.5 and 0.95 of one step from 10 to 20.
    const { low, middle, high } = intervalOf([20, 10]);
    expect([low, middle, high]).toEqual([10.5, 15, 19.5]);
  });
});

describe('binsOf', () => {
  it('counts each value once, the largest in the last bin', () => {
    expect(binsOf([0, 1, 2, 3, 4], 2)).toEqual([
      { from: 0, to: 2, count: 2 },
      { from: 2, to: 4, count: 3 },
    ]);
  });
});

describe('sharedVariance', () => {
  it('is r² of a straight line', () => {
    expect(sharedVariance([1, 2, 3], [2, 4, 6])).toBeCloseTo(1, 12);
    // Deviations −1 0 1 and −1 2 −1: their products add up to nothing.
    expect(sharedVariance([1, 2, 3], [0, 3, 0])).toBe(0);
    // Deviations −1 0 1 and −4/3 −1/3 5/3: xy = 3, xx = 2, yy = 42/9; 9/(2 · 42/9) = 81/84.
    expect(sharedVariance([1, 2, 3], [1, 2, 4])).toBeCloseTo(81 / 84, 12);
    expect(sharedVariance([1, 1, 1], [1, 2, 3])).toBe(0);
  });
});

describe('seededRandom', () => {
  it('is the published sequence', () => {
    // mulberry32 of seed 1, as its author's code prints it.
    const random = seededRandom(1);
    expect([random(), random()]).toEqual([0.6270739405881613, 0.002735721180215478]);
  });

  it('makes normal deviates by Box and Muller', () => {
    // u = 1 − e^(−½) gives a radius of 1, an angle of 0 the whole of it; ½ a turn its opposite.
    const given = (...values: readonly number[]) => {
      const left = [...values];
      return () => left.shift() ?? 0;
    };
    expect(normalDeviate(given(1 - Math.exp(-0.5), 0))).toBeCloseTo(1, 12);
    expect(normalDeviate(given(1 - Math.exp(-0.5), 0.5))).toBeCloseTo(-1, 12);
  });
});

describe('spreadFor', () => {
  it('knows a weighed thickness by scale and alloy together, an unweighed one by the rim', () => {
    // √((0.01/12.5)² + 0.004²) = √(6.4e−7 + 1.6e−5).
    expect(spreadFor(COIN).thicknessShare).toBeCloseTo(Math.sqrt(6.4e-7 + 1.6e-5), 12);
    expect(spreadFor({ ...COIN, massG: undefined }).thicknessShare).toBe(0.035);
    expect(spreadFor(COIN, { scaleErrorG: 0.1 }).thicknessShare).toBeCloseTo(Math.hypot(0.008, 0.004), 12);
  });

  it('is as documented', () => {
    expect(spreadFor(COIN)).toMatchObject({
      diameterMm: 0.02,
      holeMm: 0.03,
      centringMm: 0.12,
      readingMm: 0.06,
      share: 0.03,
      width: { biasShare: 0.0085, scatterShare: 0.0065, degrees: 8, widened: 1 },
      trimMm: 0.08,
      foldScatters: 1,
      curlShare: 0.08,
      gaugeMm: 0.05,
      edgeShare: 0.02,
    });
    expect(spreadFor(COIN, { centring: 'self-centring' }).centringMm).toBe(0.05);
  });
});

describe('drawInputs', () => {
  it('takes each deviate times its own spread; centring has two directions', () => {
    // Every deviate is 1: 84.13 % of a normal distribution lie below it.
    const draw = drawInputs(new Float64Array(DRAWN_NUMBERS).fill(0.8413447460685429), spreadFor(COIN));
    expect(draw.diameter).toBeCloseTo(0.02, 9);
    expect(draw.hole).toBeCloseTo(0.03, 9);
    expect(draw.centring).toBeCloseTo(Math.SQRT2 * 0.12, 9);
    expect(draw.reading).toBeCloseTo(0.06, 9);
    expect(draw.share).toBeCloseTo(0.03, 9);
    // A Student's t of eight degrees has its 84.13 % at 1.0668, and √(0.0085² + 0.0065²) = 0.010700.
    expect(draw.bench).toBeCloseTo(1.0668 * 0.0107, 5);
    expect(draw.fold).toBeCloseTo(1, 8);
    expect(draw.curl).toBeCloseTo(0.08, 9);
    expect(draw.gauge).toBeCloseTo(0.05, 9);
    expect(draw.edges).toBeCloseTo(0.02, 9);
    expect(draw.trim).toBeCloseTo(0.08, 9);
  });

  it('makes a coin that is wider and thicker by just what was drawn', () => {
    const drawn = drawnCoin(COIN, { ...NOTHING_OFF, diameter: 0.3, thickness: 0.1 });
    expect(drawn.diameterMm).toBeCloseTo(30.3, 12);
    expect(drawn.rimThicknessMm).toBeCloseTo(2.2, 12);
    // 12.5 · 1.1 · (30.3/30)² = 12.5 · 1.1 · 1.0201.
    expect(drawn.massG).toBeCloseTo(14.026375, 9);
  });
});

describe('drawnTraits', () => {
  const DIE = { kind: 'fold-die', angleDeg: 17, smallEndMm: 14 } as const;
  const drawn = (traits: BenchTraits, off: Partial<Draw>) =>
    drawnTraits(traits, { ...NOTHING_OFF, ...off }, { folds: [DIE], curlDegs: [17, 25] });

  it('moves the funnels of a die by its own scatter: half a size where nothing is known of it', () => {
    // Nine of ten lie within half a US size, 0.4064 mm: a deviation is 0.4064/1.645.
    expect(drawn(DEFAULT_TRAITS, { fold: 2 }).funnels['17-14']?.growthMm).toBeCloseTo(2 * 0.24705, 4);
    const known = { ...DEFAULT_TRAITS, funnels: { '17-14': { growthMm: 0.3, scatterMm: 0.1645 } } };
    expect(drawn(known, { fold: -1 }).funnels['17-14']?.growthMm).toBeCloseTo(0.2, 9);
  });

  it('turns edges in by a share more than the die mostly does', () => {
    expect(drawn(DEFAULT_TRAITS, { curl: 0.1 }).curlGain).toEqual({ 17: 1.1, 25: 1.1 });
    const known = { ...DEFAULT_TRAITS, curlGain: { 25: 0.9 } };
    expect(drawn(known, { curl: 0.1 }).curlGain['25']).toBeCloseTo(0.99, 12);
    expect(spreadFor(COIN, { traits: known }).curlShare).toBe(0.04);
  });
});

describe('forecasts', () => {
  /** 0 … 100: the value below which a share of them lies is the share in percent. */
  const quantiles = quantilesOf(Array.from({ length: 101 }, (_, i) => i));

  it('say the values below which each twentieth lies', () => {
    expect(quantiles).toHaveLength(19);
    expect(quantiles[0]).toBeCloseTo(5, 9);
    expect(quantiles[9]).toBeCloseTo(50, 9);
    expect(quantiles[18]).toBeCloseTo(95, 9);
  });

  it('tell where a value fell, between and beyond', () => {
    expect(deviationIn(quantiles, 50)).toBeCloseTo(0, 9);
    expect(deviationIn(quantiles, 95)).toBeCloseTo(1.644854, 5);
    expect(placeOf(deviationIn(quantiles, 22.5))).toBeCloseTo(0.225, 2);
    // Gone on from the last two: 90 and 95 are 1.28155 and 1.64485, so that 100 is 2.00815.
    expect(deviationIn(quantiles, 100)).toBeCloseTo(2.00815, 4);
    expect(deviationIn(quantiles, 0)).toBeCloseTo(-2.00815, 4);
    const certain = quantilesOf([3, 3, 3]);
    expect([2, 3, 4].map((value) => deviationIn(certain, value))).toEqual([
      -Infinity,
      expect.closeTo(-1.463, 2),
      Infinity,
    ]);
  });

  it('score by how wide and how wrong they are', () => {
    // One certain value, missed by 2: every pinball loss is its share of 2, their mean half of it, twice that is 2.
    expect(rankedScore(quantilesOf([3, 3]), 5)).toBeCloseTo(2, 9);
    expect(rankedScore(quantiles, 50)).toBeLessThan(rankedScore(quantiles, 90));
    const narrow = quantiles.map((value) => 50 + (value - 50) / 4);
    expect(rankedScore(narrow, 50)).toBeCloseTo(rankedScore(quantiles, 50) / 4, 9);
  });

  it('of minutes stray less the more steps there are, never less than the maker’s pace', () => {
    const steps = (count: number) => Array.from({ length: count }, () => ({ handsOnMin: 60 / count }));
    const apart = (count: number) => {
      const told = minutesForecast(steps(count));
      return Math.log((told[18] ?? 0) / (told[0] ?? 1));
    };
    expect(apart(1)).toBeCloseTo(2 * 1.644854 * Math.hypot(0.3, 0.2), 6);
    expect(apart(20)).toBeLessThan(apart(1));
    expect(apart(1000)).toBeCloseTo(2 * 1.644854 * 0.2, 2);
    // Log-normal steps take e^(0.3²/2) = 1.046 times their median on average.
    expect(minutesForecast(steps(1000))[9]).toBeCloseTo(62.76, 1);
  });
});

describe('evenPoints', () => {
  it('puts every number of all points once into each stratum, in another order for each number', () => {
    const points = evenPoints(50, 3, seededRandom(4));
    expect(points).toHaveLength(50);
    const strata = (number: number) => points.map((point) => Math.floor((point[number] ?? 0) * 50));
    const all = Array.from({ length: 50 }, (_, i) => i);
    for (const number of [0, 1, 2]) expect(strata(number).toSorted((a, b) => a - b)).toEqual(all);
    expect(strata(0)).not.toEqual(strata(1));
    expect(evenPoints(50, 3, seededRandom(4))).toEqual(points);
  });
});

describe('mishapChances', () => {
  const whole = { cutEdgeUse: 0, wrinkleIndex: 0, heats: 0, thinnestMm: 1.2, sizeOffMm: 0, sizeSpreadMm: 0 };

  const LOSSES_HERE = { ...DEFAULT_TRAITS.losses, slipChance: 0.03 };
  const chancesOf = (ring: typeof whole, losses = LOSSES_HERE) => mishapChances(ring, losses);

  it('has half of all pieces crack at the median strength, and others by its spread', () => {
    expect(CRACK_AT).toEqual({ median: 1.55, logSpread: 0.25 });
    expect(chancesOf({ ...whole, cutEdgeUse: 1.55 }).crack).toBeCloseTo(0.5, 6);
    // One spread weaker, 1.55 e^−0.25: 15.87 % of pieces crack by then.
    expect(chancesOf({ ...whole, cutEdgeUse: 1.55 * Math.exp(-0.25) }).crack).toBeCloseTo(0.158655, 5);
    expect(chancesOf(whole)).toEqual({ crack: 0, wrinkle: 0, melt: 0, slip: 0.03, size: 0, thin: 0 });
  });

  it('has half of all rims wrinkle at twice the index that is warned of', () => {
    expect(WRINKLE_AT).toEqual({ median: 2, logSpread: 0.35 });
    // The index that is warned of is 0.6; 1.2 e^0.35 is one spread past the median.
    expect(chancesOf({ ...whole, wrinkleIndex: 1.2 }).wrinkle).toBeCloseTo(0.5, 6);
    expect(chancesOf({ ...whole, wrinkleIndex: 1.2 * Math.exp(0.35) }).wrinkle).toBeCloseTo(0.841345, 5);
    // Rims that bear half as much wrinkle at half the index.
    const weak = chancesOf({ ...whole, wrinkleIndex: 0.6 }, { ...LOSSES_HERE, wrinkleFactor: 0.5 });
    expect(weak.wrinkle).toBeCloseTo(0.5, 6);
  });

  it('melts by each of its heats alike', () => {
    const melting = { ...LOSSES_HERE, meltChance: 0.1 };
    // 1 − 0.9³.
    expect(chancesOf({ ...whole, heats: 3 }, melting).melt).toBeCloseTo(0.271, 12);
    expect(chancesOf(whole, melting).melt).toBe(0);
  });

  it('misses a size past a quarter, to either side', () => {
    // A quarter of 0.8128 mm is 0.2032.
    const missed = (sizeOffMm: number, sizeSpreadMm = 0) =>
      chancesOf({ ...whole, sizeOffMm, sizeSpreadMm }).size;
    expect([missed(-0.204), missed(-0.203), missed(0.204)]).toEqual([1, 0, 1]);
    // Two spreads to either side of nothing: 2 × 2.275 %.
    expect(missed(0, 0.1016)).toBeCloseTo(0.0455, 5);
    // Half a quarter off: one spread to the near side, three to the far one.
    expect(missed(0.1016, 0.1016)).toBeCloseTo(0.158655 + 0.00135, 5);
  });

  it('finds an edge thin just below what is comfortable', () => {
    const thin = (thinnestMm: number) => chancesOf({ ...whole, thinnestMm }).thin;
    expect([thin(0.89), thin(0.9)]).toEqual([1, 0]);
  });

  it('loses a ring by a crack, a wrinkle, a melt or a slip, whichever comes first, and by nothing else', () => {
    // 1 − 0.9 · 0.8 · 0.5 · 0.5.
    const chances = { crack: 0.1, wrinkle: 0.2, melt: 0.5, slip: 0.5, size: 1, thin: 1 };
    expect(lostChance(chances)).toBeCloseTo(0.82, 12);
  });
});

describe('narrowMost', () => {
  const chances = (widthFrom: Partial<RingChances['widthFrom']>) => {
    const none = { diameter: 0, thickness: 0, hole: 0, centring: 0, reading: 0, share: 0, bench: 0, trim: 0 };
    return { widthMm: { low: 8, middle: 8.5, high: 9 }, widthFrom: { ...none, ...widthFrom } } as RingChances;
  };

  it('names what shares most, and how narrow the width would be without it', () => {
    // √(1 − 0.64) of 1 mm.
    expect(narrowMost(chances({ share: 0.3, thickness: 0.64 }), COIN)).toMatchObject({
      input: 'thickness',
      nowMm: 1,
      thenMm: 0.6,
    });
  });

  it('is silent when it would be narrower by less than a twentieth', () => {
    // √(1 − 0.09) = 0.9539, √(1 − 0.1) = 0.9487.
    expect(narrowMost(chances({ hole: 0.09 }), COIN)).toBeUndefined();
    expect(narrowMost(chances({ hole: 0.1 }), COIN)?.input).toBe('hole');
  });
});
