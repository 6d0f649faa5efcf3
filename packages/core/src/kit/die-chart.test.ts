import * as fc from 'fast-check';
import { chartsFor, dieCurve, revealFor, type DieChart, type DieObservation } from './die-chart';

const SEEN: readonly DieObservation[] = [
  { reveal: 1, insideDiameterMm: 18.2 },
  { reveal: 3, insideDiameterMm: 18.9 },
  { reveal: 6, insideDiameterMm: 19.3 },
];
const observations = fc.array(
  fc.record({
    reveal: fc.integer({ min: 0, max: 12 }),
    insideDiameterMm: fc.double({ min: 15, max: 22, noNaN: true }),
  }),
  { minLength: 1, maxLength: 12 },
);

describe('dieCurve', () => {
  it('goes through what was seen', () => {
    const curve = dieCurve(SEEN);
    for (const { reveal, insideDiameterMm } of SEEN) {
      expect(curve.find((point) => point.reveal === reveal)?.insideDiameterMm).toBeCloseTo(
        insideDiameterMm,
        9,
      );
    }
  });

  it('never falls, whatever was seen', () => {
    fc.assert(
      fc.property(observations, (seen) => {
        const sizes = dieCurve(seen).map(({ insideDiameterMm }) => insideDiameterMm);
        sizes.slice(1).forEach((size, i) => expect(size).toBeGreaterThanOrEqual((sizes[i] ?? 0) - 1e-9));
      }),
    );
  });

  it('averages repeats and readings that contradict each other', () => {
    const curve = dieCurve([
      { reveal: 2, insideDiameterMm: 18 },
      { reveal: 2, insideDiameterMm: 18.4 },
      { reveal: 4, insideDiameterMm: 18.0 },
    ]);
    expect(new Set(curve.map(({ insideDiameterMm }) => insideDiameterMm.toFixed(6)))).toEqual(
      new Set(['18.133333']),
    );
  });
});

describe('revealFor', () => {
  it('finds the mark between observations, and the marks themselves', () => {
    expect(revealFor(SEEN, 18.9)?.reveal).toBeCloseTo(3, 6);
    const between = revealFor(SEEN, 18.6);
    expect(between?.extrapolated).toBe(false);
    expect(between?.reveal).toBeGreaterThan(1);
    expect(between?.reveal).toBeLessThan(3);
  });

  it('says so outside them, and never asks for less than none', () => {
    expect(revealFor(SEEN, 19.6)).toMatchObject({ extrapolated: true });
    expect(revealFor(SEEN, 19.6)?.reveal).toBeGreaterThan(6);
    expect(revealFor(SEEN, 10)).toEqual({ reveal: 0, extrapolated: true });
  });

  it('cannot tell from one observation, except that very size', () => {
    const one = SEEN.slice(0, 1);
    expect(revealFor(one, 18.2)).toEqual({ reveal: 1, extrapolated: false });
    expect(revealFor(one, 18.5)).toBeUndefined();
    expect(revealFor([], 18.5)).toBeUndefined();
  });

  it('inverts the curve', () => {
    fc.assert(
      fc.property(fc.double({ min: 18.2, max: 19.3, noNaN: true }), (size) => {
        const reveal = revealFor(SEEN, size)?.reveal ?? 0;
        const around = dieCurve(SEEN);
        const above = around.findIndex((point) => point.reveal >= reveal - 1e-9);
        expect(around[above]?.insideDiameterMm).toBeGreaterThanOrEqual(size - 0.02);
      }),
    );
  });
});

describe('chartsFor', () => {
  it('takes charts of the same metal and nearly the same diameter', () => {
    const chart: DieChart = {
      metal: 'silver-900',
      coinDiameterMm: 37.7,
      die: 'long',
      pusherMm: 19,
      observations: SEEN,
    };
    const charts = [chart, { ...chart, metal: 'copper' as const }, { ...chart, coinDiameterMm: 34 }];
    expect(chartsFor(charts, { metal: 'silver-900', diameterMm: 38.5 })).toEqual([chart]);
  });
});
