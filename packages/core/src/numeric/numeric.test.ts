import {
  bisect,
  degToRad,
  gammaPlace,
  gammaShareBelow,
  lastAbove,
  lastWhere,
  leastSquares,
  normalPlace,
  normalShareBelow,
  radToDeg,
  smoothStep,
  solveLinear,
  studentPlace,
} from './index';

describe('angles', () => {
  it('are half a turn at π', () => {
    expect(degToRad(180)).toBe(Math.PI);
    expect(radToDeg(Math.PI / 2)).toBe(90);
    expect(radToDeg(degToRad(17))).toBeCloseTo(17, 12);
  });
});

describe('bisect', () => {
  it('finds where a rising function reaches a value', () => {
    // x³ = 2 at 2^(1/3).
    expect(bisect((x) => x ** 3, 2, 0, 10)).toBeCloseTo(1.2599210498948732, 12);
  });

  it('ends at the bracket where the value lies outside it', () => {
    expect(bisect((x) => x, 5, 0, 1)).toBeCloseTo(1, 12);
    expect(bisect((x) => x, -5, 0, 1)).toBeCloseTo(0, 12);
  });
});

describe('lastWhere', () => {
  it('stays on the side where it holds, as near as the halvings allow', () => {
    // Three halvings of 0 to 8 leave steps of 1: the last whole step under 5.5 is 5.
    expect(lastWhere((x) => x < 5.5, 0, 8, 3)).toBe(5);
    expect(lastWhere((x) => x <= 5.5, 0, 8)).toBeCloseTo(5.5, 12);
  });
});

describe('lastAbove', () => {
  it('finds where a function turns negative, upwards and downwards, and stays on this side of it', () => {
    // 2 − x³ at 2^(1/3); x³ − 2 from above.
    const up = lastAbove((x) => 2 - x ** 3, 0, 10, 1e-6);
    expect(up).toBeCloseTo(1.259921, 5);
    expect(2 - up ** 3).toBeGreaterThanOrEqual(0);
    const down = lastAbove((x) => x ** 3 - 2, 10, 0, 1e-6);
    expect(down).toBeCloseTo(1.259921, 5);
    expect(down ** 3 - 2).toBeGreaterThanOrEqual(0);
    expect(lastAbove((x) => 5 - x, 0, 1, 1e-6)).toBe(1);
  });

  it('takes far fewer steps than halving', () => {
    let asked = 0;
    const margin = (x: number) => {
      asked++;
      return 20 - x - 0.02 * x ** 2;
    };
    // 20 − x − x²/50 is zero at 25 (√2.6 − 1) = 15.3113.
    expect(lastAbove(margin, 5, 30, 2e-3)).toBeCloseTo(15.3113, 2);
    // Halving 25 mm to a five-hundredth takes fourteen.
    expect(asked).toBeLessThan(10);
  });
});

describe('linear equations', () => {
  it('are solved, whichever row the pivot stands in', () => {
    const solution = solveLinear(
      [
        [0, 2, 1],
        [1, -2, -3],
        [-1, 1, 2],
      ],
      [-8, 0, 3],
    );
    [-4, -5, 2].forEach((value, i) => expect(solution?.[i]).toBeCloseTo(value, 12));
    expect(
      solveLinear(
        [
          [1, 2],
          [2, 4],
        ],
        [1, 2],
      ),
    ).toBeUndefined();
  });

  it('that are more than the unknowns are met as nearly as can be, by their weights', () => {
    const line = (weights?: readonly number[]) =>
      leastSquares(
        [0, 1, 2, 3].map((x) => [x, 1]),
        [1, 3, 5, 11],
        { weights },
      );
    expect(line()?.[0]).toBeCloseTo(3.2, 12);
    expect(line()?.[1]).toBeCloseTo(0.2, 12);
    expect(line([1, 1, 1, 0])?.[0]).toBeCloseTo(2, 12);
    expect(line([1, 1, 1, 0])?.[1]).toBeCloseTo(1, 12);
  });
});

