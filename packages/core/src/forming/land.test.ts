import * as fc from 'fast-check';
import { heightVariationMm, judgeLand } from './index';

/** Readings of a hole whose wide side is at a direction. */
function readingsOf(meanMm: number, eccentricityMm: number, wideDeg: number, count: number) {
  return Array.from({ length: count }, (_, i) => {
    const angleDeg = (360 / count) * i;
    return { angleDeg, mm: meanMm + eccentricityMm * Math.cos(((angleDeg - wideDeg) * Math.PI) / 180) };
  });
}

describe('judgeLand', () => {
  it('recovers eccentricity and direction from any even set of readings', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.05, max: 0.6, noNaN: true }),
        fc.double({ min: 0, max: 359, noNaN: true }),
        fc.integer({ min: 4, max: 12 }),
        (e, direction, count) => {
          const land = judgeLand(30, 12.7, readingsOf(8.65, e, direction, count));
          expect(land.eccentricityMm).toBeCloseTo(e, 6);
          const apart = Math.abs(land.wideAngleDeg - direction) % 360;
          expect(Math.min(apart, 360 - apart)).toBeLessThan(1e-4);
          expect(land.differenceMm).toBeCloseTo(2 * e, 6);
          expect(land.ok).toBe(2 * e <= 0.5);
        },
      ),
    );
  });

  it('forgives half a millimetre', () => {
    const land = judgeLand(30, 12.7, readingsOf(8.65, 0.2, 90, 4));
    expect(land).toMatchObject({ ok: true, fileDepthMm: 0, newHoleMm: 12.7, wideClock: '3:00' });
  });

  it('files the wide side, or punches again with the next punch that cleans it up', () => {
    const land = judgeLand(30, 12.7, readingsOf(8.65, 0.5, 60, 8), [11.1, 12.7, 13.5, 14.3, 15.9]);
    expect(land.ok).toBe(false);
    expect(land.fileDepthMm).toBeCloseTo(1, 6);
    expect(land.newHoleMm).toBeCloseTo(13.7, 6);
    expect(land.repunchMm).toBe(14.3);
    expect(land.message).toMatch(/2:00/);
  });

  it('punches again with the smallest that is wide enough, and never with one as wide as the piece', () => {
    const readings = readingsOf(8.65, 0.5, 60, 8);
    expect(judgeLand(30, 12.7, readings, [31, 30]).repunchMm).toBeUndefined();
    expect(judgeLand(30, 12.7, readings, [29.9, 31]).repunchMm).toBe(29.9);
    // As they lie in the kit: in no order.
    expect(judgeLand(30, 12.7, readings, [15.9, 14.3, 13.6]).repunchMm).toBe(14.3);
    expect(judgeLand(30, 12.7, readings).message).toBe(
      'File the wide side at 2:00 by up to 1.00 mm; the hole becomes 13.70 mm.',
    );
    expect(judgeLand(30, 12.7, readings, [14.3]).message).toMatch(/, or punch again at 14\.3 mm\.$/);
  });

  it('asks to measure a pair again that does not add up, before anything is filed', () => {
    const readings = readingsOf(8.65, 0.5, 60, 8).map((reading, i) =>
      i === 1 ? { ...reading, mm: reading.mm + 0.5 } : reading,
    );
    const land = judgeLand(30, 12.7, readings);
    expect(land.ok).toBe(false);
    expect(land.fileDepthMm).toBe(0);
    expect(land.remeasure.map(({ angleDeg }) => angleDeg)).toEqual([45, 225]);
  });

  it('refuses readings that tell no direction', () => {
    const same = Array.from({ length: 4 }, () => ({ angleDeg: 10, mm: 8 }));
    expect(() => judgeLand(30, 12.7, same)).toThrow(/spread/);
  });

  it('says how uneven the band would be', () => {
    expect(heightVariationMm(0.5, 10.3, 6.35, 0.5)).toBeCloseTo(Math.sqrt(6.35 / 10.3), 9);
  });
});
