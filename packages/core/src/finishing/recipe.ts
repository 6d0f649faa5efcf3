import type { MetalId } from '../metal';
import type { RingState } from '../ring';
import { stillStep, type RouteStep } from '../steps';
import { templateOf, stepBySchool, type RecipeStep } from './templates';
import { wearsPlate } from './warnings';

/** A finish that a maker uses again and again. */
export interface Recipe {
  readonly name: string;
  readonly note: string;
  readonly steps: readonly RecipeStep[];
}

function built(
  name: string,
  note: string,
  ...keys: readonly (readonly [key: string, school?: string])[]
): Recipe {
  return { name, note, steps: keys.map(([key, school]) => stepBySchool(templateOf(key), school)) };
}

const LADDER = [['grit-320'], ['grit-400'], ['grit-600'], ['grit-1000']] as const;

/** Finishes to begin with; a maker changes them or builds others. */
export const FIRST_RECIPES: readonly Recipe[] = [
  built('Bright', 'Polished all over.', ['pickle', 'warm citric acid'], ['neutralise'], ...LADDER, [
    'polish',
    'by spindle',
  ]),
  built(
    'Dark legend',
    'Grey-black in the recesses, bright on the high points.',
    ['pickle', 'sodium bisulphate'],
    ['neutralise'],
    ...LADDER,
    ['patina-grey'],
    ['polish', 'by hand'],
  ),
  built(
    'Satin',
    'Steel wool, one direction.',
    ['pickle', 'warm citric acid'],
    ['neutralise'],
    ['grit-320'],
    ['grit-600'],
    ['satin'],
  ),
  built(
    'Rainbow on silver',
    'Colours by seconds; every ring another.',
    ['pickle', 'warm citric acid'],
    ['neutralise'],
    ...LADDER,
    ['polish', 'by hand'],
    ['rainbow'],
  ),
  built(
    'Fire-scale copper',
    'The colours of the flame, sealed.',
    ['grit-320'],
    ['grit-600'],
    ['fire-scale'],
    ['seal'],
  ),
  built(
    'Gold-lined',
    'Bright outside, gold against the skin.',
    ['pickle', 'warm citric acid'],
    ['neutralise'],
    ...LADDER,
    ['polish', 'by spindle'],
    ['gold-lining', 'flash, 0.25–0.5 µm'],
  ),
];

/** Kinds that only ever finish a ring: a route may be changed from the first of them on. */
const FINISHING: readonly RouteStep['kind'][] = ['pickle', 'sand', 'patina', 'plate', 'polish'];

/** Whether a step belongs to a ring's finish. */
export function isFinishing(kind: RouteStep['kind']): boolean {
  return FINISHING.includes(kind);
}

/** The first step of a route's finish; undefined where there is none any more. */
export function finishFrom({ steps }: Pick<RingState, 'steps'>): number | undefined {
  const lastTrue = steps.findLastIndex(({ kind }) => kind === 'true-up');
  const found = steps.findIndex(({ kind }, i) => i > lastTrue && isFinishing(kind));
  return found < 0 ? undefined : found;
}

/**
 * A ring's route with another finish: its forming stays, its last reading and what was wished beside it too. What takes
 * metal off is left out on plated ware.
 * @returns undefined once the finish has been begun further than it could be changed
 */
export function withRecipe(
  state: Pick<RingState, 'steps' | 'step'>,
  recipe: Pick<Recipe, 'steps'>,
  metal?: MetalId,
): { readonly fromStep: number; readonly steps: readonly RouteStep[] } | undefined {
  const start = finishFrom(state);
  if (start === undefined) return undefined;
  const fromStep = Math.max(start, state.step);
  const standing = state.steps[fromStep - 1];
  const last = state.steps.at(-1);
  if (!standing || !last || fromStep >= state.steps.length) return undefined;
  const steps = metal === 'silver-plate' ? recipe.steps.filter((one) => !wearsPlate(one)) : recipe.steps;
  const finish = steps.map(({ grit: _grit, goldUm: _goldUm, ...told }) => stillStep(standing, told));
  const lines = recipe.steps.some(({ kind }) => kind === 'plate');
  const wished = state.steps
    .slice(fromStep)
    .filter((step) => step.wished === true && !(lines && step.kind === 'plate'));
  const closing = last.kind === 'read' ? [last] : [];
  return { fromStep, steps: [...finish, ...wished, ...closing] };
}
