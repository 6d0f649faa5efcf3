import { arcWidthMm, volumeMm3, type CoinRingInput } from '../forming';
import { REFERENCE_KIT } from '../kit';
import { coinRoute } from '../route';
import { DEFAULT_MANDREL, SIZE_SYSTEMS } from '../size';
import { axialHeightMm, type RouteStep, type StepKind } from '../steps';
import { fitWall, guessCoin, planFrom, type StartedFrom, type StartedStage } from './index';

const us = SIZE_SYSTEMS.us.toDiameterMm;
const COIN = { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' } as const;
const HOLE_MM = 12.7;
const INPUT: CoinRingInput = {
  coin: COIN,
  holeMm: HOLE_MM,
  targetInsideDiameterMm: us(9),
  wall: { kind: 'straight' },
};

function routeOf(input: CoinRingInput): readonly RouteStep[] {
  const route = coinRoute(input, { kit: REFERENCE_KIT });
  if (!route) throw new Error('no route');
  return route.steps;
}

/** A piece as another maker left it after the last step of a kind: both ways round, and its height. */
function leftAt(
  steps: readonly RouteStep[],
  kind: StepKind,
  stage: StartedStage,
): StartedFrom & { readonly heightMm: number } {
  const step = steps.findLast((one) => one.kind === kind);
  if (!step?.reading) throw new Error(`no ${kind}`);
  return { stage, ...step.reading, heightMm: axialHeightMm(step.outline) };
}

const STEPS = routeOf(INPUT);
const FUNNEL = leftAt(STEPS, 'fold', 'folded');
const kindsOf = (steps: readonly RouteStep[]) => steps.map(({ kind }) => kind);

describe('the wall of a half-made piece', () => {
  it('measures what was read, and keeps its coin’s metal', () => {
    const { wall, edges, holeMm } = fitWall(COIN, HOLE_MM, FUNNEL, DEFAULT_MANDREL);
    const folded = STEPS.findLast(({ kind }) => kind === 'fold')!;
    expect(edges.cutInsideDiameterMm).toBeCloseTo(folded.after.cutInsideDiameterMm, 1);
    const flat = fitWall(
      COIN,
      holeMm,
      { stage: 'punched', rimDownMm: holeMm, cutDownMm: holeMm },
      DEFAULT_MANDREL,
    );
    expect(volumeMm3(wall) / volumeMm3(flat.wall)).toBeCloseTo(1, 3);
  });

  it.each([11, 12.7, 14.5])('finds a hole of %d mm from the height', (holeMm) => {
    const funnel = leftAt(routeOf({ ...INPUT, holeMm }), 'fold', 'folded');
    const fitted = fitWall(COIN, 12.7, funnel, DEFAULT_MANDREL);
    expect(Math.abs(fitted.holeMm - holeMm)).toBeLessThan(0.6);
    expect(fitted.heightMm).toBeCloseTo(funnel.heightMm, 2);
    expect(fitted.disagrees).toBe(false);
  });

  it('takes the hole as planned where no height was measured', () => {
    const { heightMm: _height, ...read } = FUNNEL;
    const fitted = fitWall(COIN, HOLE_MM, read, DEFAULT_MANDREL);
    expect(fitted.holeMm).toBe(HOLE_MM);
    expect(fitted.heightMm).toBeCloseTo(FUNNEL.heightMm, 0);
  });

  it('takes thicknesses as they were measured; the width follows', () => {
    const read: StartedFrom = { stage: 'straight', rimDownMm: us(9), cutDownMm: us(9) };
    const plain = fitWall(COIN, HOLE_MM, read, DEFAULT_MANDREL);
    const thin = fitWall(
      COIN,
      HOLE_MM,
      { ...read, thicknessCutMm: 1.2, thicknessRimMm: 1.9 },
      DEFAULT_MANDREL,
    );
    expect(thin.wall.thicknessMm[0]).toBeCloseTo(1.2, 2);
    expect(thin.wall.thicknessMm.at(-1)).toBeCloseTo(1.9, 2);
    expect(volumeMm3(thin.wall)).toBeCloseTo(volumeMm3(plain.wall), 0);
    expect(arcWidthMm(thin.wall)).not.toBeCloseTo(arcWidthMm(plain.wall), 1);
  });

  it('says so when no hole of this coin leaves a wall so high', () => {
    const fitted = fitWall(COIN, HOLE_MM, { ...FUNNEL, heightMm: 19 }, DEFAULT_MANDREL);
    expect(fitted.disagrees).toBe(true);
  });
});

describe('a ring that is begun half-way', () => {
  const plan = (started: StartedFrom, change: Partial<CoinRingInput> = {}) =>
    planFrom({ ...INPUT, ...change }, started, { kit: REFERENCE_KIT });
  const endOf = (steps: readonly RouteStep[]) => steps.at(-1)?.after;

  it.each([
    ['punched', { stage: 'punched', rimDownMm: 13.4, cutDownMm: 13.4 }],
    ['folded', FUNNEL],
    ['straight, too large', { stage: 'straight', rimDownMm: us(11), cutDownMm: us(11) }],
    ['straight, too small', { stage: 'straight', rimDownMm: us(7.5), cutDownMm: us(7.5) }],
    ['straight, one edge smaller', { stage: 'straight', rimDownMm: us(9.5), cutDownMm: us(8) }],
    ['rounded', { stage: 'rounded', rimDownMm: us(8.5), cutDownMm: us(8.5) }],
    ['a finished band, a size too small', { stage: 'band', rimDownMm: us(8), cutDownMm: us(8) }],
  ] as const)('%s ends on its size, and nothing that was done is in its steps', (_name, started) => {
    const { feasible, steps, assumptions } = plan(started);
    expect(feasible).toBe(true);
    expect(endOf(steps)?.cutInsideDiameterMm).toBeCloseTo(us(9), 1);
    expect(endOf(steps)?.rimInsideDiameterMm).toBeCloseTo(us(9), 1);
    expect(kindsOf(steps)).not.toContain('cut');
    if (started.stage !== 'punched') {
      expect(kindsOf(steps)[0]).toBe('read');
      expect(kindsOf(steps)).not.toContain('deburr');
      // Taken to be hard: the flame comes before the first blow.
      const blow = steps.findIndex(({ strainCutEdge }) => strainCutEdge !== 0);
      expect(kindsOf(steps).slice(0, blow)).toContain('anneal');
      expect(assumptions.map(({ code }) => code)).toContain('hard');
    }
  });

  it('on its size already, it is only trued and finished', () => {
    const { steps } = plan({ stage: 'band', rimDownMm: us(9), cutDownMm: us(9) });
    expect(kindsOf(steps)).toEqual(['read', 'true-up', 'pickle', 'sand', 'polish', 'read']);
  });

  it('first reads as it was measured', () => {
    const { steps } = plan(FUNNEL);
    expect(steps[0]?.reading?.cutDownMm).toBeCloseTo(FUNNEL.cutDownMm, 1);
    expect(steps[0]?.pieceState).toMatchObject({ stage: 'funnel' });
  });

  it('is rounded after all, from a straight band', () => {
    const wall = { kind: 'rounded', curl: { dieAngleDeg: 25, depth: 'half' } } as const;
    const { feasible, steps } = plan({ stage: 'straight', rimDownMm: us(9.5), cutDownMm: us(9.5) }, { wall });
    expect(feasible).toBe(true);
    expect(kindsOf(steps)).toContain('curl');
    expect(endOf(steps)?.cutInsideDiameterMm).toBeCloseTo(us(9), 1);
  });

  it('says what cannot be made of it, and what can', () => {
    const { feasible, reasons, steps } = plan(
      { stage: 'straight', rimDownMm: us(9), cutDownMm: us(9) },
      { targetInsideDiameterMm: 28 },
    );
    expect(feasible).toBe(false);
    expect(steps).toEqual([]);
    expect(reasons[0]).toMatchObject({ level: 'refuse', code: expect.stringMatching(/rim|edge/) });
    expect(reasons[0]?.instead).toMatch(/^The nearest that can be made is US \d/);
  });

  it('names what was not measured, and no more', () => {
    const { thicknessCutMm, ...all }: StartedFrom = {
      ...FUNNEL,
      thicknessCutMm: 1.7,
      thicknessRimMm: 1.8,
      leanDeg: 17,
    };
    const codes = (started: StartedFrom) => plan(started).assumptions.map(({ code }) => code);
    expect(codes({ ...all, thicknessCutMm })).not.toContain('thickness-computed');
    expect(codes(all)).toContain('thickness-computed');
    expect(codes({ stage: 'straight', rimDownMm: us(9), cutDownMm: us(9) })).toEqual([
      'hole-as-planned',
      'height-computed',
      'thickness-computed',
      'hard',
      'no-lip',
    ]);
  });
});

describe('the coin of a half-made piece that nobody knows', () => {
  it('is as wide as its wall is high', () => {
    const coin = guessCoin(
      { metal: 'silver-900' },
      { ...FUNNEL, thicknessRimMm: 2.15 },
      HOLE_MM,
      DEFAULT_MANDREL,
    );
    expect(coin.rimThicknessMm).toBe(2.15);
    expect(Math.abs(coin.diameterMm - COIN.diameterMm)).toBeLessThan(1);
    expect(fitWall(coin, HOLE_MM, FUNNEL, DEFAULT_MANDREL).heightMm).toBeCloseTo(FUNNEL.heightMm, 1);
  });

  it('is what is known of it, and usual for the rest', () => {
    const read: StartedFrom = { stage: 'straight', rimDownMm: us(9), cutDownMm: us(9) };
    const known = { metal: 'copper', diameterMm: 28, massG: 11 } as const;
    expect(guessCoin(known, read, HOLE_MM, DEFAULT_MANDREL)).toEqual({ ...known, rimThicknessMm: 2 });
    const nine = guessCoin({ metal: 'copper' }, read, HOLE_MM, DEFAULT_MANDREL);
    expect(fitWall(nine, HOLE_MM, read, DEFAULT_MANDREL).heightMm).toBeCloseTo(9, 1);
    const punched: StartedFrom = { stage: 'punched', rimDownMm: 12, cutDownMm: 12 };
    expect(guessCoin({ metal: 'copper' }, punched, HOLE_MM, DEFAULT_MANDREL).diameterMm).toBe(30);
  });
});
