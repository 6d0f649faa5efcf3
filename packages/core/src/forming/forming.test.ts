import * as fc from 'fast-check';
import { hollowRoom } from './push';
import {
  arcWidthMm,
  axialReachMm,
  curlDropMm,
  cutEdge,
  estimateCoinRing,
  finishedMeridian,
  flatMeridian,
  mapMeridian,
  methodForRimStrain,
  naturalInsideDiameterMm,
  openedTo,
  closedTo,
  rimEdge,
  shortcutWidthMm,
  sizeRange,
  cutEdgeReasons,
  rangeWords,
  suggestHoleMm,
  glanceAt,
  straightWall,
  volumeMm3,
  washerOf,
  type CoinRingInput,
  type Washer,
  type WallWish,
} from './index';

const REFERENCE: CoinRingInput = {
  coin: { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.9,
  wall: { kind: 'straight' },
};

const washers = fc
  .record({
    diameterMm: fc.double({ min: 22, max: 40, noNaN: true }),
    holeShare: fc.double({ min: 0.3, max: 0.5, noNaN: true }),
    thicknessMm: fc.double({ min: 1.2, max: 2.8, noNaN: true }),
  })
  .map(({ diameterMm, holeShare, thicknessMm }): Washer => ({
    diameterMm,
    holeMm: diameterMm * holeShare,
    thicknessMm,
  }));
const sizes = fc.double({ min: 15, max: 23, noNaN: true });
const shares = fc.double({ min: 0.3, max: 0.7, noNaN: true });
const walls = fc.constantFrom(
  { kind: 'straight' } as const,
  { kind: 'rounded', curlDeg: 17 } as const,
  { kind: 'rounded', curlDeg: 25 } as const,
  { kind: 'rounded', curl: { dieAngleDeg: 17, depth: 'full' } } as const,
  { kind: 'rounded', curl: { hollowRadiusMm: 17, depth: 'half' } } as const,
  { kind: 'rounded', curl: { hollowRadiusMm: 13, depth: 'light' } } as const,
  { kind: 'tapered' } as const,
);
/** A wall of a size: one that is rounded in a hollow takes one that fits, 1.3 times as wide as its edges. */
const fitted = (wall: WallWish, sizeMm: number, { thicknessMm }: Washer): WallWish =>
  wall.curl?.hollowRadiusMm === undefined
    ? wall
    : { ...wall, curl: { ...wall.curl, hollowRadiusMm: 0.65 * (sizeMm + 2 * thicknessMm) } };
/** A finished wall; one whose edges would meet the bottom of its hollow is refused, and not asked about. */
function finishedIn(washer: Washer, wall: WallWish, sizeMm: number, share?: number) {
  const own = fitted(wall, sizeMm, washer);
  const finished = finishedMeridian(washer, own, sizeMm, share);
  fc.pre((hollowRoom(sizeMm, own.curl, finished)?.onSide ?? 0) >= 0);
  return finished;
}

describe('the forming law', () => {
  it('meets the agreed figure for the reference coin', () => {
    expect(estimateCoinRing(REFERENCE, 0.5).bandWidthMm).toBeCloseTo(8.73, 1);
    expect(Math.abs(estimateCoinRing(REFERENCE, 0.5).bandWidthMm - 8.73)).toBeLessThan(0.05);
  });

  it('keeps the volume to 1e-6 for every wall, size and share', () => {
    fc.assert(
      fc.property(washers, sizes, shares, walls, (washer, size, share, wall) => {
        const flat = flatMeridian(washer.holeMm / 2, washer.diameterMm / 2, washer.thicknessMm);
        const finished = finishedIn(washer, wall, size, share);
        expect(Math.abs(volumeMm3(finished) / volumeMm3(flat) - 1)).toBeLessThan(1e-6);
      }),
    );
  });

  it('starts from the exact volume of the washer', () => {
    const exact = Math.PI * (15 ** 2 - 6.35 ** 2) * 2;
    expect(volumeMm3(flatMeridian(6.35, 15, 2)) / exact).toBeCloseTo(1, 9);
  });

  it('gives a narrower band for a larger hole', () => {
    fc.assert(
      fc.property(washers, sizes, walls, (washer, size, wall) => {
        const width = (holeMm: number) => arcWidthMm(finishedIn({ ...washer, holeMm }, wall, size));
        expect(width(washer.holeMm + 0.8)).toBeLessThan(width(washer.holeMm));
      }),
    );
  });

  it('leaves the cut edge thinnest and the rim edge thickest', () => {
    fc.assert(
      fc.property(washers, sizes, (washer, size) => {
        const { thicknessMm } = finishedMeridian(washer, { kind: 'straight' }, size);
        thicknessMm.slice(1).forEach((t, i) => expect(t).toBeGreaterThan(thicknessMm[i] ?? Infinity));
      }),
    );
  });

  it('agrees with the shortcut where the mean radius is nearly even: thin stock, a = ½', () => {
    fc.assert(
      fc.property(washers, sizes, (washer, size) => {
        const thin = { ...washer, thicknessMm: 0.05 };
        const exact = arcWidthMm(finishedMeridian(thin, { kind: 'straight' }, size, 0.5));
        const quick = shortcutWidthMm(size / 2 + 0.025, thin.diameterMm / 2, thin.holeMm / 2);
        expect(Math.abs(exact / quick - 1)).toBeLessThan(0.003);
      }),
    );
  });

  it('stays within 1.5% of the shortcut for real coins', () => {
    const { meridian, workingThicknessMm } = estimateCoinRing(REFERENCE, 0.5);
    const quick = shortcutWidthMm(18.9 / 2 + workingThicknessMm / 2, 15, 6.35);
    expect(Math.abs(arcWidthMm(meridian) / quick - 1)).toBeLessThan(0.015);
  });

  it('does not depend on the number of fibres', () => {
    const washer = { diameterMm: 30, holeMm: 12.7, thicknessMm: 1.7 };
    const width = (n: number) => arcWidthMm(finishedMeridian(washer, { kind: 'straight' }, 18.9, 0.5, n));
    expect(Math.abs(width(64) - width(512))).toBeLessThan(1e-3);
  });

  it('puts both edges of straight and rounded walls on the target, and the cut edge of a tapered one', () => {
    fc.assert(
      fc.property(washers, sizes, walls, (washer, size, wall) => {
        const finished = finishedIn(washer, wall, size);
        expect(cutEdge(finished).insideDiameterMm).toBeCloseTo(size, 4);
        if (wall.kind === 'tapered') expect(rimEdge(finished).insideDiameterMm).toBeGreaterThan(size);
        else expect(rimEdge(finished).insideDiameterMm).toBeCloseTo(size, 4);
      }),
    );
  });
});

describe('tools that touch part of the wall', () => {
  const flat = flatMeridian(6, 14, 1.8);

  it('opening moves no fibre inward, closing none outward', () => {
    const opened = mapMeridian(flat, openedTo(straightWall(20), flat), { share: 0.44 });
    const closed = mapMeridian(flat, closedTo(straightWall(20), flat), { share: 0.59 });
    flat.meanRadiusMm.forEach((r, i) => {
      expect(opened.meanRadiusMm[i]).toBeGreaterThanOrEqual(r);
      expect(closed.meanRadiusMm[i]).toBeLessThanOrEqual(r);
    });
    expect(rimEdge(opened).meanRadiusMm).toBe(14);
    expect(cutEdge(closed).meanRadiusMm).toBe(6);
  });
});

describe('curl', () => {
  it('meets the handbook: 12 mm at 25° loses 2.6 mm, at 17° 1.8 mm', () => {
    expect(curlDropMm(12, 25)).toBeCloseTo(2.58, 2);
    expect(curlDropMm(12, 17)).toBeCloseTo(1.77, 2);
    expect(curlDropMm(12, 0)).toBe(0);
  });

  it('shortens the height as the sine does', () => {
    const rounded = finishedMeridian(washerOf(REFERENCE.coin, 12.7), { kind: 'rounded', curlDeg: 25 }, 18.9);
    expect(axialReachMm(rounded) / arcWidthMm(rounded)).toBeCloseTo(8.716 / 9, 3);
  });
});

describe('a cut edge', () => {
  it('is a matter of comfort under 0.9 mm, and of safety under 0.5', () => {
    expect(cutEdgeReasons(0.9)).toEqual([]);
    expect(cutEdgeReasons(0.89)).toMatchObject([{ code: 'cut-edge-thin', level: 'warn', limit: 'comfort' }]);
    expect(cutEdgeReasons(0.5)).toMatchObject([{ level: 'warn' }]);
    const [sharp, ...others] = cutEdgeReasons(0.49);
    expect(sharp).toMatchObject({ code: 'cut-edge-sharp', level: 'refuse' });
    expect([sharp?.limit, others]).toEqual([undefined, []]);
  });

  it('the sizes that a piece makes name both limits', () => {
    const write = (mm: number) => `${mm}`;
    expect(rangeWords({ min: 15, max: 22, comfortableMax: 19 }, write)).toBe(
      '15 to 22; above 19 the cut edge is under 0.9 mm',
    );
    expect(rangeWords({ min: 15, max: 22, comfortableMax: 21.95 }, write)).toBe('15 to 22');
    expect(rangeWords({ min: 15, max: 22, comfortableMax: undefined }, write)).toBe(
      '15 to 22, all with a cut edge under 0.9 mm',
    );
  });
});

describe('what a coin can become', () => {
  it('rounded in a hollow: sizes that go into it and do not meet its bottom', () => {
    const washer = { diameterMm: 30, holeMm: 12.7, thicknessMm: 1.8 };
    const within = (hollowRadiusMm: number) =>
      sizeRange(washer, { kind: 'rounded', curl: { hollowRadiusMm, depth: 'light' } });
    const free = sizeRange(washer, { kind: 'rounded', curl: { dieAngleDeg: 17, depth: 'light' } })!;
    const narrow = within(11.5)!;
    // 23 mm of hollow are 1.12 times 20.5 mm of outside, and that is two walls of 1.84 mm more than the size.
    expect(narrow.maxEndsBy).toBe('hollow-too-small');
    expect(narrow.max).toBeCloseTo(23 / 1.12 - 2 * 1.84, 1);
    expect(narrow.max).toBeLessThan(free.max - 1);
    const wide = within(15)!;
    // 30 mm are 1.45 times 20.7 mm of outside.
    expect(wide.minEndsBy).toBe('hollow-too-wide');
    expect(wide.min).toBeCloseTo(30 / 1.45 - 2 * 1.8, 1);
    expect(wide.min).toBeGreaterThan(free.min + 1);
    expect(within(40)).toBeUndefined();
  });

  it('every size in the range is feasible, every size outside is refused', () => {
    fc.assert(
      fc.property(washers, walls, fc.double({ min: 0.02, max: 0.98, noNaN: true }), (washer, wall, place) => {
        const range = sizeRange(washer, wall);
        fc.pre(range !== undefined && range.max - range.min > 0.5);
        if (!range) return;
        const coin = {
          diameterMm: washer.diameterMm,
          rimThicknessMm: washer.thicknessMm / 0.9,
          metal: 'silver-900',
        } as const;
        const at = (targetInsideDiameterMm: number) =>
          estimateCoinRing({ coin, holeMm: washer.holeMm, wall, targetInsideDiameterMm });
        expect(at(range.min + (range.max - range.min) * place).feasible).toBe(true);
        expect(at(range.max + 0.1).feasible).toBe(false);
        expect(at(range.min - 0.1).feasible).toBe(false);
        // Up to its comfortable end nothing warns of the edge, past it something does.
        const warns = (sizeMm: number) => at(sizeMm).reasons.some(({ code }) => code === 'cut-edge-thin');
        const comfortableMm = range.comfortableMax ?? range.min - 0.01;
        expect(warns(Math.max(range.min, comfortableMm - 0.02))).toBe(range.comfortableMax === undefined);
        if (comfortableMm < range.max - 0.1) expect(warns(comfortableMm + 0.02)).toBe(true);
      }),
      { numRuns: 60 },
    );
  });

  it('calls for stepped reduction of a 38 mm coin under about US 11½', () => {
    const method = (us: number) =>
      estimateCoinRing({
        ...REFERENCE,
        coin: { diameterMm: 38, rimThicknessMm: 2.5, metal: 'silver-900' },
        targetInsideDiameterMm: (0.458 + 0.032 * us) * 25.4,
      }).method;
    expect(method(12)).toBe('fold');
    expect(method(11)).toBe('stepped');
  });

  it('draws the method limits where the handbook does', () => {
    expect(methodForRimStrain(-0.46)).toBe('fold');
    expect(methodForRimStrain(-0.48)).toBe('stepped');
    expect(methodForRimStrain(-0.71)).toBe('none');
  });

  it('names the natural size', () => {
    expect(naturalInsideDiameterMm(30, 12.7, 1.7)).toBeCloseTo(19.65, 9);
  });

  const refusals: readonly (readonly [string, Partial<CoinRingInput>, string])[] = [
    ['a size too large', { targetInsideDiameterMm: 27 }, 'rim-would-grow'],
    ['a size too small', { targetInsideDiameterMm: 11.5 }, 'rim-too-compressed'],
    ['a hole too wide for the ring', { holeMm: 22, targetInsideDiameterMm: 16 }, 'hole-larger-than-ring'],
    ['no metal round the hole', { holeMm: 27 }, 'land-too-narrow'],
    ['zinc', { coin: { ...REFERENCE.coin, metal: 'zinc-core' } }, 'metal-refused'],
    ['steel', { coin: { ...REFERENCE.coin, metal: 'steel' } }, 'metal-refused'],
    ['a holed piece', { coin: { ...REFERENCE.coin, form: 'holed' } }, 'stock-holed'],
    ['a square piece', { coin: { ...REFERENCE.coin, form: 'not-round' } }, 'stock-not-round'],
    ['a ring-cored piece', { coin: { ...REFERENCE.coin, form: 'ring-cored' } }, 'stock-ring-cored'],
    [
      'a sharp cut edge',
      {
        coin: { diameterMm: 30, rimThicknessMm: 0.8, metal: 'silver-900' },
        holeMm: 8,
        targetInsideDiameterMm: 20,
      },
      'cut-edge-sharp',
    ],
  ];
  it.each(refusals)('refuses %s and says what would work', (_name, change, code) => {
    const estimate = estimateCoinRing({ ...REFERENCE, ...change });
    expect(estimate.feasible).toBe(false);
    expect(estimate.method).toBe('none');
    const reason = estimate.reasons.find((candidate) => candidate.code === code);
    expect(reason?.level).toBe('refuse');
    expect(reason?.instead).toMatch(/\w/);
    expect(estimate.reasons[0]?.level).toBe('refuse');
  });

  it('warns of thin stock and of figures that do not fit, without refusing', () => {
    const thin = estimateCoinRing({
      ...REFERENCE,
      coin: { diameterMm: 24, rimThicknessMm: 1.3, massG: 5.4, metal: 'silver-900' },
    });
    expect(thin.reasons.map(({ code }) => code)).toEqual(expect.arrayContaining(['thin-stock']));
    const heavy = estimateCoinRing({ ...REFERENCE, coin: { ...REFERENCE.coin, massG: 16 } });
    expect(heavy.reasons.map(({ code }) => code)).toContain('fill-off');
    expect(heavy.feasible).toBe(true);
  });

  it('weighs slug and ring to the coin', () => {
    const { slugMassG, ringMassG } = estimateCoinRing(REFERENCE);
    expect(slugMassG + ringMassG).toBeCloseTo(12.5, 9);
    expect(slugMassG / 12.5).toBeCloseTo((12.7 / 30) ** 2, 9);
  });
});

describe('choosing a hole', () => {
  const question = { coin: REFERENCE.coin, targetInsideDiameterMm: 18.9, wall: REFERENCE.wall };

  it('agrees with the full verdict on every hole', () => {
    for (const holeMm of [8, 11.1, 12.7, 15.9, 19, 22, 25, 27]) {
      const full = estimateCoinRing({ ...REFERENCE, holeMm });
      const quick = glanceAt(question, holeMm);
      expect(quick.standing !== 'refused').toBe(full.feasible);
      expect(Math.abs(quick.bandWidthMm / full.bandWidthMm - 1)).toBeLessThan(0.005);
    }
  });

  it('suggests the least strain within the usual width, and none where none will do', () => {
    // Widths 10.5, 9.0, 7.4 and 5.7 mm: 9.5 is wider than usual, 19 narrower; of the others 15.9 is stretched less.
    expect(suggestHoleMm(question, [9.5, 12.7, 15.9, 19])).toBe(15.9);
    expect(suggestHoleMm(question, [9.5, 12.7, 15.9, 19], { min: 8, max: 9.5 })).toBe(12.7);
    // Where none is as wished, the one that comes nearest to it.
    expect(suggestHoleMm(question, [15.9, 19], { min: 9, max: 10 })).toBe(15.9);
    expect(suggestHoleMm({ ...question, targetInsideDiameterMm: 28 }, [9.5, 12.7])).toBeUndefined();
    expect(
      suggestHoleMm({ ...question, coin: { ...REFERENCE.coin, metal: 'steel' } }, [12.7]),
    ).toBeUndefined();
  });
});
