import * as fc from 'fast-check';
import { circle, fitEllipse, flattened, scaled, tiltDeg, type Ellipse } from './index';

const ellipses = fc
  .record({
    centreX: fc.double({ min: -500, max: 3000, noNaN: true }),
    centreY: fc.double({ min: -500, max: 3000, noNaN: true }),
    majorPx: fc.double({ min: 20, max: 1500, noNaN: true }),
    round: fc.double({ min: 0.7, max: 0.99, noNaN: true }),
    majorDeg: fc.double({ min: 0, max: 179.9, noNaN: true }),
  })
  .map(({ round, ...ellipse }): Ellipse => ({ ...ellipse, minorPx: ellipse.majorPx * round }));

/** Places on an ellipse, by the curve's own definition. */
function onEllipse({ centreX, centreY, majorPx, minorPx, majorDeg }: Ellipse, count: number) {
  const lie = (majorDeg * Math.PI) / 180;
  return Array.from({ length: count }, (_, i) => {
    const turn = (2 * Math.PI * i) / count;
    const [along, across] = [majorPx * Math.cos(turn), minorPx * Math.sin(turn)];
    return {
      x: centreX + along * Math.cos(lie) - across * Math.sin(lie),
      y: centreY + along * Math.sin(lie) + across * Math.cos(lie),
    };
  });
}

describe('an ellipse', () => {
  it('is found again from five of its places or more', () => {
    fc.assert(
      fc.property(ellipses, fc.integer({ min: 5, max: 40 }), (ellipse, count) => {
        const found = fitEllipse(onEllipse(ellipse, count));
        expect(found?.centreX).toBeCloseTo(ellipse.centreX, 3);
        expect(found?.centreY).toBeCloseTo(ellipse.centreY, 3);
        expect((found?.majorPx ?? 0) / ellipse.majorPx).toBeCloseTo(1, 5);
        expect((found?.minorPx ?? 0) / ellipse.minorPx).toBeCloseTo(1, 5);
        const turned = Math.abs((found?.majorDeg ?? 0) - ellipse.majorDeg) % 180;
        expect(Math.min(turned, 180 - turned)).toBeLessThan(0.05);
      }),
    );
  });

  it('heeds what counts, and what does not count not at all', () => {
    const ellipse = { ...circle({ x: 100, y: 80 }, 50), minorPx: 45 };
    const places = [...onEllipse(ellipse, 12), { x: 500, y: 500 }];
    const found = fitEllipse(
      places,
      Float64Array.from(places, (_, i) => (i < 12 ? 1 : 0)),
    );
    expect(found?.majorPx).toBeCloseTo(50, 6);
    expect(found?.minorPx).toBeCloseTo(45, 6);
  });

  it('is none through too few places, or through those of a line or another curve', () => {
    expect(fitEllipse(onEllipse(circle({ x: 0, y: 0 }, 9), 4))).toBeUndefined();
    expect(fitEllipse([1, 2, 3, 4, 5, 6].map((x) => ({ x, y: 2 * x })))).toBeUndefined();
    expect(
      fitEllipse(
        [1, 2, 3, 4, 5].flatMap((x) => [
          { x, y: 9 / x },
          { x: -x, y: -9 / x },
        ]),
      ),
    ).toBeUndefined();
  });

  it('is turned into a circle and back', () => {
    fc.assert(
      fc.property(ellipses, (ellipse) => {
        const { toCircle, toPicture } = flattened(ellipse);
        for (const place of onEllipse(ellipse, 8)) {
          const flat = toCircle(place);
          expect(Math.hypot(flat.x, flat.y)).toBeCloseTo(1, 9);
          const back = toPicture(flat);
          expect(back.x).toBeCloseTo(place.x, 6);
          expect(back.y).toBeCloseTo(place.y, 6);
        }
      }),
    );
  });

  it('tells the tilt of the camera', () => {
    expect(tiltDeg({ ...circle({ x: 0, y: 0 }, 100), minorPx: 100 * Math.cos(Math.PI / 9) })).toBeCloseTo(
      20,
      9,
    );
    expect(tiltDeg(circle({ x: 0, y: 0 }, 100))).toBe(0);
  });
});

describe('an ellipse in a picture of another size', () => {
  it('is as large in the picture as in the smaller one that it was found in', () => {
    const found = circle({ x: 99.5, y: 49.5 }, 40);
    const large = scaled(found, 2);
    expect(large).toMatchObject({ centreX: 199.5, centreY: 99.5, majorPx: 80, minorPx: 80 });
    expect(scaled(large, 0.5)).toEqual(found);
  });
});