describe('a smooth step', () => {
  it('is level at both ends and beyond them, and half-way in the middle', () => {
    expect([1, 2, 3, 4, 5].map((value) => smoothStep(2, 4, value))).toEqual([0, 0, 0.5, 1, 1]);
    // A quarter of the way: 3/16 − 2/64.
    expect(smoothStep(2, 4, 2.5)).toBeCloseTo(0.15625, 12);
  });
});

describe('the normal distribution', () => {
  it('has shares below as tables have them', () => {
    // Two-sided 95 %, one and three deviations.
    expect(normalShareBelow(1.959963985)).toBeCloseTo(0.975, 6);
    expect(normalShareBelow(1)).toBeCloseTo(0.8413447, 6);
    expect(normalShareBelow(-3)).toBeCloseTo(0.0013499, 6);
    expect(normalShareBelow(0)).toBeCloseTo(0.5, 7);
  });

  it('has places that are the other way round, in its middle and in its tails', () => {
    expect(normalPlace(0.975)).toBeCloseTo(1.959963985, 7);
    expect(normalPlace(0.01)).toBeCloseTo(-2.326347874, 7);
    expect(normalPlace(0.5)).toBe(0);
    for (const z of [-4, -2.2, -0.3, 0.7, 1.9, 3.1])
      expect(normalPlace(normalShareBelow(z))).toBeCloseTo(z, 3);
  });
});

describe('studentPlace', () => {
  it.each([
    // From printed tables of the distribution.
    [0.95, 3, 2.353363],
    [0.95, 4, 2.131847],
    [0.95, 8, 1.859548],
    [0.975, 10, 2.228139],
    [0.995, 5, 4.032143],
    [0.75, 6, 0.717558],
    [0.95, 48, 1.677224],
    [0.9999, 12, 5.263272],
    [0.9, 3, 1.637744],
    [0.6, 4, 0.270722],
    [0.8, 3, 0.978472],
    [0.99, 4, 3.746947],
    [0.995, 30, 2.749996],
  ])('of %d with %d degrees', (share, degrees, place) => {
    expect(studentPlace(share, degrees)).toBeCloseTo(place, 4);
    expect(studentPlace(1 - share, degrees)).toBeCloseTo(-place, 4);
  });

  it('is the normal distribution’s with many degrees, and rises with the share', () => {
    expect(studentPlace(0.975, 1e6)).toBeCloseTo(1.959964, 4);
    expect(studentPlace(0.5, 8)).toBe(0);
    const places = Array.from({ length: 99 }, (_, i) => studentPlace((i + 1) / 100, 8.5));
    expect(places).toEqual([...places].sort((a, b) => a - b));
  });
});

describe('the gamma distribution', () => {
  it.each([
    // Shape 1 is the exponential: 1 − e^−x.
    [1, 2, 1 - Math.exp(-2)],
    // Shape ½ at x is erf(√x): erf(1).
    [0.5, 1, 0.8427007929497149],
    // Whole shapes are sums of a Poisson's chances: 1 − e^−3 (1 + 3 + 9/2).
    [3, 3, 1 - Math.exp(-3) * 8.5],
    [20, 15, 0.1247812],
  ])('of shape %d holds below %d the share %d', (shape, x, share) => {
    expect(gammaShareBelow(shape, x)).toBeCloseTo(share, 7);
  });

  it('has its places where its shares are', () => {
    for (const shape of [0.2, 1, 4.5, 60]) {
      for (const share of [0.05, 0.5, 0.95]) {
        expect(gammaShareBelow(shape, gammaPlace(shape, 2, share) * 2)).toBeCloseTo(share, 9);
      }
    }
    // The median of an exponential of rate 2: ln 2 / 2.
    expect(gammaPlace(1, 2, 0.5)).toBeCloseTo(Math.LN2 / 2, 9);
    expect(gammaShareBelow(2, 0)).toBe(0);
  });
});
