import { findRim, squareFace } from '../photo';
import { face } from '../testing/test-ring';
import { runToEnd } from '../uncertainty';
import { photographed } from './index';

/** How alike two pictures are in their greens, where both are a face; 1 for the same up to light. */
function likeness(a: Uint8ClampedArray, b: Uint8ClampedArray, sidePx: number): number {
  const both: (readonly [number, number])[] = [];
  for (let i = 0; i < sidePx * sidePx; i += 7) {
    const [x, y] = [(i % sidePx) / sidePx - 0.5, Math.floor(i / sidePx) / sidePx - 0.5];
    if (Math.hypot(x, y) < 0.46) both.push([a[4 * i + 1] ?? 0, b[4 * i + 1] ?? 0]);
  }
  const mean = (n: 0 | 1) => both.reduce((sum, pair) => sum + pair[n], 0) / both.length;
  const [meanA, meanB] = [mean(0), mean(1)];
  const sum = (of: (x: number, y: number) => number) =>
    both.reduce((total, [x, y]) => total + of(x - meanA, y - meanB), 0);
  return sum((x, y) => x * y) / Math.sqrt(sum((x) => x * x) * sum((_, y) => y * y));
}

describe('a drawn face as a photograph', () => {
  it('comes back square, its top up, and is the same face', () => {
    for (const seed of [1, 2]) {
      const { image, rim, topDeg } = photographed(face, seed, 640);
      const square = runToEnd(squareFace(image, rim, topDeg, face.widthPx));
      const same = likeness(square.rgba, face.rgba, face.widthPx);
      expect(same).toBeGreaterThan(0.6);
      const turned = runToEnd(squareFace(image, rim, topDeg + 40, face.widthPx));
      expect(likeness(turned.rgba, face.rgba, face.widthPx)).toBeLessThan(same - 0.1);
    }
  });

  it('has a rim that is found in it, and is another one with another seed', () => {
    const { image, rim } = photographed(face, 3, 640);
    const found = findRim(image)?.ellipse;
    expect(found?.majorPx).toBeCloseTo(rim.majorPx, -0.7);
    const sum = (rgba: Uint8ClampedArray) =>
      rgba.reduce((total, value, i) => total + value * (1 + (i % 7)), 0);
    expect(sum(photographed(face, 3, 640).image.rgba)).toBe(sum(image.rgba));
    expect(photographed(face, 4, 640).rim).not.toEqual(rim);
  });
});
