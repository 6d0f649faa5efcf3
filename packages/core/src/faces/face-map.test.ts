import * as fc from 'fast-check';
import { arcWidthMm, finishedMeridian, flatMeridian, volumeMm3, type Meridian } from '../forming';
import { REFERENCE_KIT } from '../kit';
import { planCoinRing } from '../route';
import { WALL_LAYERS } from './codes';
import {
  behindDeg,
  faceMap,
  trimmedLipMm,
  wallLineOf,
  wallLineOfOutline,
  type WallLayer,
  type WallLine,
} from './index';

const INPUT = {
  coin: { diameterMm: 31.2, rimThicknessMm: 2.2, massG: 15.2, metal: 'silver-835' },
  holeMm: 12.6,
  targetInsideDiameterMm: 19.4,
  wall: { kind: 'rounded', curlDeg: 17 },
} as const;

/** A cylinder of 20 mm, 2 mm thick, its wall narrowed to four fifths: made of a washer from 10 to 30 mm. */
const CYLINDER: WallLine = {
  spacingMm: 1,
  holeRadiusMm: 5,
  meanRadiusMm: Array.from({ length: 11 }, () => 10),
  thicknessMm: Array.from({ length: 11 }, () => 2),
  leanDeg: Array.from({ length: 11 }, () => 0),
  widthStretch: Array.from({ length: 11 }, () => 0.8),
};

const walls = fc
  .record({
    diameterMm: fc.double({ min: 22, max: 40, noNaN: true }),
    thicknessMm: fc.double({ min: 1.2, max: 2.6, noNaN: true }),
    holeShare: fc.double({ min: 0.3, max: 0.5, noNaN: true }),
    targetMm: fc.double({ min: 15, max: 22, noNaN: true }),
    wall: fc.constantFrom(
      { kind: 'straight' } as const,
      { kind: 'rounded', curlDeg: 17 } as const,
      { kind: 'rounded', curl: { dieAngleDeg: 25, depth: 'full' } } as const,
      { kind: 'tapered' } as const,
    ),
  })
  .map(({ diameterMm, thicknessMm, holeShare, targetMm, wall }): Meridian =>
    finishedMeridian({ diameterMm, thicknessMm, holeMm: holeShare * diameterMm }, wall, targetMm),
  );
const sides = fc.constantFrom<WallLayer>(...WALL_LAYERS);
const shares = fc.double({ min: 0, max: 1, noNaN: true });
const angles = fc.double({ min: -360, max: 360, noNaN: true });

/** One side of a ring in section: the middle of its wall, and so many halves of its thickness square to it outward. */
function sectionOf(line: WallLine, outward: number) {
  const { spacingMm, meanRadiusMm, thicknessMm, leanDeg, widthStretch } = line;
  let middleMm = 0;
  const lean = (i: number) => ((leanDeg[i] ?? 0) * Math.PI) / 180;
  const rise = (i: number) => (widthStretch[i] ?? 0) * Math.cos(lean(i));
  return meanRadiusMm.map((radiusMm, i) => {
    if (i > 0) middleMm += (spacingMm * (rise(i - 1) + rise(i))) / 2;
    const off = (outward * (thicknessMm[i] ?? 0)) / 2;
    return { radiusMm: radiusMm + off * Math.cos(lean(i)), axialMm: middleMm - off * Math.sin(lean(i)) };
  });
}

/** Places of a face from its hole to its rim. */
function radii({ holeRadiusMm, rimRadiusMm }: { holeRadiusMm: number; rimRadiusMm: number }, count: number) {
  const stepMm = (rimRadiusMm - holeRadiusMm) / count;
  return Array.from({ length: count }, (_, i) => holeRadiusMm + (i + 0.5) * stepMm);
}

