import { photographHandle } from '../testing/test-handle-photo';
import { runToEnd } from '../uncertainty';
import { findOutline, straightStrip, type RgbaImage } from './index';

function plain(widthPx: number, heightPx: number, shadeAt: (x: number, y: number) => number): RgbaImage {
  const rgba = new Uint8ClampedArray(4 * widthPx * heightPx).fill(255);
  for (let i = 0; i < widthPx * heightPx; i++)
    rgba.fill(shadeAt(i % widthPx, Math.floor(i / widthPx)), 4 * i, 4 * i + 3);
  return { widthPx, heightPx, rgba };
}

const apart = (a: { x: number; y: number }, b: { x: number; y: number }) => Math.hypot(a.x - b.x, a.y - b.y);

describe('the outline of a long piece in a photograph', () => {
  it('is found with both ends and its widths, on dark ground and on light', () => {
    for (let seed = 1; seed <= 6; seed++) {
      const { image, tip, end, pxPerMm, halfMm } = photographHandle(seed);
      const found = findOutline(image);
      expect(found?.sure).toBe(true);
      if (!found) return;
      expect(apart(found.tip, tip) / pxPerMm).toBeLessThan(1.2);
      expect(apart(found.end, end) / pxPerMm).toBeLessThan(1.2);
      const lengthMm = apart(tip, end) / pxPerMm;
      for (const { share, leftPx, rightPx } of found.outline.slice(6, -6)) {
        expect(Math.abs((leftPx + rightPx) / pxPerMm - 2 * halfMm(share * lengthMm))).toBeLessThan(0.7);
      }
    }
  });

  it('is not sure of what is cut off by the frame, or lies beside something as large', () => {
    const bar = (y: number, from: number, to: number) => (x: number, row: number) =>
      row >= y && row < y + 30 && x >= from && x < to ? 200 : 60;
    expect(findOutline(plain(600, 400, bar(180, 100, 500)))?.sure).toBe(true);
    expect(findOutline(plain(600, 400, bar(180, 100, 600)))?.sure).toBe(false);
    const two = (x: number, y: number) => Math.max(bar(100, 100, 500)(x, y), bar(250, 100, 480)(x, y));
    expect(findOutline(plain(600, 400, two))?.sure).toBe(false);
    // As wide as it is long: no handle.
    expect(findOutline(plain(600, 400, (x, y) => (Math.hypot(x - 300, y - 200) < 90 ? 200 : 60)))?.sure).toBe(
      false,
    );
  });

  it('measures a bar to the pixel, its tip at the left', () => {
    const found = findOutline(
      plain(600, 400, (x, y) => (y >= 180 && y < 210 && x >= 100 && x < 500 ? 200 : 60)),
    );
    expect(found?.tip).toEqual({ x: expect.closeTo(100, 6), y: expect.closeTo(195, 6) });
    expect(found?.end).toEqual({ x: expect.closeTo(500, 6), y: expect.closeTo(195, 6) });
    expect(found?.outline[16]).toEqual({
      share: expect.closeTo(0.5, 9),
      leftPx: expect.closeTo(15, 6),
      rightPx: expect.closeTo(15, 6),
    });
  });

  it('is none on empty ground', () => {
    expect(findOutline(plain(300, 200, () => 128))).toBeNull();
    expect(findOutline(plain(4, 4, () => 128))).toBeNull();
  });
});

describe('a long piece laid straight', () => {
  it('runs from its tip at the left to its end, what lay on its left at the top', () => {
    // Upright in the picture, tip below: its left is the picture's left.
    const shade = (x: number, y: number) => (x < 50 ? 40 : 160) + (y < 100 ? 60 : 0);
    const strip = runToEnd(
      straightStrip(
        plain(100, 200, shade),
        { tip: { x: 50, y: 190 }, end: { x: 50, y: 10 }, acrossPx: 60 },
        90,
      ),
    );
    expect([strip.widthPx, strip.heightPx]).toEqual([90, 30]);
    const at = (column: number, row: number) => strip.rgba[4 * (row * 90 + column)];
    expect([at(2, 2), at(2, 27), at(87, 2), at(87, 27)]).toEqual([40, 160, 100, 220]);
  });
});
