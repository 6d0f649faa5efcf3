import {
  covered,
  endReachMm,
  handleBlank,
  onTop,
  profileOf,
  topRad,
  usedStretch,
  wrapHandle,
  type HandleShape,
} from './index';

const EVEN = profileOf([
  { atMm: 0, thicknessMm: 2 },
  { atMm: 200, thicknessMm: 2 },
]);
const TAPER = profileOf([
  { atMm: 0, thicknessMm: 2.6 },
  { atMm: 40, thicknessMm: 2 },
  { atMm: 120, thicknessMm: 3.8 },
]);
const wrap = (shape: HandleShape, profile = EVEN, startMm = 0) =>
  wrapHandle(profile, usedStretch(profile, startMm, shape), shape);
const STRAIGHT = { insideDiameterMm: 18, style: 'straight' } as const;
const OVERLAP = { insideDiameterMm: 18, style: 'overlap', overlapMm: 12 } as const;
const SPIRAL = { insideDiameterMm: 18, style: 'spiral', turns: 2, pitchMm: 11 } as const;

describe('a handle round a finger', () => {
  it('closes with the length that was worked out for it', () => {
    for (const profile of [EVEN, TAPER]) {
      expect(wrap(STRAIGHT, profile).wholeRad).toBeCloseTo(2 * Math.PI, 4);
      expect(wrap(STRAIGHT, profile, 5).wholeRad).toBeCloseTo(2 * Math.PI, 4);
    }
  });

  it('tells of every place where it comes to lie, and back', () => {
    const { at, placeAt, used } = wrap(STRAIGHT, TAPER);
    for (let share = 0; share <= 1; share += 0.1) {
      const atMm = used.fromMm + share * (used.toMm - used.fromMm);
      expect(placeAt(at(atMm).turnedRad)).toBeCloseTo(atMm, 9);
      expect(at(atMm)).toMatchObject({ innerRadiusMm: 9, climbMm: 0 });
    }
    expect(placeAt(99)).toBe(used.toMm);
  });

  it('has a quarter of itself on top: its middle, or both ends', () => {
    const wrapped = wrap(STRAIGHT);
    // π (18 + 2) long, seen for 45° to both sides.
    const whole = Math.PI * 20;
    expect(topRad(wrapped, 'middle')).toBeCloseTo(Math.PI, 4);
    expect(onTop(wrapped, 'middle')).toEqual([
      { fromMm: expect.closeTo((3 / 8) * whole, 2), toMm: expect.closeTo((5 / 8) * whole, 2) },
    ]);
    const ends = onTop(wrapped, 'ends');
    expect(ends).toHaveLength(2);
    expect(ends[0]).toEqual({ fromMm: 0, toMm: expect.closeTo(whole / 8, 2) });
    expect(ends[1]).toEqual({ fromMm: expect.closeTo((7 / 8) * whole, 2), toMm: expect.closeTo(whole, 2) });
  });

  it('lies on its own back where it overlaps, and hides so much of its first end', () => {
    const wrapped = wrap(OVERLAP);
    const { overlapDeg } = handleBlank(EVEN, 0, OVERLAP);
    expect(((wrapped.wholeRad - 2 * Math.PI) * 180) / Math.PI).toBeCloseTo(overlapDeg, -0.5);
    expect(wrapped.at(wrapped.used.toMm).innerRadiusMm).toBeCloseTo(11, 9);
    expect(wrapped.at(20).innerRadiusMm).toBe(9);
    // 12 mm on a radius of 12 mm are a radian; of the end below, on 10 mm, that is 10 mm.
    expect(covered(wrapped)).toEqual({ fromMm: 0, toMm: expect.closeTo(10, 0) });
    expect(covered(wrap(STRAIGHT))).toBeUndefined();
  });

  it('climbs a pitch with each turn as a spiral, and hides nothing', () => {
    const wrapped = wrap(SPIRAL);
    expect(wrapped.wholeRad).toBeCloseTo(4 * Math.PI, 3);
    expect(wrapped.at(wrapped.used.toMm)).toMatchObject({ climbMm: expect.closeTo(22, 2), innerRadiusMm: 9 });
    expect(wrapped.slopeRad).toBeCloseTo(Math.atan(11 / (2 * Math.PI) / 9), 9);
    expect(covered(wrapped)).toBeUndefined();
    expect(onTop(wrapped, 'ends')).toHaveLength(2);
    expect(onTop(wrapped, 'middle').length).toBeGreaterThanOrEqual(2);
  });
});

describe('the shape of an end', () => {
  it('narrows what is there, near its tip only', () => {
    expect(endReachMm('square', 8, 0)).toEqual({ leftMm: Infinity, rightMm: Infinity });
    // A divider set to 6 mm: at 1 mm from the tip √(36 − 25).
    expect(endReachMm('round', 8, 1).leftMm).toBeCloseTo(Math.sqrt(11), 9);
    expect(endReachMm('round', 8, 1).rightMm).toBeCloseTo(Math.sqrt(11), 9);
    expect(endReachMm('round', 8, 2).leftMm).toBe(Infinity);
    // A mitre of 30° over 8 mm is 4.62 mm long: half of it is cut half-way.
    const half = (8 * Math.tan(Math.PI / 6)) / 2;
    expect(endReachMm('mitred', 8, half).leftMm).toBeCloseTo(0, 9);
    expect(endReachMm('mitred', 8, half).rightMm).toBe(Infinity);
  });
});