describe('a face on a band', () => {
  it('goes where a cylinder can be worked out by hand', () => {
    const at = (side: WallLayer) => faceMap(CYLINDER, { side }).toBand({ radiusMm: 10, angleDeg: 90 });
    expect(at('middle')).toMatchObject({ stretchAcross: 0.8, lost: null });
    expect(at('middle')?.heightMm).toBeCloseTo(4, 12);
    expect(at('middle')?.roundMm).toBeCloseTo(5 * Math.PI, 12);
    expect(at('outside')?.stretchRound).toBeCloseTo(1.1, 12);
    expect(at('outside')?.roundMm).toBeCloseTo(5.5 * Math.PI, 12);
    expect(at('inside')?.stretchRound).toBeCloseTo(0.9, 12);
    expect(faceMap(CYLINDER).toFace({ heightMm: 6, roundMm: -5 * Math.PI })).toEqual({
      radiusMm: 12.5,
      angleDeg: -90,
    });
  });

  it('comes back from the band to where it was, within a millionth of a millimetre', () => {
    fc.assert(
      fc.property(walls, sides, shares, angles, (wall, side, share, angleDeg) => {
        const map = faceMap(wallLineOf(wall), { side });
        const radiusMm = map.holeRadiusMm + share * (map.rimRadiusMm - map.holeRadiusMm);
        const place = map.toBand({ radiusMm, angleDeg });
        const back = place && map.toFace(place);
        expect(Math.abs((back?.radiusMm ?? 0) - radiusMm)).toBeLessThan(1e-6);
        expect(Math.abs(((back?.angleDeg ?? 0) - angleDeg) * radiusMm)).toBeLessThan(1e-6);
        const heightMm = share * map.widthMm;
        const face = map.toFace({ heightMm, roundMm: 3 });
        const there = face && map.toBand(face);
        expect(Math.abs((there?.heightMm ?? 0) - heightMm)).toBeLessThan(1e-6);
        expect(Math.abs((there?.roundMm ?? 0) - 3)).toBeLessThan(1e-6);
      }),
    );
  });

  it('begins at the hole and ends at the rim; nothing of the hole, or from beyond, is on it', () => {
    fc.assert(
      fc.property(walls, sides, fc.double({ min: 1e-6, max: 1, noNaN: true }), (wall, side, off) => {
        const map = faceMap(wallLineOf(wall), { side });
        const { holeRadiusMm, rimRadiusMm, widthMm } = map;
        expect(map.toBand({ radiusMm: holeRadiusMm, angleDeg: 0 })?.heightMm).toBeCloseTo(0, 9);
        expect(map.toBand({ radiusMm: rimRadiusMm, angleDeg: 0 })?.heightMm).toBeCloseTo(widthMm, 9);
        expect(map.toBand({ radiusMm: holeRadiusMm - off, angleDeg: 0 })).toBeNull();
        expect(map.toBand({ radiusMm: rimRadiusMm + off, angleDeg: 0 })).toBeNull();
        expect(map.toFace({ heightMm: -off, roundMm: 0 })).toBeNull();
        expect(map.toFace({ heightMm: widthMm + off, roundMm: 0 })).toBeNull();
      }),
    );
  });

  it('has the stretches that its places differ by', () => {
    fc.assert(
      fc.property(walls, sides, fc.double({ min: 0.01, max: 0.99, noNaN: true }), (wall, side, share) => {
        const map = faceMap(wallLineOf(wall), { side });
        const radiusMm = map.holeRadiusMm + share * (map.rimRadiusMm - map.holeRadiusMm);
        const height = (off: number) => map.toBand({ radiusMm: radiusMm + off, angleDeg: 0 })?.heightMm ?? 0;
        const point = map.toBand({ radiusMm, angleDeg: 57 });
        expect((height(1e-5) - height(-1e-5)) / 2e-5).toBeCloseTo(point?.stretchAcross ?? 0, 3);
        const arcMm = (57 * Math.PI * radiusMm) / 180;
        expect((point?.roundMm ?? 0) / arcMm).toBeCloseTo(point?.stretchRound ?? 0, 9);
        expect(map.bandRadiusMm(radiusMm)).toBeCloseTo((point?.stretchRound ?? 0) * radiusMm, 9);
      }),
    );
  });

  it('changes areas by the product of the stretches: all of them come to the side of the ring', () => {
    fc.assert(
      fc.property(walls, sides, (wall, side) => {
        const line = wallLineOf(wall);
        const map = faceMap(line, { side });
        const places = radii(map, 400);
        const stepMm = (map.rimRadiusMm - map.holeRadiusMm) / places.length;
        const mappedMm2 = places.reduce((sum, radiusMm) => {
          const { stretchRound = 0, stretchAcross = 0 } = map.toBand({ radiusMm, angleDeg: 0 }) ?? {};
          return sum + 2 * Math.PI * radiusMm * stepMm * stretchRound * stretchAcross;
        }, 0);
        // Cut into hoops, each a slice of a cone.
        const hoops = sectionOf(line, { outside: 1, middle: 0, inside: -1 }[side]);
        const sideMm2 = hoops.slice(1).reduce((sum, { radiusMm, axialMm }, i) => {
          const before = hoops[i] ?? { radiusMm, axialMm };
          const slantMm = Math.hypot(radiusMm - before.radiusMm, axialMm - before.axialMm);
          return sum + Math.PI * (radiusMm + before.radiusMm) * slantMm;
        }, 0);
        // A pushed wall's lean and radius are laws of their own and agree to two in a hundred, in the hardest push.
        expect(mappedMm2 / sideMm2).toBeGreaterThan(0.97);
        expect(mappedMm2 / sideMm2).toBeLessThan(1.03);
      }),
      { numRuns: 30 },
    );
  });

  it('is thinner where it was drawn out: the metal under a detail stays as much', () => {
    fc.assert(
      fc.property(walls, shares, (wall, share) => {
        const map = faceMap(wallLineOf(wall));
        const fibre = Math.round(share * (wall.thicknessMm.length - 1));
        const radiusMm = wall.originalRadiusMm[fibre] ?? 0;
        const { stretchRound = 0, stretchAcross = 0 } = map.toBand({ radiusMm, angleDeg: 0 }) ?? {};
        const flat = flatMeridian(map.holeRadiusMm, map.rimRadiusMm, 1, wall.thicknessMm.length - 1);
        const thicknessMm = volumeMm3(wall) / volumeMm3(flat);
        expect(stretchRound * stretchAcross * (wall.thicknessMm[fibre] ?? 0)).toBeCloseTo(thicknessMm, 6);
      }),
    );
  });

  it('lies flat on a piece that is still flat', () => {
    for (const side of WALL_LAYERS) {
      const map = faceMap(wallLineOf(flatMeridian(6, 15, 2)), { side });
      expect(map.widthMm).toBeCloseTo(9, 9);
      expect(map.toBand({ radiusMm: 11, angleDeg: 30 })).toMatchObject({ lost: null });
      expect(map.toBand({ radiusMm: 11, angleDeg: 30 })?.stretchAcross).toBeCloseTo(1, 9);
      expect(map.toBand({ radiusMm: 11, angleDeg: 30 })?.stretchRound).toBeCloseTo(1, 9);
    }
  });

  it('is longer outside than inside where the wall is rounded, and as wide as the plan says in the middle', () => {
    const plan = planCoinRing(INPUT, { kit: REFERENCE_KIT });
    const width = (side: WallLayer) => faceMap(wallLineOf(plan.meridian), { side }).widthMm;
    expect(width('middle')).toBeCloseTo(plan.bandWidthMm, 9);
    expect(width('middle')).toBeCloseTo(arcWidthMm(plan.meridian), 9);
    // An arc of twice 17° that is some 2 mm thick: its sides differ by angle times thickness.
    expect(width('outside') - width('inside')).toBeGreaterThan(0.8);
    expect(width('outside') - width('inside')).toBeLessThan(1.6);
  });

  it('is followed through every step of the way from the outlines that steps keep', () => {
    const { route, meridian } = planCoinRing(INPUT, { kit: REFERENCE_KIT });
    const outlines = (route?.steps ?? []).map(({ outline }) => outline);
    expect(outlines.length).toBeGreaterThan(8);
    for (const outline of outlines) {
      const map = faceMap(wallLineOfOutline(outline));
      expect(map.holeRadiusMm).toBeCloseTo(6.3, 2);
      expect(map.rimRadiusMm).toBeCloseTo(15.6, 2);
      expect(map.widthMm).toBeCloseTo(outline.arcMm.at(-1) ?? 0, 1);
    }
    const [last] = outlines
      .slice(-1)
      .map((outline) => faceMap(wallLineOfOutline(outline), { side: 'outside' }));
    const whole = faceMap(wallLineOf(meridian), { side: 'outside' });
    for (const radiusMm of [7, 9, 11, 13, 15]) {
      const [kept, exact] = [last, whole].map((map) => map?.toBand({ radiusMm, angleDeg: 40 }));
      expect(Math.abs((kept?.heightMm ?? 0) - (exact?.heightMm ?? 9))).toBeLessThan(0.03);
      expect(Math.abs((kept?.roundMm ?? 0) - (exact?.roundMm ?? 9))).toBeLessThan(0.03);
    }
  });

  it('loses to the file what lies on the lip', () => {
    const steps = planCoinRing(INPUT, { kit: REFERENCE_KIT }).route?.steps ?? [];
    expect(steps.some(({ kind }) => kind === 'trim')).toBe(true);
    const lipMm = trimmedLipMm(steps, { trimGainMm: 0.4 });
    expect(lipMm).toBe(0.2);
    expect(trimmedLipMm([{ kind: 'fold' }])).toBe(0);
    const map = faceMap(CYLINDER, { lipMm });
    // 0.2 mm of a wall that was narrowed to four fifths were 0.25 mm of the face.
    expect(map.toBand({ radiusMm: 14.76, angleDeg: 0 })?.lost).toBe('lip');
    expect(map.toBand({ radiusMm: 14.74, angleDeg: 0 })?.lost).toBeNull();
  });
});

describe('the other face', () => {
  it('lies behind a face as its maker turned it', () => {
    expect([0, 30, 180, 350].map((angle) => behindDeg(angle, 'medal'))).toEqual([0, 330, 180, 10]);
    expect([0, 30, 180, 350].map((angle) => behindDeg(angle, 'coin'))).toEqual([180, 150, 0, 190]);
  });
});
