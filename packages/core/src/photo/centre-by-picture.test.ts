import { judgeLand, landAt } from '../forming';
import { takePhotograph } from '../testing/test-photograph';
import { offByMm, takePunched } from '../testing/test-punched';
import { centreByPicture } from './index';

/** Small, so that small pictures show 20 pixels to the millimetre. */
const DIAMETER_MM = 12;
const SIZE = { widthPx: 700, heightPx: 560 } as const;
/** As many generated photographs as are looked at here; `npm run bench` tells of a hundred. */
const PHOTOGRAPHS = 4;

describe('the middle of a hole, by a photograph', () => {
  it('is told within 0.08 mm, and no finer than it is known, by most pictures from above', () => {
    const told = Array.from({ length: PHOTOGRAPHS }, (_, n) => {
      const punched = takePunched(DIAMETER_MM, { ...SIZE, seed: n + 1, mostTiltDeg: 5 });
      const { centre } = centreByPicture(punched.image, DIAMETER_MM, punched.holeMm);
      return centre ? [{ offByMm: offByMm(centre, punched), ...centre, really: punched.holeMm }] : [];
    }).flat();
    expect(told.length).toBeGreaterThanOrEqual(0.7 * PHOTOGRAPHS);
    for (const one of told) {
      expect(one.offByMm).toBeLessThan(0.08);
      expect(one.offByMm).toBeLessThan(one.plusMinusMm);
      expect(Math.abs(one.holeMm / one.really - 1)).toBeLessThan(0.012);
    }
  });

  it('is not told by a picture that is tilted, too far away, or shows no hole', () => {
    const problemOf = (options: Parameters<typeof takePhotograph>[0], diameterMm = DIAMETER_MM) =>
      centreByPicture(takePhotograph(options).image, diameterMm, diameterMm / 2);
    const hole = { radius: 0.5, right: 0.02, down: 0.01 };
    const whole = problemOf({ ...SIZE, seed: 3, mostTiltDeg: 0 });
    expect(whole).toMatchObject({ problem: 'hole', centre: undefined });
    const far = problemOf({ widthPx: 500, heightPx: 400, seed: 3, mostTiltDeg: 0, hole }, 24);
    expect(far).toMatchObject({ problem: 'small', centre: undefined });
    // As large a piece as this, so near: a tilt of 9° moves the hole against the rim.
    const large = { widthPx: 900, heightPx: 720, seed: 6, mostTiltDeg: 24, hole };
    const tilted = problemOf(large, 16);
    expect(tilted).toMatchObject({ problem: 'tilt', centre: undefined });
  });

  it('does not take a ring of beads for the hole of another punch', () => {
    const punched = takePunched(DIAMETER_MM, { ...SIZE, seed: 2, mostTiltDeg: 2 });
    expect(centreByPicture(punched.image, DIAMETER_MM, 0.8 * punched.holeMm).problem).toBe('hole');
  });

  it('has the fit that calliper readings have', () => {
    const seen = { eccentricityMm: 0.34, wideAngleDeg: 125 };
    const readings = [0, 90, 180, 270, 315].map((angleDeg) => ({
      angleDeg,
      mm: landAt(seen, DIAMETER_MM, 8.2, angleDeg),
    }));
    const verdict = judgeLand(DIAMETER_MM, 8.2, readings);
    expect(verdict.eccentricityMm).toBeCloseTo(seen.eccentricityMm, 9);
    expect(verdict.wideAngleDeg).toBeCloseTo(seen.wideAngleDeg, 9);
    expect(verdict.remeasure).toEqual([]);
  });
});
