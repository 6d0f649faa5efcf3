import { filingPath, landPoint } from './coin/land-shape';
import { spreadPath, spreadScale } from './chance/spread-shape';
import { chartScale, curvePath } from './die-chart/chart-shape';

describe('the spread of sizes', () => {
  const bins = [
    { from: 18.7, to: 18.8, count: 2 },
    { from: 18.8, to: 18.9, count: 8 },
    { from: 18.9, to: 19.0, count: 4 },
  ];
  const { x, y } = spreadScale(bins, 18.9, 300, 90);

  it('has the target in the middle and the tallest bin at the top', () => {
    expect(x(18.9)).toBeCloseTo(150, 6);
    expect(y(8)).toBeLessThan(y(4));
    expect(y(0)).toBe(90);
    expect(x(18.9 + 0.4064)).toBeLessThanOrEqual(290 + 1e-6);
  });

  it('is a closed hill, and nothing without bins', () => {
    expect(spreadPath(bins, x, y, 90)).toMatch(/^M.*Z$/);
    expect(spreadPath([], x, y, 90)).toBe('');
  });
});

describe('the die chart', () => {
  const seen = [
    { reveal: 1, insideDiameterMm: 18.2 },
    { reveal: 6, insideDiameterMm: 19.3 },
  ];

  it('shows all that was seen and wanted, with half sizes as ticks', () => {
    const scale = chartScale(seen, { reveal: 8, insideDiameterMm: 19.9 }, 300, 200);
    expect(scale.x(8)).toBeLessThanOrEqual(scale.box.right);
    expect(scale.y(19.9)).toBeGreaterThan(scale.box.top);
    expect(scale.y(18.2)).toBeLessThan(scale.box.bottom);
    scale.sizeTicksMm
      .slice(1)
      .forEach((mm, i) => expect(mm - (scale.sizeTicksMm[i] ?? 0)).toBeCloseTo(0.4064, 6));
    expect(scale.revealTicks).toEqual([0, 2, 4, 6, 8]);
    expect(curvePath(seen, scale.x, scale.y)).toMatch(/^M[\d.]+,[\d.]+L[\d.]+,[\d.]+$/);
  });
});

describe('the punched coin', () => {
  it('has its top at 12 and goes clockwise', () => {
    expect(landPoint(100, 0, 50)).toEqual({ x: 100, y: 50 });
    const three = landPoint(100, 90, 50);
    expect(three.x).toBeCloseTo(150, 9);
    expect(three.y).toBeCloseTo(100, 9);
  });

  it('files a crescent: full depth at the wide side, none at right angles to it', () => {
    const path = filingPath({ x: 0, y: 0 }, 40, 0, 8);
    const points = [...path.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, x, y]) =>
      Math.hypot(Number(x), Number(y)),
    );
    expect(Math.max(...points)).toBeCloseTo(48, 1);
    expect(Math.min(...points)).toBeCloseTo(40, 1);
    expect(points[0]).toBeCloseTo(40, 1);
  });
});
