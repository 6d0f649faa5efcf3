import type { MetalId } from '../metal';
import type { RecipeStep } from './templates';

/** Something in a recipe that the trade advises against, and the step where it shows. */
export interface RecipeWarning {
  readonly code:
    | 'grit-skipped'
    | 'grit-back'
    | 'acid-before-sulphur'
    | 'no-silver-for-rainbow'
    | 'plate-shows-wear'
    | 'wears-plate'
    | 'lining-not-clean'
    | 'not-sealed';
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
      warnings.push({
        code: 'grit-skipped',
        step,
        message: `From ${last} to ${grit} skips a grit: the scratches of ${last} stay. Never more than double.`,
      });
    }
    if (last !== undefined && grit < last) {
      warnings.push({
        code: 'grit-back',
        step,
        message: `${grit} after ${last} scratches again what is fine already.`,
      });
    }
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
    return meets
      ? [
          {
            code: 'acid-before-sulphur',
            step,
            message:
              'Acid is still on it: neutralise and rinse first. Liver of sulphur and acid give hydrogen sulphide.',
          },
        ]
      : [];
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
      return [
        {
          code: 'no-silver-for-rainbow',
          step,
          message: 'Rainbow colours come only where silver is at the surface.',
        },
      ];
    }
    if (metal === PLATED && one.kind === 'patina') {
      return [
        {
          code: 'plate-shows-wear',
          step,
          message:
            'Plated: where the silver is worn, or wears later, it takes another colour. Leave the high points as they come, without wool.',
        },
      ];
    }
    if (metal === PLATED && wearsPlate(one)) {
      return [
        {
          code: 'wears-plate',
          step,
          message: `Plated: “${one.title}” takes the silver off. It is left out.`,
        },
      ];
    }
    if (one.kind === 'plate' && !SPOTLESS.includes(steps[step - 1]?.kind ?? 'plate')) {
      return [
        {
          code: 'lining-not-clean',
          step,
          message: 'A lining needs spotless metal: polish and degrease right before it.',
        },
      ];
    }
    return [];
  });
  const sealed = steps.some(({ kind, title }) => kind === 'plate' || /seal/i.test(title));
  const greens = metal !== undefined && GREENING.includes(metal) && !sealed && steps.length > 0;
  const seal: readonly RecipeWarning[] = greens
    ? [
        {
          code: 'not-sealed',
          step: steps.length - 1,
          message: 'Copper and bronze green the skin: offer to seal or to line it.',
        },
      ]
    : [];
  return [...gritWarnings(steps), ...acidWarnings(steps), ...others, ...seal].sort((a, b) => a.step - b.step);
}
