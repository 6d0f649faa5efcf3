import {
  acrossPicture,
  GRIPS,
  nearestGrip,
  outlineOfStations,
  outlinePathOf,
  placeOf,
  pulledOutline,
  topFields,
  turnedOutline,
} from './outline-model';

const STATIONS = [
  { atMm: 0, thicknessMm: 2, widthMm: 20 },
  { atMm: 100, thicknessMm: 3, widthMm: 10 },
];
/** 800 px for 100 mm: 8 px a mm, lying level at half the height. */
const LEVEL = outlineOfStations(STATIONS, acrossPicture(1000, 400));

describe('the outline of a handle in its photograph', () => {
  it('begins as the stations tell it', () => {
    expect(LEVEL.tip).toEqual({ x: 100, y: 200 });
    expect(LEVEL.outline[16]).toEqual({ share: expect.closeTo(0.5, 9), leftPx: 60, rightPx: 60 });
    // To its left is above.
    expect(placeOf(LEVEL, { kind: 'left', place: 16 })).toEqual({
      x: expect.closeTo(500, 6),
      y: expect.closeTo(140, 6),
    });
    expect(outlinePathOf(LEVEL, 0.5)).toMatch(/^M50\.0 60\.0L.*Z$/);
  });

  it('is pulled by the nearest grip: an end, or a side with what lies near it', () => {
    expect(nearestGrip(LEVEL, { x: 110, y: 205 })).toEqual({ kind: 'tip' });
    const grip = nearestGrip(LEVEL, placeOf(LEVEL, { kind: 'right', place: 12 }));
    expect(grip).toEqual({ kind: 'right', place: 12 });
    const at = placeOf(LEVEL, grip);
    const pulled = pulledOutline(LEVEL, grip, { x: at.x + 30, y: at.y + 16 });
    const wider = (place: number) =>
      (pulled.outline[place]?.rightPx ?? 0) - (LEVEL.outline[place]?.rightPx ?? 0);
    expect([wider(12), wider(16), wider(20), wider(4)].map(Math.round)).toEqual([16, 8, 0, 0]);
    expect(pulled.outline[12]?.leftPx).toBe(LEVEL.outline[12]?.leftPx);
    expect(pulledOutline(LEVEL, { kind: 'end' }, { x: 880, y: 190 }).end).toEqual({ x: 880, y: 190 });
    // A side never goes past the middle line.
    const through = pulledOutline(LEVEL, grip, { x: at.x, y: -900 });
    expect(through.outline[12]?.rightPx).toBe(0);
    expect(GRIPS).toHaveLength(10);
  });

  it('turned round is the same line in the picture', () => {
    const turned = turnedOutline(LEVEL);
    expect(turned.tip).toEqual(LEVEL.end);
    const before = placeOf(LEVEL, { kind: 'left', place: 4 });
    const after = placeOf(turned, { kind: 'right', place: 28 });
    expect(after).toEqual({ x: expect.closeTo(before.x, 6), y: expect.closeTo(before.y, 6) });
  });

  it('is sent in pixels of the photograph and shares of the length', () => {
    const { place, outline } = topFields(LEVEL);
    expect(place).toEqual({ tipX: 100, tipY: 200, endX: 900, endY: 200, acrossPx: 192 });
    expect(outline[0]).toEqual({ at: 0, left: 0.1, right: 0.1 });
    expect(outline.at(-1)).toEqual({ at: 1, left: 0.05, right: 0.05 });
  });
});
