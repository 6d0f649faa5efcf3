import { arcWidthMm, cutEdge, rimEdge, type CoinRingInput } from '../forming';
import { workingThickness } from '../stock';
import { filedBack, fittedTo, wallOfOutline } from './resume';
import { routeFor } from '../route/test-route';

const INPUT: CoinRingInput = {
  coin: { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 12.5, metal: 'silver-900' },
  holeMm: 11.1,
  targetInsideDiameterMm: 18.9,
  wall: { kind: 'rounded' },
  school: 'over-stretch',
};
const { steps } = routeFor(INPUT);
const indexOf = (kind: string) => steps.findIndex((step) => step.kind === kind);

describe('the wall behind an outline', () => {
  it('is the wall that was drawn, along the whole route', () => {
    const { thicknessMm } = workingThickness(INPUT.coin);
    for (const { outline } of steps.slice(indexOf('fold'))) {
      const wall = wallOfOutline(outline, thicknessMm);
      expect(arcWidthMm(wall)).toBeCloseTo(outline.arcMm.at(-1) ?? 0, 1);
    }
  });

  it('filed back at the cut edge is narrower by what was filed, and its rim stays', () => {
    const outline = steps[indexOf('stretch')]?.outline;
    if (!outline) throw new Error('no stretch');
    const filed = filedBack(outline, 1);
    expect(filed.arcMm.at(-1)).toBeCloseTo((outline.arcMm.at(-1) ?? 0) - 1, 6);
    expect(filed.meanRadiusMm.at(-1)).toBeCloseTo(outline.meanRadiusMm.at(-1) ?? 0, 6);
    expect(filed.meanRadiusMm).toHaveLength(outline.meanRadiusMm.length);
  });

  it('with nothing filed off it is the wall that it was', () => {
    const outline = steps[indexOf('fold')]!.outline;
    const same = filedBack(outline, 0);
    for (const of of ['arcMm', 'meanRadiusMm', 'thicknessMm', 'leanDeg', 'strainLog'] as const) {
      same[of].forEach((value, i) => expect(value).toBeCloseTo(outline[of][i]!, 2));
    }
  });

  it('is swung and shifted to what was read, in between in proportion', () => {
    const wall = wallOfOutline(steps[indexOf('fold')]!.outline, workingThickness(INPUT.coin).thicknessMm);
    const [cut, rim] = [cutEdge(wall).insideDiameterMm + 0.5, rimEdge(wall).insideDiameterMm - 0.3];
    const fitted = fittedTo(wall, { cutInsideDiameterMm: cut, rimInsideDiameterMm: rim });
    expect(cutEdge(fitted).insideDiameterMm).toBeCloseTo(cut, 2);
    expect(rimEdge(fitted).insideDiameterMm).toBeCloseTo(rim, 2);
    // The middle goes half the sum of both ways: (0.25 − 0.15)/2 = 0.05 mm of radius.
    const middle = (wall.meanRadiusMm.length - 1) / 2;
    expect(fitted.meanRadiusMm[middle]! - wall.meanRadiusMm[middle]!).toBeCloseTo(0.05, 1);
  });
});
