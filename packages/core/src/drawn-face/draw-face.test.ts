import { drawFace, faceHeights, MOTIFS, type FaceDesign } from './index';
import { letterOf } from './letters';

const SIDE = 256;
const PLAIN: FaceDesign = {
  border: 'beads',
  legends: [],
  lines: [],
  motif: 'rose',
  motifAt: { y: 0, scale: 0.6 },
};

/** Height at a place of the face: so far from its middle, clockwise from its top. */
function at(height: Float32Array, far: number, deg: number): number {
  const angle = (deg * Math.PI) / 180;
  const column = Math.floor(((1 + far * Math.sin(angle)) / 2) * SIDE);
  const row = Math.floor(((1 - far * Math.cos(angle)) / 2) * SIDE);
  return height[row * SIDE + column] ?? NaN;
}

/** How much of the ring that legends stand in is raised between two angles. */
function raised(height: Float32Array, fromDeg: number, toDeg: number): number {
  let sum = 0;
  let count = 0;
  for (let deg = fromDeg; deg < toDeg; deg += 0.5) {
    for (let far = 0.72; far < 0.85; far += 0.01) {
      sum += at(height, far, deg);
      count += 1;
    }
  }
  return sum / count;
}

describe('a drawn face', () => {
  it('has a raised rim, a bead every so often, and a field as high as nothing', () => {
    const { height } = faceHeights(PLAIN, SIDE);
    expect(at(height, 0.98, 0)).toBeCloseTo(1, 2);
    expect(at(height, 0.98, 117)).toBeCloseTo(1, 2);
    expect(at(height, 0.8, 50)).toBe(0);
    const round = Array.from({ length: 720 }, (_, i) => at(height, 0.915, i / 2) > 0.4);
    const beads = round.filter((isHigh, i) => isHigh && !round[(i + 719) % 720]).length;
    expect(beads).toBe(96);
  });

  it('has its legend where it was put, its feet towards the middle', () => {
    const { height } = faceHeights({ ...PLAIN, legends: [{ text: 'LLLL', middleDeg: 90 }] }, SIDE);
    expect(raised(height, 70, 110)).toBeGreaterThan(0.05);
    expect(raised(height, 180, 360)).toBe(0);
    // An L has most of its metal at its foot.
    const along = (far: number) => {
      let sum = 0;
      for (let deg = 70; deg < 110; deg += 0.25) sum += at(height, far, deg);
      return sum;
    };
    expect(along(0.72)).toBeGreaterThan(1.5 * along(0.83));
  });

  it('stands a straight line upright across', () => {
    const { height } = faceHeights({ ...PLAIN, lines: [{ text: 'III', y: -0.6, height: 0.15 }] }, SIDE);
    const column = (x: number, y: number) =>
      height[Math.floor(((1 - y) / 2) * SIDE) * SIDE + Math.floor(((1 + x) / 2) * SIDE)] ?? NaN;
    expect(column(0, -0.53)).toBeGreaterThan(0.9);
    expect(column(0, -0.53)).toBeCloseTo(column(0, -0.48), 1);
    expect(column(0.3, -0.53)).toBe(0);
  });

  it.each(MOTIFS)('draws a %s within the legend, unlike the others', (motif) => {
    const { height } = faceHeights({ ...PLAIN, motif, motifAt: { y: 0, scale: 1 } }, SIDE);
    const inner = height.filter((_, i) => {
      const [x, y] = [(2 * (i % SIDE)) / SIDE - 1, (2 * Math.floor(i / SIDE)) / SIDE - 1];
      return Math.hypot(x, y) < 0.69;
    });
    const share = inner.reduce((sum, value) => sum + value, 0) / inner.length;
    expect(share).toBeGreaterThan(0.03);
    expect(share).toBeLessThan(0.45);
    expect(raised(height, 0, 360)).toBeLessThan(0.02);
  });

  it('is lighter where it is raised, and see-through beyond the rim', () => {
    const { rgba } = drawFace(PLAIN, SIDE, [200, 100, 50]);
    const pixel = (far: number, deg: number) => {
      const angle = (deg * Math.PI) / 180;
      const column = Math.floor(((1 + far * Math.sin(angle)) / 2) * SIDE);
      const row = Math.floor(((1 - far * Math.cos(angle)) / 2) * SIDE);
      return [...rgba.subarray(4 * (row * SIDE + column), 4 * (row * SIDE + column) + 4)];
    };
    const [field, rim] = [pixel(0.8, 50), pixel(0.98, 90)];
    expect(field).toEqual([132, 66, 33, 255]);
    expect(rim[0]).toBeGreaterThan(185);
    expect((rim[0] ?? 0) / (rim[2] ?? 1)).toBeCloseTo(4, 1);
    expect([...rgba.subarray(0, 4)]).toEqual([0, 0, 0, 0]);
  });

  it('knows every letter and figure, each of its own width', () => {
    for (const sign of 'ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789') {
      const { lines, width } = letterOf(sign);
      const spots = lines.flatMap((line) => line.spots);
      expect(spots.length).toBeGreaterThan(1);
      for (const [x, y] of spots) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x).toBeLessThanOrEqual(width);
        expect(y).toBeGreaterThanOrEqual(-0.5);
        expect(y).toBeLessThanOrEqual(6);
      }
    }
    expect(letterOf('§').lines).toEqual([]);
  });
});
