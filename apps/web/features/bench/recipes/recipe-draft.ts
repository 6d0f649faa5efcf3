import { STEP_TEMPLATES, type Recipe, type RecipeStep, type StepTemplate } from '@round-mint/core/finishing';
import { parseDecimal, workWords, countWords } from '@round-mint/core/format';

/** A recipe while it is changed. */
export interface RecipeDraft extends Recipe {
  /** Its id when it is one of the maker's own. */
  readonly id: string | undefined;
}

export const EMPTY_DRAFT: RecipeDraft = { id: undefined, name: '', note: '', steps: [] };

/** The template that a step was made from; a step with another title is the maker's own. */
export function templateFor({ title }: RecipeStep): StepTemplate | undefined {
  return STEP_TEMPLATES.find(({ step }) => step.title === title);
}

/** The school whose times a step has; undefined when it has none of them. */
export function schoolOf(step: RecipeStep): string | undefined {
  return templateFor(step)?.schools.find(
    ({ handsOnMin, waitMin }) => handsOnMin === step.handsOnMin && waitMin === step.waitMin,
  )?.school;
}

export function withStep(draft: RecipeDraft, step: RecipeStep): RecipeDraft {
  return { ...draft, steps: [...draft.steps, step] };
}

export function withoutStep(draft: RecipeDraft, index: number): RecipeDraft {
  return { ...draft, steps: draft.steps.filter((_, i) => i !== index) };
}

export function changedStep(draft: RecipeDraft, index: number, change: Partial<RecipeStep>): RecipeDraft {
  return { ...draft, steps: draft.steps.map((step, i) => (i === index ? { ...step, ...change } : step)) };
}

/** A step moved one place; at the ends it stays. */
export function movedStep(draft: RecipeDraft, index: number, by: 1 | -1): RecipeDraft {
  const to = index + by;
  const steps = [...draft.steps];
  const [moved] = steps.splice(index, 1);
  if (!moved || to < 0 || to > steps.length) return draft;
  steps.splice(to, 0, moved);
  return { ...draft, steps };
}

/** Minutes of a step as the maker typed them; undefined when that is no time. */
export function minutesOf(text: string): number | undefined {
  const minutes = parseDecimal(text);
  return minutes >= 0 && minutes <= 600 ? minutes : undefined;
}

/** "8 steps, 42 min hands-on, 25 min waiting". */
export function recipeLine({ steps }: Pick<Recipe, 'steps'>): string {
  const hands = steps.reduce((sum, { handsOnMin }) => sum + handsOnMin, 0);
  const wait = steps.reduce((sum, { waitMin }) => sum + waitMin, 0);
  const count = countWords(steps.length, 'step');
  return `${count}, ${workWords(hands, wait)}`;
}
