import fc from 'fast-check';
import {
  bentOutline,
  chooseFormer,
  fitSpiral,
  lastTouch,
  endMark,
  formerFor,
  handleBlank,
  judgeHandle,
  profileOf,
  releasedDiameterMm,
  thicknessAt,
  thickestIn,
  turnedRound,
  turnLengthMm,
  usablePart,
  widthAt,
} from './index';
import { meanThicknessIn } from './profile';

const TAPER = profileOf([
  { atMm: 0, thicknessMm: 2.6, widthMm: 18 },
  { atMm: 30, thicknessMm: 2.1, widthMm: 12 },
  { atMm: 70, thicknessMm: 2.4, widthMm: 8 },
  { atMm: 120, thicknessMm: 4.2, widthMm: 8 },
]);
const even = (thicknessMm: number, lengthMm = 400) =>
  profileOf([
    { atMm: 0, thicknessMm },
    { atMm: lengthMm, thicknessMm },
  ]);

const insideMm = fc.double({ min: 12, max: 24, noNaN: true });
const thickness = fc.double({ min: 0.8, max: 4, noNaN: true });

describe('length to cut', () => {
  it('is π(ID + t) for even thickness', () => {
    fc.assert(
      fc.property(insideMm, thickness, (d, t) => {
        expect(turnLengthMm(even(t), 0, d, 2 * Math.PI)).toBeCloseTo(Math.PI * (d + t), 8);
      }),
      { endOnFailure: true },
    );
  });

  it('of a spiral with one turn and no pitch is that of a straight ring, tapered or not', () => {
    fc.assert(
      fc.property(insideMm, fc.double({ min: 0, max: 40, noNaN: true }), (insideDiameterMm, startMm) => {
        const straight = handleBlank(TAPER, startMm, { insideDiameterMm, style: 'straight' });
        const spiral = handleBlank(TAPER, startMm, {
          insideDiameterMm,
          style: 'spiral',
          turns: 1,
          pitchMm: 0,
        });
        expect(spiral.lengthMm).toBeCloseTo(straight.lengthMm, 9);
      }),
      { endOnFailure: true },
    );
  });

  it('of an even spiral is n√((π(ID + t))² + p²)', () => {
    const { lengthMm } = handleBlank(even(2), 0, {
      insideDiameterMm: 17,
      style: 'spiral',
      turns: 2.5,
      pitchMm: 9,
    });
    expect(lengthMm).toBeCloseTo(2.5 * Math.hypot(Math.PI * 19, 9), 8);
  });

  it('agrees with slices summed by hand on a taper', () => {
    const slice = 0.001;
    let [at, turned] = [0, 0];
    while (turned < 2 * Math.PI) {
      turned += slice / (17.3 / 2 + thicknessAt(TAPER, at + slice / 2) / 2);
      at += slice;
    }
    expect(turnLengthMm(TAPER, 0, 17.3, 2 * Math.PI)).toBeCloseTo(at, 2);
  });

  it('goes on past the last station as the handle ends, and starts where it is told', () => {
    const short = profileOf([
      { atMm: 0, thicknessMm: 2 },
      { atMm: 20, thicknessMm: 2 },
    ]);
    expect(turnLengthMm(short, 5, 16, 2 * Math.PI)).toBeCloseTo(Math.PI * 18, 8);
  });

  it('adds an overlap, and tells its angle on the outer radius', () => {
    const plain = handleBlank(even(2), 0, { insideDiameterMm: 17, style: 'straight' });
    const over = handleBlank(even(2), 0, { insideDiameterMm: 17, style: 'overlap', overlapMm: 8 });
    expect(over.lengthMm - plain.lengthMm).toBeCloseTo(8, 9);
    expect(over.overlapDeg).toBeCloseTo(((8 / (8.5 + 2 + 1)) * 180) / Math.PI, 9);
    expect(over.roughLengthMm).toBeCloseTo(over.lengthMm * 1.1, 9);
  });
});

