import type { MetalId } from '../metal';
import { recipeSays, type RecipeWarningCode } from './reason-words';
import type { RecipeStep } from './templates';

/** Something in a recipe that the trade advises against, and the step where it shows. */
export interface RecipeWarning {
  readonly code: RecipeWarningCode;
  readonly step: number;
  readonly message: string;
}

/** A next grit may be this many times the last (craft §8). */
const MOST_GRIT_RATIO = 2;

const SILVERS = /^silver-/;
/** Metals that green the skin. */
const GREENING: readonly MetalId[] = ['copper', 'bronze'];

function gritWarnings(steps: readonly RecipeStep[]): readonly RecipeWarning[] {
  const warnings: RecipeWarning[] = [];
  let last: number | undefined;
  steps.forEach(({ grit }, step) => {
    if (grit === undefined) return;
    if (last !== undefined && grit > last * MOST_GRIT_RATIO) {
      warnings.push({ ...recipeSays('grit-skipped', { last, grit }), step });
    }
    if (last !== undefined && grit < last)
      warnings.push({ ...recipeSays('grit-back', { last, grit }), step });
    last = grit;
  });
  return warnings;
}

/** Acid that is still on the ring when it meets liver of sulphur gives hydrogen sulphide. */
function acidWarnings(steps: readonly RecipeStep[]): readonly RecipeWarning[] {
  let acid = false;
  return steps.flatMap((one, step): RecipeWarning[] => {
    if (one.kind === 'pickle') acid = !one.title.toLowerCase().startsWith('neutralise');
    const meets = acid && one.kind === 'patina';
    return meets ? [{ ...recipeSays('acid-before-sulphur'), step }] : [];
  });
}

const isRainbow = ({ kind, title }: RecipeStep) => kind === 'patina' && /rainbow/i.test(title);
const PLATED: MetalId = 'silver-plate';
/** Whether a step takes metal off: on plated ware that is the silver. */
export function wearsPlate({ kind, title }: Pick<RecipeStep, 'kind' | 'title'>): boolean {
  return kind === 'sand' || kind === 'file' || /wool|spindle/i.test(title);
}

const SPOTLESS: readonly RecipeStep['kind'][] = ['polish', 'sand'];

/**
 * What a recipe does against the trade's advice (craft §8).
 * @param metal of the ring it is to be used on; left out, only what holds for all
 */
export function recipeWarnings(steps: readonly RecipeStep[], metal?: MetalId): readonly RecipeWarning[] {
  const others = steps.flatMap((one, step): RecipeWarning[] => {
    if (isRainbow(one) && metal !== undefined && !SILVERS.test(metal)) {
      return [{ ...recipeSays('no-silver-for-rainbow'), step }];
    }
    if (metal === PLATED && one.kind === 'patina') return [{ ...recipeSays('plate-shows-wear'), step }];
    if (metal === PLATED && wearsPlate(one)) return [{ ...recipeSays('wears-plate', one), step }];
    if (one.kind === 'plate' && !SPOTLESS.includes(steps[step - 1]?.kind ?? 'plate')) {
      return [{ ...recipeSays('lining-not-clean'), step }];
    }
    return [];
  });
  const sealed = steps.some(({ kind, title }) => kind === 'plate' || /seal/i.test(title));
  const greens = metal !== undefined && GREENING.includes(metal) && !sealed && steps.length > 0;
  const seal: readonly RecipeWarning[] = greens
    ? [{ ...recipeSays('not-sealed'), step: steps.length - 1 }]
    : [];
  return [...gritWarnings(steps), ...acidWarnings(steps), ...others, ...seal].sort((a, b) => a.step - b.step);
}
