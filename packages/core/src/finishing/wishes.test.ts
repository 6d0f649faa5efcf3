import { REFERENCE_KIT } from '../kit';
import { coinRoute } from '../route';
import type { Finish, RouteStep } from '../steps';
import { finishReasons, FIRST_RECIPES, withRecipe, withWishes } from './index';

const INPUT = {
  coin: { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'bronze' },
  holeMm: 12.7,
  targetInsideDiameterMm: 18.9,
  wall: { kind: 'straight' },
} as const;

function routeOf(finish: Finish): readonly RouteStep[] {
  const route = coinRoute(INPUT, { kit: REFERENCE_KIT, finish });
  if (!route) throw new Error('no route');
  return route.steps;
}

/** Titles of what comes after the ring has its shape. */
function finishOf(steps: readonly RouteStep[]): readonly string[] {
  return steps.slice(steps.findLastIndex(({ kind }) => kind === 'true-up') + 1).map(({ title }) => title);
}

describe('wishes in a route', () => {
  it('leaves a route alone where nothing is wished', () => {
    const steps = routeOf('polished');
    expect(withWishes(steps, { dedication: '  ' })).toEqual(steps);
  });

  it('engraves once it is sanded and lines it last, before it is read', () => {
    const steps = withWishes(routeOf('polished'), { lining: 'gold', dedication: 'To the night boat' });
    expect(finishOf(steps)).toEqual([
      'Pickle off the fire scale',
      'Sand the edges and the inside',
      'Engrave the dedication',
      'Polish',
      'Line it with gold',
      'Read the finished ring',
    ]);
    const engraving = steps.find(({ verb }) => verb === 'Engrave');
    expect(engraving?.instruction).toContain('“To the night boat”');
    const lining = steps.find(({ kind }) => kind === 'plate');
    expect(lining?.caution).toContain('poisonous');
    expect(lining?.handsOnMin).toBe(8);
    for (const step of [engraving, lining]) {
      expect(step?.before).toEqual(step?.after);
      expect(step?.after).toEqual(steps.at(-1)?.after);
    }
  });

  it('says at every stroke which face lies down in the die', () => {
    const open = routeOf('dark').filter(({ kind }) => kind === 'fold');
    const folds = withWishes(routeOf('dark'), { face: 'reverse' }).filter(({ kind }) => kind === 'fold');
    expect(folds).toHaveLength(open.length);
    for (const { instruction } of folds) {
      expect(instruction).toMatch(/[Rr]everse down \(it becomes the outside\), greased/);
      expect(instruction).not.toMatch(/outside face/i);
    }
  });

  it('stays in when another finish is chosen, but is not done twice', () => {
    const steps = withWishes(routeOf('polished'), { lining: 'gold', dedication: 'P & A' });
    const state = { steps, step: steps.findIndex(({ kind }) => kind === 'pickle') };
    const chosen = (name: string) => {
      const recipe = FIRST_RECIPES.find((one) => one.name === name);
      return recipe ? withRecipe(state, recipe)?.steps.map(({ title }) => title) : undefined;
    };
    const satin = chosen('Satin');
    expect(satin?.slice(-3)).toEqual([
      'Engrave the dedication',
      'Line it with gold',
      'Read the finished ring',
    ]);
    expect(chosen('Gold-lined')?.filter((title) => /gold/i.test(title))).toEqual(['Gold lining inside']);
  });
});

describe('a fire-scale finish', () => {
  it('is one more heat, cooled in air, then woolled back', () => {
    const steps = routeOf('fire-scale');
    expect(finishOf(steps).slice(-3)).toEqual([
      'Fire-scale finish',
      'Wool back the high points',
      'Read the finished ring',
    ]);
    const heat = steps.find(({ title }) => title === 'Fire-scale finish');
    expect(heat).toMatchObject({ kind: 'anneal', waits: [{ what: 'Cooling in air' }] });
    expect(heat?.lookFor).toContain('Reds and browns');
  });
});

describe('what a metal says against a finish', () => {
  it.each([
    ['fire-scale', 'bronze', []],
    ['fire-scale', 'copper', []],
    ['fire-scale', 'silver-925', ['finish-needs-copper refuse']],
    ['dark', 'bronze', []],
    ['dark', 'silver-800', []],
    ['dark', 'silver-plate', ['finish-shows-wear warn']],
    ['dark', 'cupronickel', ['finish-may-not-take warn']],
    ['polished', 'cupronickel', []],
  ] as const)('%s on %s: %j', (finish, metal, said) => {
    expect(finishReasons(finish, metal).map(({ code, level }) => `${code} ${level}`)).toEqual(said);
  });
});
