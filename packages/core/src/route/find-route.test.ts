import * as fc from 'fast-check';
import {
  arcWidthMm,
  cutEdge,
  flatMeridian,
  mapMeridian,
  rimEdge,
  straightWall,
  volumeMm3,
  type CoinRingInput,
  type Meridian,
} from '../forming';
import { MM_PER_US_SIZE } from '../size';
import { REFERENCE_KIT, type Kit } from '../kit';
import { coinRoute, buildRoute, simulateMoves } from './index';
import { runPass } from './passes';
import { reducePhase, stretchPhase } from './phases/wall';
import { compareCost, effortMin, NO_COST } from './route-cost';
import { routeFor } from './test-route';

const INPUT: CoinRingInput = {
  coin: { diameterMm: 30.6, rimThicknessMm: 2.1 / 0.9, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 19.8,
  wall: { kind: 'straight' },
};
const LARGE: CoinRingInput = {
  ...INPUT,
  coin: { diameterMm: 38, rimThicknessMm: 2.6, metal: 'silver-900' },
  targetInsideDiameterMm: 18,
};
const pushers = (...diameters: number[]): Kit => [
  ...REFERENCE_KIT.filter(({ spec }) => spec.kind !== 'stepped-pusher'),
  ...diameters.map((diameterMm) => ({
    id: `pusher-${diameterMm}`,
    name: `${diameterMm} mm pusher`,
    spec: { kind: 'stepped-pusher' as const, diameterMm },
  })),
];

describe('a detour leaves its mark', () => {
  it('opens by 2.44 mm and comes back wider and thinner, as in the finite-element study', () => {
    const { finished } = routeFor(INPUT);
    const pass = { from: 0, to: 1 };
    const opening = stretchPhase(finished, 19.8 + 2.44);
    const opened = runPass(opening, finished, finished, pass);
    const back = runPass(reducePhase(19.8 + 2.44, 19.8, 17), opened, opened, pass);
    const wider = arcWidthMm(back) - arcWidthMm(finished);
    // The study: 0.15 mm of width; rim edge 2.29 → 2.20, cut edge 1.54 → 1.51.
    expect(wider).toBeGreaterThan(0.1);
    expect(wider).toBeLessThan(0.2);
    expect(back.thicknessMm[0]).toBeLessThan(finished.thicknessMm[0] ?? 0);
    expect(back.thicknessMm.at(-1)).toBeLessThan(finished.thicknessMm.at(-1) ?? 0);
    expect(volumeMm3(back) / volumeMm3(finished)).toBeCloseTo(1, 9);
  });
});

/** A funnel-free straight band of some coin at some size: what is opened and closed again. */
const bands = fc.record({
  hole: fc.double({ min: 9, max: 16, noNaN: true }),
  size: fc.double({ min: 16, max: 21, noNaN: true }),
  openBy: fc.double({ min: 0.2, max: 3, noNaN: true }),
});

describe('any detour', () => {
  const pass = { from: 0, to: 1 };
  const bandAt = (hole: number, size: number) =>
    mapMeridian(flatMeridian(hole / 2, 15.3, 2.1), straightWall(size), { share: 0.5 });
  const edges = (wall: Meridian) => [cutEdge(wall).thicknessMm, rimEdge(wall).thicknessMm] as const;

  it('never leaves a thicker edge or a narrower wall', () => {
    fc.assert(
      fc.property(bands, ({ hole, size, openBy }) => {
        const band = bandAt(hole, size);
        const opened = runPass(stretchPhase(band, size + openBy), band, band, pass);
        const back = runPass(reducePhase(size + openBy, size, 17), opened, opened, pass);
        expect(arcWidthMm(back)).toBeGreaterThanOrEqual(arcWidthMm(band) - 1e-6);
        edges(back).forEach((mm, i) => expect(mm).toBeLessThanOrEqual((edges(band)[i] ?? 0) + 1e-6));
        expect(volumeMm3(back) / volumeMm3(band)).toBeCloseTo(1, 6);
      }),
      { numRuns: 60 },
    );
  });

  it('opens monotonically: the further, the narrower and the thinner', () => {
    fc.assert(
      fc.property(bands, ({ hole, size, openBy }) => {
        const band = bandAt(hole, size);
        const at = (mm: number) => runPass(stretchPhase(band, size + mm), band, band, pass);
        const [less, more] = [at(openBy / 2), at(openBy)];
        expect(arcWidthMm(more)).toBeLessThan(arcWidthMm(less));
        edges(more).forEach((mm, i) => expect(mm).toBeLessThan(edges(less)[i] ?? 0));
      }),
      { numRuns: 40 },
    );
  });
});

describe('the search against routes made by hand', () => {
  const BY_HAND = {
    'over-stretch': ['fold-17', 'rim-in', 'stretch', 'reduce', 'curl-17', 'curl-25'],
    straighten: ['ball', 'fold-17', 'rim-in', 'open-tapered', 'cone', 'curl-17', 'curl-25'],
    leave: ['fold-17', 'stretch', 'rim-in', 'curl-17', 'curl-block'],
  } as const;
  const coins = [
    { diameterMm: 24.3, rimThicknessMm: 1.95, metal: 'silver-900' },
    { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-500' },
    { diameterMm: 33, rimThicknessMm: 1.7, metal: 'copper' },
  ] as const;
  const cases = coins.flatMap((coin) =>
    (['over-stretch', 'straighten', 'leave'] as const).flatMap((school) =>
      ([{ kind: 'straight' }, { kind: 'rounded', curlDeg: 25 }] as const).map((wall) => ({
        coin,
        school,
        wall,
      })),
    ),
  );

  it.each(cases)('is never worse: $coin.diameterMm mm, $school, $wall.kind', ({ coin, school, wall }) => {
    const input = {
      coin,
      school,
      wall,
      holeMm: 12.7,
      targetInsideDiameterMm: coin.diameterMm < 26 ? 16.9 : 19,
    };
    const byHand = buildRoute(input, { kit: REFERENCE_KIT }, school, BY_HAND[school]);
    expect(compareCost(routeFor(input).cost, byHand.cost)).toBeLessThanOrEqual(0);
  });
});

describe('finishing schools', () => {
  it('over-stretch and reduce, straighten on cones, or only true it', () => {
    const kinds = (school: 'over-stretch' | 'straighten' | 'leave') =>
      routeFor({ ...INPUT, school }).steps.map(({ kind }) => kind);
    expect(kinds('over-stretch')).toEqual(expect.arrayContaining(['stretch', 'reduce']));
    expect(kinds('straighten')).toContain('straighten');
    expect(kinds('leave')).not.toContain('straighten');
    const largest = (school: 'over-stretch' | 'leave') =>
      Math.max(
        ...routeFor({ ...INPUT, school })
          .steps.filter(({ kind }) => kind === 'stretch')
          .map(({ after }) => after.cutInsideDiameterMm),
      );
    expect(largest('over-stretch') - 19.8).toBeGreaterThan(1.4 * MM_PER_US_SIZE);
    expect(largest('leave')).toBeCloseTo(19.8, 1);
  });

  it('takes the cheapest of the three when any will do', () => {
    const best = routeFor({ ...INPUT, school: 'best' });
    for (const school of ['over-stretch', 'straighten', 'leave'] as const) {
      expect(compareCost(best.cost, routeFor({ ...INPUT, school }).cost)).toBeLessThanOrEqual(0);
    }
  });

  it('anneals before the cone, sits the rim on a lid, and names both', () => {
    const { steps } = routeFor({ ...INPUT, school: 'straighten' });
    const at = steps.findIndex(({ kind }) => kind === 'straighten');
    expect(steps[at]?.annealFirst).toBe(true);
    expect(steps[at]?.tool).toMatch(/cone.*lid \d+/);
    expect(steps[at]?.contact).toMatchObject({ kind: 'cone' });
  });
});

describe('readings and springback', () => {
  it('tells after each pass what the mandrel will say both ways round, and how far past the mark to go', () => {
    const { steps } = routeFor(INPUT);
    const formed = steps.filter(
      ({ strainCutEdge, strainRimEdge }) => strainCutEdge !== 0 || strainRimEdge !== 0,
    );
    for (const { reading, after, springbackMm } of formed) {
      expect(reading?.cutDownMm).toBeLessThanOrEqual(after.cutInsideDiameterMm + 1e-9);
      expect(reading?.rimDownMm).toBeLessThanOrEqual(after.rimInsideDiameterMm + 1e-9);
      expect(springbackMm).toBeGreaterThan(0.01);
      expect(springbackMm).toBeLessThan(0.12);
    }
    expect(steps.filter(({ kind }) => kind === 'sand').every(({ reading }) => reading === undefined)).toBe(
      true,
    );
  });
});

describe('stepped reduction', () => {
  it('goes down pusher by pusher, annealed and taped each time, with the tape it takes', () => {
    const { steps } = routeFor(LARGE, { kit: pushers(22, 21, 20, 19, 18, 17) });
    const pushes = steps.filter(({ kind }) => kind === 'stepped');
    expect(pushes.length).toBeGreaterThan(1);
    const sizes = pushes.map(({ after }) => after.rimInsideDiameterMm);
    expect([...sizes].sort((a, b) => b - a)).toEqual(sizes);
    for (const { tape, annealFirst, before } of pushes) {
      expect(annealFirst).toBe(true);
      expect([15, 25]).toContain(tape?.turns);
      const rimOutside = before.rimInsideDiameterMm + 3;
      expect(tape?.lengthMm).toBeGreaterThan(((tape?.turns ?? 0) * Math.PI * rimOutside) / 1.6);
    }
  });

  it('says at which reveal to stop where a chart of this coin and pusher knows', () => {
    const chart = (pusherMm: number, metal: 'silver-900' | 'copper') => ({
      metal,
      coinDiameterMm: 38,
      die: 'long die',
      pusherMm,
      observations: [
        { reveal: 0, insideDiameterMm: pusherMm - 1.5 },
        { reveal: 6, insideDiameterMm: pusherMm + 3.5 },
      ],
    });
    const kit = pushers(22, 21, 20, 19, 18, 17);
    const reveals = (metal: 'silver-900' | 'copper') =>
      routeFor(LARGE, { kit, dieCharts: [22, 21, 20, 19, 18, 17].map((mm) => chart(mm, metal)) })
        .steps.filter(({ kind }) => kind === 'stepped')
        .map(({ tape }) => tape?.reveal);
    expect(reveals('silver-900').every((reveal) => reveal !== undefined && reveal > 0 && reveal < 6)).toBe(
      true,
    );
    expect(reveals('copper').every((reveal) => reveal === undefined)).toBe(true);
  });

  it('names a pusher that is missing', () => {
    expect(routeFor(LARGE, { kit: pushers() }).missingTools.map(({ kind }) => kind)).toEqual([
      'stepped-pusher',
    ]);
  });
});

describe('the search', () => {
  it('never takes the rim past the coin', () => {
    const tight = {
      ...INPUT,
      coin: { ...INPUT.coin, diameterMm: 24.6 },
      targetInsideDiameterMm: 19.5,
      school: 'leave' as const,
    };
    const route = coinRoute(tight, { kit: REFERENCE_KIT });
    for (const { outline } of route?.steps ?? []) {
      const reach = 2 * (outline.meanRadiusMm.at(-1) ?? 0);
      expect(reach).toBeLessThan(24.7);
    }
    expect(coinRoute({ ...tight, targetInsideDiameterMm: 23 }, { kit: REFERENCE_KIT })).toBeUndefined();
  });

  it('prefers a gentle ball for a wide thin land, and does without one', () => {
    const wide = {
      ...INPUT,
      coin: { diameterMm: 33, rimThicknessMm: 1.7, metal: 'silver-900' as const },
      holeMm: 9.5,
    };
    const withBall = routeFor(wide);
    const bare = routeFor(wide, { kit: REFERENCE_KIT.filter(({ spec }) => spec.kind !== 'dapping-ball') });
    expect(compareCost(withBall.cost, bare.cost)).toBeLessThanOrEqual(0);
    expect(bare.moves).not.toContain('ball');
  });

  it('applies moves as far as the piece needs them, and puts in what it lacks', () => {
    const full = buildRoute(INPUT, { kit: REFERENCE_KIT }, 'leave', ['fold-17', 'rim-in', 'stretch']);
    const short = buildRoute(INPUT, { kit: REFERENCE_KIT }, 'leave', ['fold-17', 'cone']);
    expect(short.moves).toEqual(full.moves);
    expect(compareCost(full.cost, NO_COST)).toBeGreaterThan(0);
  });
});

describe('simulateMoves', () => {
  it('agrees with the full simulation and keeps the budget', () => {
    for (const school of ['over-stretch', 'straighten', 'leave'] as const) {
      const route = routeFor({ ...INPUT, school });
      const walk = simulateMoves(INPUT, { kit: REFERENCE_KIT, school, moves: route.moves });
      expect(Math.abs(arcWidthMm(walk.finished) / arcWidthMm(route.finished) - 1)).toBeLessThan(0.004);
      expect(walk.peakSpent.cut).toBeLessThanOrEqual(route.allowanceStrainLog);
    }
  });

  it('makes a wider band where the width takes less of the stretch', () => {
    const { moves, school } = routeFor({ ...INPUT, targetInsideDiameterMm: 22 });
    const width = (shareShift: number) =>
      arcWidthMm(
        simulateMoves(
          { ...INPUT, targetInsideDiameterMm: 22 },
          { kit: REFERENCE_KIT, school, moves, shareShift },
        ).finished,
      );
    expect(width(-0.05)).toBeGreaterThan(width(0));
    expect(width(0.05)).toBeLessThan(width(0));
  });
});

describe('what a way costs', () => {
  const way = (change: object) => ({ ...NO_COST, minutes: 90, anneals: 4, ...change });
  /** An anneal takes 3 minutes of hands and 2 of waiting. */
  const annealed = (more: number) => ({ anneals: 4 + more, minutes: 90 + 5 * more });

  it('one warning less is worth one anneal, never two', () => {
    const warned = way({ risks: 1 });
    expect(compareCost(way(annealed(1)), warned)).toBeLessThan(0);
    expect(compareCost(way(annealed(2)), warned)).toBeGreaterThan(0);
    // 90 + 4 · 4 + 0.06 · 200.
    expect(effortMin(warned)).toBeCloseTo(118, 9);
  });

  it('a tool that is missing outweighs them all', () => {
    expect(compareCost(way({ missingTools: 1 }), way({ risks: 9, ...annealed(9) }))).toBeGreaterThan(0);
  });
});
