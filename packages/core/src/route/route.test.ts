import * as fc from 'fast-check';
import { DEFAULT_TAPER_DEG } from '../forming/wall-shape';
import { cutEdge, volumeMm3, washerOf, flatMeridian, type CoinRingInput, type SchoolWish } from '../forming';
import { holesFor, punchDiameters, REFERENCE_KIT } from '../kit';
import { budgetWeight, FRESH, fullest, spend, type RouteStep } from '../steps';
import { planCoinRing } from './index';
import { routeFor } from './test-route';
import study from '../forming/forming-study.fixture.json';

const INPUT: CoinRingInput = {
  coin: { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.9,
  wall: { kind: 'straight' },
};

/** Fullest the gauge gets along a route, each step counted from the last anneal. */
function highestSpend(steps: readonly RouteStep[]): number {
  let spent = FRESH;
  let highest = 0;
  for (const step of steps) {
    if (step.kind === 'anneal') spent = FRESH;
    spent = spend(spent, step.kind, step.strainCutEdge, step.strainRimEdge);
    highest = Math.max(highest, fullest(spent));
  }
  return highest;
}

const inputs = fc
  .record({
    diameterMm: fc.double({ min: 22, max: 40, noNaN: true }),
    rimThicknessMm: fc.double({ min: 1.3, max: 3, noNaN: true }),
    metal: fc.constantFrom('silver-999', 'silver-900', 'silver-500', 'copper', 'cupronickel', 'bronze'),
    holeMm: fc.constantFrom(...punchDiameters(REFERENCE_KIT)),
    targetInsideDiameterMm: fc.double({ min: 15, max: 23, noNaN: true }),
    wall: fc.constantFrom(
      { kind: 'straight' } as const,
      { kind: 'rounded', curlDeg: 17 } as const,
      { kind: 'rounded', curlDeg: 25 } as const,
      { kind: 'rounded', curl: { dieAngleDeg: 17, depth: 'light' } } as const,
      { kind: 'rounded', curl: { dieAngleDeg: 25, depth: 'full' } } as const,
      { kind: 'rounded', curl: { hollowRadiusMm: 14, depth: 'half' } } as const,
      { kind: 'tapered' } as const,
    ),
    school: fc.constantFrom<SchoolWish>('over-stretch', 'straighten', 'leave', 'best'),
  })
  .map(({ diameterMm, rimThicknessMm, metal, ...rest }): CoinRingInput => ({
    coin: { diameterMm, rimThicknessMm, metal },
    ...rest,
  }));

describe('coinRoute against the finite-element study', () => {
  // Thinner ones are refused: their cut edge would be under 0.9 mm.
  const chains = study.chains.filter(
    ({ route, reducePasses, thicknessMm }) => route === 'throat' && reducePasses === 2 && thicknessMm >= 1.2,
  );

  it.each(chains)(
    '⌀ $outerRadiusMm × 2, hole $holeRadiusMm × 2, $thicknessMm thick: width within half a percent, edges 1.5%',
    ({ outerRadiusMm, holeRadiusMm, thicknessMm, targetInsideDiameterMm, final }) => {
      const plan = planCoinRing(
        {
          coin: {
            diameterMm: outerRadiusMm * 2,
            rimThicknessMm: thicknessMm / 0.9,
            metal: 'silver-900',
          },
          holeMm: holeRadiusMm * 2,
          targetInsideDiameterMm,
          wall: { kind: 'straight' },
          school: 'over-stretch',
        },
        { kit: REFERENCE_KIT },
      );
      const off = (value: number, expected: number) => Math.abs(value / expected - 1);
      expect(off(plan.bandWidthMm, final.widthMm)).toBeLessThan(0.005);
      expect(off(plan.thicknessCutEdgeMm, final.thicknessCutEdgeMm)).toBeLessThan(0.015);
      expect(off(plan.thicknessRimEdgeMm, final.thicknessRimEdgeMm)).toBeLessThan(0.015);
    },
  );
});

describe('no step is idle, and none is silent', () => {
  const FORMING = ['fold', 'stretch', 'reduce', 'stepped', 'curl', 'straighten'];
  /** Few fibres: edges and their strains are what is looked at. */
  const QUICK = { kit: REFERENCE_KIT, intervals: 16 };

  it('every forming step moves the wall, a cut edge opened past 1.65 times is warned of, and none ends sharp', () => {
    fc.assert(
      fc.property(inputs, (input) => {
        const { route, reasons } = planCoinRing(input, QUICK);
        const steps = route?.steps ?? [];
        const idle = steps.filter(
          ({ kind, strainCutEdge, strainRimEdge }) =>
            FORMING.includes(kind) && Math.max(Math.abs(strainCutEdge), Math.abs(strainRimEdge)) < 1e-4,
        );
        expect(idle.map(({ title }) => title)).toEqual([]);
        // The verdict is the simulation's own: what would end under 0.5 mm is refused, under 0.9 warned of.
        if (route) {
          const { thicknessMm } = cutEdge(route.finished);
          expect(thicknessMm).toBeGreaterThanOrEqual(0.5);
          expect(reasons.some(({ limit }) => limit === 'comfort')).toBe(thicknessMm < 0.9);
        }
        const opened = steps.some(({ outline }) => (outline.strainLog[0] ?? 0) > 0.5);
        if (opened) expect(route?.risks.map(({ code }) => code)).toContain('crack');
      }),
      { numRuns: 800, endOnFailure: true },
    );
  });
});

describe('a rim that the fold leaves a hair over the size', () => {
  it('stands upright at the end, at the size', () => {
    // Found by chance: the rim is 0.015 mm over the size as if straight, so no pass of its own takes it in.
    const coin = { diameterMm: 28.23958065966767, rimThicknessMm: 1.9956243473767163 };
    const target = 20.371120852174705;
    const { steps } = routeFor({
      coin: { ...coin, metal: 'silver-999' },
      holeMm: 11.1,
      targetInsideDiameterMm: target,
      wall: { kind: 'straight' },
      school: 'leave',
    });
    expect(steps.at(-1)?.after.rimInsideDiameterMm).toBeCloseTo(target, 3);
    expect(steps.at(-1)?.after.cutInsideDiameterMm).toBeCloseTo(target, 3);
  });
});

describe('any feasible route', () => {
  it('never goes over the anneal budget at either edge', () => {
    fc.assert(
      fc.property(inputs, (input) => {
        const plan = planCoinRing(input, { kit: REFERENCE_KIT });
        fc.pre(plan.route !== undefined);
        if (!plan.route) return;
        expect(highestSpend(plan.route.steps)).toBeLessThanOrEqual(plan.route.allowanceStrainLog);
      }),
      { numRuns: 150, endOnFailure: true },
    );
  });

  it('keeps the volume, lands on the target, and starts each step where the last one ended', () => {
    fc.assert(
      fc.property(inputs, (input) => {
        const { route } = planCoinRing(input, { kit: REFERENCE_KIT });
        fc.pre(route !== undefined);
        if (!route) return;
        const washer = washerOf(input.coin, input.holeMm);
        const flat = flatMeridian(washer.holeMm / 2, washer.diameterMm / 2, washer.thicknessMm);
        expect(Math.abs(volumeMm3(route.finished) / volumeMm3(flat) - 1)).toBeLessThan(1e-6);
        route.steps.slice(1).forEach((step, i) => expect(step.before).toEqual(route.steps[i]?.after));
        const end = route.steps.at(-1)?.after;
        // A pushed edge follows the wall as it is by then: 0.05 mm, where a tool that reaches it gives 0.005.
        const digits = input.wall.kind === 'rounded' && input.wall.curl ? 1 : 2;
        expect(end?.cutInsideDiameterMm).toBeCloseTo(input.targetInsideDiameterMm, digits);
        if (input.wall.kind !== 'tapered') {
          expect(end?.rimInsideDiameterMm).toBeCloseTo(input.targetInsideDiameterMm, digits);
        }
      }),
      { numRuns: 100, endOnFailure: true },
    );
  });

  it('anneals after punching and before the first fold, and marks the step after each anneal', () => {
    fc.assert(
      fc.property(inputs, (input) => {
        const { route } = planCoinRing(input, { kit: REFERENCE_KIT });
        fc.pre(route !== undefined);
        const steps = route?.steps ?? [];
        const fold = steps.findIndex(({ kind }) => kind === 'fold');
        expect(steps[fold - 1]?.kind).toBe('anneal');
        steps.forEach((step, i) => expect(step.annealFirst).toBe(steps[i - 1]?.kind === 'anneal'));
      }),
      { numRuns: 40, endOnFailure: true },
    );
  });
});

describe('the work that careful makers do', () => {
  it('takes seven or eight anneals from a 30 mm silver coin with a small hole to the largest sizes', () => {
    const { annealCount } = planCoinRing(
      {
        coin: { diameterMm: 30.6, rimThicknessMm: 2.3, metal: 'silver-900' },
        holeMm: 11.1,
        targetInsideDiameterMm: 22.2,
        wall: { kind: 'rounded' },
      },
      { kit: REFERENCE_KIT },
    );
    expect([7, 8]).toContain(annealCount);
  });

  it('takes four or five for a small coin and a small size', () => {
    const { annealCount } = planCoinRing(
      {
        coin: { diameterMm: 24.3, rimThicknessMm: 1.95, metal: 'silver-900' },
        holeMm: 12.7,
        targetInsideDiameterMm: 16.9,
        wall: { kind: 'straight' },
        school: 'over-stretch',
      },
      { kit: REFERENCE_KIT },
    );
    expect([4, 5]).toContain(annealCount);
  });

  it('asks for more anneals of a metal that bears less', () => {
    const count = (metal: 'copper' | 'silver-900' | 'cupronickel') =>
      planCoinRing({ ...INPUT, coin: { diameterMm: 30, rimThicknessMm: 2, metal } }, { kit: REFERENCE_KIT })
        .annealCount;
    expect(count('copper')).toBeLessThan(count('silver-900'));
    expect(count('silver-900')).toBeLessThan(count('cupronickel'));
  });

  it('anneals before punching too in the other school', () => {
    const kinds = (school: 'after-punching' | 'before-and-after') =>
      routeFor(INPUT, { annealSchool: school }).steps.map(({ kind }) => kind);
    expect(kinds('after-punching')[0]).toBe('cut');
    expect(kinds('before-and-after').slice(0, 2)).toEqual(['anneal', 'cut']);
  });

  it('turns in a rounded wall at 17° first, then 25°, trims the lip and trues up last', () => {
    const { steps } = routeFor({ ...INPUT, wall: { kind: 'rounded', curlDeg: 25 } });
    const titles = steps.filter(({ kind }) => kind === 'curl').map(({ title }) => title);
    expect(titles).toEqual(['Turn both edges in to 17°', 'Turn both edges in to 25°']);
    const kinds = steps.map(({ kind }) => kind);
    expect(kinds.indexOf('trim')).toBeGreaterThan(kinds.lastIndexOf('curl'));
    expect(kinds.lastIndexOf('true-up')).toBeGreaterThan(kinds.indexOf('trim'));
    expect(steps.find(({ kind }) => kind === 'trim')?.after.rimInsideDiameterMm).toBeCloseTo(18.9, 2);
  });

  it('leaves a tapered wall leaning, with no curl and no trim', () => {
    const { steps, finished } = routeFor({ ...INPUT, wall: { kind: 'tapered' } });
    expect(steps.some(({ kind }) => kind === 'curl' || kind === 'trim')).toBe(false);
    expect(finished.leanDeg[32]).toBeCloseTo(DEFAULT_TAPER_DEG, 6);
  });

  it('takes a large coin down under tape, annealed first', () => {
    const { steps, method } = routeFor({
      ...INPUT,
      coin: { diameterMm: 38, rimThicknessMm: 2.6, metal: 'silver-900' },
      targetInsideDiameterMm: 18,
    });
    expect(method).toBe('stepped');
    steps.forEach((step, i) => {
      if (step.kind === 'stepped') expect(steps[i - 1]?.kind).toBe('anneal');
    });
    expect(steps.some(({ kind }) => kind === 'stepped')).toBe(true);
  });

  it('ends with the finish asked for', () => {
    const kinds = routeFor(INPUT, { finish: 'dark' }).steps.map(({ kind }) => kind);
    expect(kinds.slice(-5)).toEqual(['pickle', 'sand', 'patina', 'polish', 'read']);
  });
});

describe('tools', () => {
  it('names the tools it uses and the ones that are missing', () => {
    const full = planCoinRing(INPUT, { kit: REFERENCE_KIT });
    expect(full.route?.missingTools).toEqual([]);
    expect(full.route?.steps.find(({ kind }) => kind === 'cut')?.tool).toBe('12.7 mm punch');
    const bare = planCoinRing(INPUT, { kit: [] });
    expect(bare.feasible).toBe(true);
    expect(bare.reasons.filter(({ code }) => code === 'missing-tool').map(({ message }) => message)).toEqual(
      expect.arrayContaining([
        expect.stringContaining('12.7 mm punch'),
        expect.stringContaining('stretcher'),
      ]),
    );
  });

  it('offers only holes that leave metal around them', () => {
    expect(holesFor(REFERENCE_KIT, 20)).toEqual([9.5, 11.1, 12.7, 14.3, 15.9]);
  });

  it('counts blows in a die for two thirds, free opening in full, the rest not at all', () => {
    expect(budgetWeight('fold')).toBeCloseTo(2 / 3, 12);
    expect(budgetWeight('stretch')).toBe(1);
    expect(budgetWeight('sand')).toBe(0);
  });
});

describe('planCoinRing', () => {
  it('answers with the closed form when one share is given, with the route otherwise', () => {
    const closed = planCoinRing(INPUT, { kit: REFERENCE_KIT, widthShare: 0.5 });
    const simulated = planCoinRing(INPUT, { kit: REFERENCE_KIT });
    expect(Math.abs(closed.bandWidthMm - 8.73)).toBeLessThan(0.05);
    expect(simulated.bandWidthMm / closed.bandWidthMm).toBeGreaterThan(1.01);
    expect(simulated.bandWidthMm / closed.bandWidthMm).toBeLessThan(1.06);
  });

  it('has no route for what cannot be made', () => {
    const plan = planCoinRing({ ...INPUT, targetInsideDiameterMm: 28 }, { kit: REFERENCE_KIT });
    expect(plan).toMatchObject({ feasible: false, annealCount: 0, route: undefined });
  });

  it('warns when a hard metal takes many anneals', () => {
    const plan = planCoinRing(
      {
        ...INPUT,
        coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'cupronickel' },
        holeMm: 7.9,
        targetInsideDiameterMm: 21,
      },
      { kit: REFERENCE_KIT },
    );
    expect(plan.annealCount).toBeGreaterThan(10);
    expect(plan.reasons.map(({ code }) => code)).toContain('many-anneals');
  });
});