describe('the profile', () => {
  it('reads thickness and width between and beyond stations', () => {
    expect(thicknessAt(TAPER, 15)).toBeCloseTo(2.35, 9);
    expect(thicknessAt(TAPER, 500)).toBe(4.2);
    expect(widthAt(TAPER, 50)).toBeCloseTo(10, 9);
    expect(widthAt(even(2), 10)).toBeUndefined();
    expect(thickestIn(TAPER, { fromMm: 10, toMm: 95 })).toMatchObject({ atMm: 95 });
  });

  it('has the mean thickness of what lies between two places', () => {
    // 2.6 falls to 2.1 mm over 30 mm, then rises to 2.4 over 40: from 10 to 50 mm the area is
    // 20 · (2.4333 + 2.1)/2 + 20 · (2.1 + 2.25)/2 = 45.333 + 43.5 mm², over 40 mm.
    expect(meanThicknessIn(TAPER, { fromMm: 10, toMm: 50 })).toBeCloseTo(88.8333 / 40, 5);
    expect(meanThicknessIn(TAPER, { fromMm: 10, toMm: 10 })).toBeCloseTo(2.4333, 4);
  });

  it('is the same handle from its other end', () => {
    expect(thicknessAt(turnedRound(TAPER), 0)).toBe(4.2);
    expect(turnedRound(turnedRound(TAPER)).stations).toEqual(TAPER.stations);
  });

  it('refuses two stations at one place', () => {
    expect(() =>
      profileOf([
        { atMm: 4, thicknessMm: 2 },
        { atMm: 4, thicknessMm: 3 },
      ]),
    ).toThrow(/4 mm/);
  });
});

describe('springback', () => {
  it('is that of 1/(4x³ − 3x + 1)', () => {
    const x = (9 * 125) / (75_000 * 2);
    expect(releasedDiameterMm(18, 2, 'silver-925', 'soft')).toBeCloseTo(18 / (4 * x ** 3 - 3 * x + 1), 9);
  });

  it('makes a former of the finger’s own size come out one to two sizes too large on hard silver', () => {
    const sizes = (releasedDiameterMm(17.3, 2, 'silver-925', 'hard') - 17.3) / 0.8128;
    expect(sizes).toBeGreaterThan(0.9);
    expect(sizes).toBeLessThan(2);
  });

  it('is undone by the former that lands on size', () => {
    fc.assert(
      fc.property(insideMm, thickness, (d, t) => {
        const former = formerFor(d, t, 'silver-925', 'hard');
        expect(former).toBeLessThan(d);
        expect(releasedDiameterMm(former, t, 'silver-925', 'hard')).toBeCloseTo(d, 6);
      }),
      { endOnFailure: true },
    );
  });

  it('lets a thin hard piece spring straight', () => {
    expect(releasedDiameterMm(60, 0.2, 'nickel-silver', 'hard')).toBe(Infinity);
  });

  it('chooses the owned former that lands nearest, whatever the style', () => {
    const owned = [15, 16, 16.5, 17, 18];
    expect(chooseFormer(owned, 17.3, 2, 'silver-925', 'hard')?.formerMm).toBe(16.5);
    expect(chooseFormer([], 17.3, 2, 'silver-925', 'hard')).toBeUndefined();
  });

  it('says which way the last touch goes', () => {
    expect(lastTouch({ releasedMm: 17.35 }, 17.3)).toBe('none');
    expect(lastTouch({ releasedMm: 17.8 }, 17.3)).toBe('next-former-down');
    expect(lastTouch({ releasedMm: 16.9 }, 17.3)).toBe('taps-on-mandrel');
  });
});

describe('a spiral that uses the whole handle', () => {
  const EVEN = profileOf([
    { atMm: 0, thicknessMm: 2 },
    { atMm: 150, thicknessMm: 2 },
  ]);

  it('solves for its turns, or for its pitch: n√((π(ID + t))² + p²)', () => {
    const turn = Math.PI * (17.3 + 2);
    const byTurns = fitSpiral(EVEN, 0, 17.3, 'turns', { turns: 1, pitchMm: 8 });
    expect(byTurns).toEqual({ pitchMm: 8, turns: expect.closeTo(150 / Math.hypot(turn, 8), 4) });
    const byPitch = fitSpiral(EVEN, 10, 17.3, 'pitch', { turns: 2, pitchMm: 1 });
    expect(byPitch).toEqual({ turns: 2, pitchMm: expect.closeTo(Math.sqrt(70 ** 2 - turn ** 2), 3) });
  });

  it('is left as it is told where the handle tells no length', () => {
    const one = profileOf([{ atMm: 0, thicknessMm: 2 }]);
    expect(fitSpiral(one, 0, 17.3, 'turns', { turns: 1.5, pitchMm: 8 })).toEqual({ turns: 1.5, pitchMm: 8 });
  });
});

