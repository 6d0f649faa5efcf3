import { offShare, takePhotograph, type Photograph } from '../testing/test-photograph';
import { normalDeviate, runToEnd, seededRandom } from '../uncertainty';
import { findRim, flattened, meanRadiusPx, squareFace, tiltDeg, type Ellipse, type RgbaImage } from './index';

/** A picture whose shades follow from the place. */
function pictureOf(widthPx: number, heightPx: number, shade: (x: number, y: number) => number): RgbaImage {
  const rgba = new Uint8ClampedArray(4 * widthPx * heightPx);
  for (let i = 0; i < widthPx * heightPx; i++) {
    const value = shade(i % widthPx, Math.floor(i / widthPx));
    rgba.set([value, value, value, 255], 4 * i);
  }
  return { widthPx, heightPx, rgba };
}

/** As many generated photographs as are looked at here; `npm run bench` tells of a hundred. */
const PHOTOGRAPHS = 8;

describe('the rim of a piece in a photograph', () => {
  it('is found within half a hundredth of its radius in 95 of 100; where it is not, that is said', () => {
    const results = Array.from({ length: PHOTOGRAPHS }, (_, n) => {
      const { image, rim } = takePhotograph({ seed: n + 1 });
      const found = findRim(image);
      return { seed: n + 1, sure: found?.sure ?? false, off: found ? offShare(found.ellipse, rim) : 1 };
    });
    const wrong = results.filter(({ off }) => off > 0.005);
    expect(wrong.length).toBeLessThanOrEqual(0.05 * PHOTOGRAPHS);
    expect(wrong.filter(({ sure }) => sure)).toEqual([]);
    expect(results.filter(({ sure }) => sure).length).toBeGreaterThan(0.6 * PHOTOGRAPHS);
  });

  it('is found in a large picture, as a phone takes it, and its tilt with it', () => {
    const { image, rim } = takePhotograph({ seed: 5, widthPx: 1600, heightPx: 1200, shakePx: 5 });
    const found = findRim(image);
    expect(found?.sure).toBe(true);
    expect(found && offShare(found.ellipse, rim)).toBeLessThan(0.005);
    expect(Math.abs(tiltDeg(found?.ellipse ?? rim) - tiltDeg(rim))).toBeLessThan(2);
  });

  it('is not made up where there is nothing round', () => {
    const random = seededRandom(7);
    const nothing = [
      pictureOf(400, 300, () => 128),
      pictureOf(400, 300, () => 128 + 20 * normalDeviate(random)),
      pictureOf(400, 300, (x, y) => (((x >> 5) + (y >> 5)) % 2 === 0 ? 60 : 190)),
      pictureOf(1, 1, () => 128),
      pictureOf(300, 2, (x) => x % 256),
    ];
    for (const image of nothing) expect(findRim(image)?.sure ?? false).toBe(false);
  });
});

/** Where the top of a photographed face is, clockwise from straight up once its tilt is taken out. */
function topDegOf({ rim, toPicture }: Photograph): number {
  const { x, y } = flattened(rim).toCircle(toPicture({ x: 0, y: -1 }));
  return (Math.atan2(x, -y) * 180) / Math.PI;
}

/** How alike two rows of numbers are, 1 for the same up to scale. */
function likeness(a: readonly number[], b: readonly number[]): number {
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
  const [meanA, meanB] = [mean(a), mean(b)];
  const product = (p: readonly number[], meanP: number, q: readonly number[], meanQ: number) =>
    p.reduce((sum, value, i) => sum + (value - meanP) * ((q[i] ?? 0) - meanQ), 0);
  return product(a, meanA, b, meanB) / Math.sqrt(product(a, meanA, a, meanA) * product(b, meanB, b, meanB));
}

describe('a face out of a photograph', () => {
  it('is seen straight on, its top up', () => {
    for (const seed of [2, 8]) {
      // A camera near by draws the nearer side larger, too: what is left of that counts little here.
      const photograph = takePhotograph({ seed, mostTiltDeg: 4 });
      const found = findRim(photograph.image);
      const rim = found?.ellipse ?? photograph.rim;
      const sidePx = 256;
      const { rgba, widthPx } = runToEnd(squareFace(photograph.image, rim, topDegOf(photograph), sidePx));
      expect(widthPx).toBe(sidePx);
      const seen: number[] = [];
      const drawn: number[] = [];
      let misplaced = 0;
      for (let i = 0; i < sidePx * sidePx; i++) {
        const x = (2 * (i % sidePx) + 1) / sidePx - 1;
        const y = (2 * Math.floor(i / sidePx) + 1) / sidePx - 1;
        const far = Math.hypot(x, y);
        if (rgba[4 * i + 3] !== (far <= 1 ? 255 : 0)) misplaced += 1;
        // The light on it changes slowly; here it is what is drawn that counts.
        if (far < 0.5 || (far > 0.66 && far < 0.86)) {
          seen.push(rgba[4 * i] ?? 0);
          drawn.push(photograph.shadeAt({ x, y }));
        }
      }
      expect(misplaced).toBe(0);
      expect(likeness(seen, drawn)).toBeGreaterThan(0.6);
      const turned = drawn.map((_, i) => drawn[(i + 4000) % drawn.length] ?? 0);
      expect(likeness(seen, turned)).toBeLessThan(0.3);
    }
  });

  it('keeps every colour where nothing is tilted', () => {
    const image = pictureOf(64, 64, (x, y) => 2 * x + y);
    const rim: Ellipse = { centreX: 31.5, centreY: 31.5, majorPx: 32, minorPx: 32, majorDeg: 0 };
    const { rgba } = runToEnd(squareFace(image, rim, 0, 64));
    const turned = runToEnd(squareFace(image, rim, 90, 64)).rgba;
    expect(rgba[4 * (20 * 64 + 40)]).toBe(100);
    // What lies to the right of the middle is up once the right is the top.
    expect(turned[4 * (20 * 64 + 31)]).toBe(rgba[4 * (31 * 64 + 43)]);
    expect(meanRadiusPx(rim)).toBe(32);
  });
});
