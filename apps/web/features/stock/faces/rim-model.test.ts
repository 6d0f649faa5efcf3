import { circle, flattened, type Ellipse } from '@round-mint/core/photo';
import { handleAt, HANDLES, middleCircle, moved, pulled, rimFields, topAt, topDegOf } from './rim-model';

const RIM: Ellipse = { centreX: 400, centreY: 300, majorPx: 200, minorPx: 180, majorDeg: 30 };

describe('a rim with handles', () => {
  it('has four of them on it', () => {
    const { toCircle } = flattened(RIM);
    for (const handle of HANDLES) {
      const { x, y } = toCircle(handleAt(RIM, handle));
      expect(Math.hypot(x, y)).toBeCloseTo(1, 9);
    }
  });

  it.each(HANDLES)('keeps what lies across from %s where it is when that is pulled', (handle) => {
    const across = HANDLES[(HANDLES.indexOf(handle) + 2) % 4] ?? 'long';
    const before = handleAt(RIM, across);
    const at = handleAt(RIM, handle);
    const out = { x: at.x + (at.x - RIM.centreX) * 0.05, y: at.y + (at.y - RIM.centreY) * 0.05 };
    const after = pulled(RIM, handle, out);
    const { toCircle } = flattened(after);
    const still = toCircle(before);
    expect(Math.hypot(still.x, still.y)).toBeCloseTo(1, 6);
    const pulledTo = toCircle(out);
    expect(Math.hypot(pulledTo.x, pulledTo.y)).toBeCloseTo(1, 6);
  });

  it('turns with the end of its longest way, and keeps that the longer one', () => {
    const turned = pulled(RIM, 'long', { x: RIM.centreX, y: RIM.centreY + 260 });
    expect(turned.majorDeg).not.toBeCloseTo(30, 0);
    const flat = pulled(RIM, 'short', { x: RIM.centreX - 260, y: RIM.centreY + 450 });
    expect(flat.majorPx).toBeGreaterThan(flat.minorPx);
    expect(flat.majorDeg).toBe(120);
  });

  it('never shrinks to nothing', () => {
    const small = pulled(RIM, 'short', { x: RIM.centreX, y: RIM.centreY - 500 });
    expect(small.minorPx).toBe(20);
  });

  it('moves as a whole, and starts in the middle where nothing was found', () => {
    expect(moved(RIM, { x: 10, y: 20 })).toEqual({ ...RIM, centreX: 10, centreY: 20 });
    expect(middleCircle(800, 600)).toEqual(circle({ x: 400, y: 300 }, 240));
  });

  it.each([0, 45, -120])('knows where the top of a face is that is turned by %s°', (topDeg) => {
    expect(topDegOf(RIM, topAt(RIM, topDeg))).toBeCloseTo(topDeg, 9);
  });

  it('is told as the interface takes it', () => {
    expect(rimFields(RIM, 370)).toEqual({
      centreX: 400,
      centreY: 300,
      radius: 200,
      tilt: { deg: expect.closeTo(25.84, 2), longestDeg: 30 },
      topDeg: 10,
    });
  });
});