describe('the verdict on a handle', () => {
  const base = {
    profile: TAPER,
    metal: 'silver-925',
    insideDiameterMm: 17.3,
    style: 'straight',
    startMm: 0,
    enamel: [],
    formersMm: [15, 16, 17],
  } as const;
  const codes = (change: object) => judgeHandle({ ...base, ...change }).reasons.map(({ code }) => code);

  it('takes a solid handle', () => {
    const { feasible, leftOverMm, used, heightMm } = judgeHandle(base);
    expect(feasible).toBe(true);
    expect(leftOverMm).toBeCloseTo(120 - used.toMm, 9);
    expect(heightMm).toBeGreaterThan(8);
  });

  it('refuses plated ware that is too thick where it bends, and says which part would do', () => {
    const verdict = judgeHandle({ ...base, metal: 'silver-plate', startMm: 60 });
    expect(verdict.feasible).toBe(false);
    expect(verdict.reasons[0]).toMatchObject({ code: 'too-thick' });
    expect(verdict.instead?.fromMm).toBe(0);
    expect(verdict.instead?.thickestMm).toBeLessThanOrEqual(2.8);
  });

  it('refuses to bend enamel, a handle that is too short, and turns that collide', () => {
    expect(codes({ enamel: [{ fromMm: 10, toMm: 20 }] })).toContain('enamel-in-bend');
    expect(codes({ style: 'spiral', turns: 3, pitchMm: 14 })).toContain('too-short');
    expect(codes({ style: 'spiral', turns: 1.5, pitchMm: 4 })).toContain('turns-collide');
    expect(codes({ metal: 'steel' })).toContain('metal-refused');
  });

  it('lets turns lie beside each other from a pitch of the width and the gap on', () => {
    const tenWide = profileOf([
      { atMm: 0, thicknessMm: 2, widthMm: 10 },
      { atMm: 400, thicknessMm: 2, widthMm: 10 },
    ]);
    const collides = (change: object) =>
      codes({ profile: tenWide, style: 'spiral', turns: 1.5, ...change }).includes('turns-collide');
    expect(collides({ pitchMm: 9.9 })).toBe(true);
    expect(collides({ pitchMm: 10 })).toBe(false);
    expect(collides({ pitchMm: 10, gapMm: 1 })).toBe(true);
    // One turn has nothing to lie on, and a handle whose width nobody measured cannot be judged by it.
    expect(collides({ turns: 1, pitchMm: 0 })).toBe(false);
    expect(collides({ turns: undefined, pitchMm: 0 })).toBe(false);
    expect(collides({ profile: even(2), pitchMm: 0 })).toBe(false);
  });

  it('finds no part in a handle that is thick all along', () => {
    const shape = { insideDiameterMm: 17.3, style: 'straight' } as const;
    expect(usablePart(even(3.4, 120), shape, 2.8, [])).toBeUndefined();
    expect(usablePart(TAPER, shape, 2.8, [{ fromMm: 0, toMm: 5 }])?.fromMm).toBe(5);
  });

  it('anneals thick solid pieces first and plated ones never', () => {
    expect(judgeHandle(base)).toMatchObject({ temper: 'soft' });
    expect(judgeHandle({ ...base, metal: 'silver-plate' })).toMatchObject({ temper: 'hard', anneals: 0 });
  });
});

describe('drawing and ends', () => {
  it('bends a blank to a ring whose faces lie as far apart as it is thick', () => {
    const { inside, outside } = bentOutline(even(2, 60), { fromMm: 0, toMm: 60 }, 60 / Math.PI - 2);
    inside.forEach((point, i) => {
      const over = outside[i] ?? point;
      expect(Math.hypot(over.x, over.y) - Math.hypot(point.x, point.y)).toBeCloseTo(2, 6);
    });
    expect(Math.hypot(inside[0]!.x - inside.at(-1)!.x, inside[0]!.y - inside.at(-1)!.y)).toBeLessThan(0.05);
  });

  it('lays what goes past the first turn on its back', () => {
    const { inside } = bentOutline(even(2, 75), { fromMm: 0, toMm: 75 }, 17);
    expect(Math.hypot(inside.at(-1)!.x, inside.at(-1)!.y)).toBeCloseTo(10.5, 6);
  });

  it('tells how far an end reaches', () => {
    expect(endMark('round', 8)).toEqual({ dividerMm: 6, reachMm: 6 - Math.sqrt(36 - 16) });
    expect(endMark('mitred', 8).reachMm).toBeCloseTo(8 * Math.tan(Math.PI / 6), 9);
    expect(endMark('square', 8)).toEqual({ reachMm: 0 });
  });
});
