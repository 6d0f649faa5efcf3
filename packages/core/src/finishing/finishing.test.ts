import { REFERENCE_KIT } from '../kit';
import { planCoinRing } from '../route';
import {
  finishFrom,
  FIRST_RECIPES,
  goldLining,
  recipeWarnings,
  STEP_TEMPLATES,
  stepBySchool,
  templateOf,
  withRecipe,
} from './index';

const step = (key: string) => templateOf(key).step;
const codes = (...keys: string[]) => recipeWarnings(keys.map(step)).map(({ code, step: at }) => [code, at]);

describe('recipe warnings', () => {
  it('warn of a skipped grit, and of going back', () => {
    expect(codes('grit-320', 'grit-600', 'grit-1000')).toEqual([]);
    expect(codes('grit-220', 'grit-600')).toEqual([['grit-skipped', 1]]);
    expect(codes('grit-600', 'grit-400')).toEqual([['grit-back', 1]]);
  });

  it('never let acid meet liver of sulphur', () => {
    expect(codes('pickle', 'patina-grey')).toEqual([['acid-before-sulphur', 1]]);
    expect(codes('pickle', 'neutralise', 'patina-grey')).toEqual([]);
    expect(codes('pickle', 'grit-320', 'rainbow')).toEqual([['acid-before-sulphur', 2]]);
  });

  it('know which metal takes what', () => {
    const rainbow = [step('polish'), step('rainbow')];
    expect(recipeWarnings(rainbow, 'silver-925')).toEqual([]);
    expect(recipeWarnings(rainbow, 'copper').map(({ code }) => code)).toEqual([
      'no-silver-for-rainbow',
      'not-sealed',
    ]);
    expect(recipeWarnings([step('fire-scale'), step('seal')], 'copper')).toEqual([]);
  });

  it('know that plate is worn off, and that worn places take another colour', () => {
    const plated = (...keys: string[]) =>
      recipeWarnings(keys.map(step), 'silver-plate').map(({ code, step: at }) => [code, at]);
    expect(plated('rainbow')).toEqual([['plate-shows-wear', 0]]);
    expect(plated('patina-grey')).toEqual([['plate-shows-wear', 0]]);
    expect(plated('grit-600', 'polish')).toEqual([['wears-plate', 0]]);
    expect(recipeWarnings([step('rainbow')], 'silver-925')).toEqual([]);
  });

  it('want spotless metal under gold', () => {
    expect(codes('pickle', 'neutralise', 'gold-lining')).toEqual([['lining-not-clean', 2]]);
    expect(codes('polish', 'gold-lining')).toEqual([]);
  });

  it.each(FIRST_RECIPES.map((recipe) => [recipe.name, recipe] as const))(
    'find nothing wrong with “%s”',
    (_name, recipe) => {
      expect(recipeWarnings(recipe.steps)).toEqual([]);
      expect(recipe.steps.length).toBeGreaterThan(2);
    },
  );
});

describe('step templates', () => {
  it('have keys of their own, and both schools where makers differ', () => {
    expect(new Set(STEP_TEMPLATES.map(({ key }) => key)).size).toBe(STEP_TEMPLATES.length);
    const pickle = templateOf('pickle');
    expect(stepBySchool(pickle, 'sodium bisulphate').waits).toEqual([
      { what: 'Pickle', bath: 'the pickle', shortSec: 300, longSec: 600 },
    ]);
    expect(stepBySchool(pickle, 'unheard of')).toEqual(pickle.step);
    expect(() => templateOf('gilding')).toThrow('no step template “gilding”');
  });

  it('say a caution wherever acid, sulphur, flame or a spindle is', () => {
    for (const { step: one } of STEP_TEMPLATES) {
      if (['pickle', 'patina', 'plate', 'anneal'].includes(one.kind)) expect(one.caution).toBeTruthy();
    }
  });
});

describe('goldLining', () => {
  it('follows Faraday: a hundred coulombs lay on 0.204 g of univalent gold at full efficiency', () => {
    const whole = goldLining({
      insideDiameterMm: 20,
      heightMm: 8,
      thicknessUm: 1,
      currentA: 0.1,
      efficiency: 1,
    });
    expect(whole.areaMm2).toBeCloseTo(502.65, 1);
    expect(whole.goldMassG).toBeCloseTo(0.0097, 4);
    expect(whole.goldMassG / whole.chargeC).toBeCloseTo(0.204142 / 100, 5);
    expect(whole.minutes).toBeCloseTo(whole.chargeC / 6, 9);
  });

  it('takes thrice the charge from trivalent gold, and longer at a poor efficiency', () => {
    const lining = { insideDiameterMm: 20, heightMm: 8, thicknessUm: 0.5, currentA: 0.1 };
    const usual = goldLining(lining).minutes;
    expect(goldLining({ ...lining, valence: 3 }).minutes).toBeCloseTo(3 * usual, 9);
    expect(goldLining({ ...lining, efficiency: 0.3 }).minutes).toBeCloseTo(2 * usual, 9);
  });
});

describe('a ring with another finish', () => {
  const { route } = planCoinRing(
    {
      coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' },
      holeMm: 12.7,
      targetInsideDiameterMm: 18.9,
      wall: { kind: 'straight' },
    },
    { kit: REFERENCE_KIT },
  );
  const steps = route?.steps ?? [];
  const dark = FIRST_RECIPES[1]!;

  it('keeps its forming and its last reading', () => {
    const from = finishFrom({ steps }) ?? -1;
    expect(steps[from]?.kind).toBe('pickle');
    const changed = withRecipe({ steps, step: 3 }, dark);
    expect(changed?.fromStep).toBe(from);
    expect(changed?.steps.map(({ title }) => title)).toEqual([
      ...dark.steps.map(({ title }) => title),
      steps.at(-1)?.title,
    ]);
    expect(changed?.steps[0]?.after).toEqual(steps[from - 1]?.after);
  });

  it('takes nothing off plated ware', () => {
    const kinds = (metal?: 'silver-plate') =>
      withRecipe({ steps, step: 3 }, dark, metal)?.steps.map(({ kind }) => kind) ?? [];
    expect(kinds()).toContain('sand');
    expect(kinds('silver-plate')).not.toContain('sand');
    expect(kinds('silver-plate')).toContain('patina');
  });

  it('is changed from where the finish has got to, and not once all is done', () => {
    const from = finishFrom({ steps }) ?? -1;
    expect(withRecipe({ steps, step: from + 1 }, dark)?.fromStep).toBe(from + 1);
    expect(withRecipe({ steps, step: steps.length }, dark)).toBeUndefined();
  });
});
