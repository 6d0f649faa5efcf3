import type { FINISHES } from './codes';
import { COOLING_IN_AIR, FINISH_WORDS, sandWords } from './finish-words';
import type { StepKind } from './step-kind';
import type { StepWait } from './waits';

export type Finish = (typeof FINISHES)[number];

/** A finishing step: what is done, without any forming. */
export interface FinishStep {
  readonly kind: StepKind;
  readonly title: string;
  readonly instruction: string;
  /** Where its kind looks for something else. */
  readonly lookFor?: string;
  readonly waits?: readonly StepWait[];
}

const step = (kind: StepKind, words: Omit<FinishStep, 'kind' | 'waits'>): FinishStep => ({ kind, ...words });

const POLISH = step('polish', FINISH_WORDS.polish);
const SATIN = step('polish', FINISH_WORDS.satin);
const DARKEN = step('patina', FINISH_WORDS.darken);
const FIRE_SCALE: FinishStep = {
  ...step('anneal', FINISH_WORDS.fireScale),
  waits: [{ what: COOLING_IN_AIR, shortSec: 120, longSec: 300 }],
};
const WOOL_BACK = step('polish', FINISH_WORDS.woolBack);
const PICKLE = step('pickle', FINISH_WORDS.pickle);
const WIPE = step('polish', FINISH_WORDS.wipe);

const SURFACES: Readonly<Record<Finish, readonly FinishStep[]>> = {
  'as-formed': [],
  satin: [SATIN],
  polished: [POLISH],
  dark: [DARKEN, POLISH],
  'fire-scale': [FIRE_SCALE, WOOL_BACK],
};

/**
 * The finishing steps of a ring (craft §8).
 * @param heated whether it has been in the fire: only then is there scale to pickle off
 * @param plated whether only its surface is of the metal that shows: nothing wears it down then
 * @param relief what stands on the outside and is to stay crisp
 */
export function finishSteps(
  finish: Finish,
  {
    heated = true,
    relief = 'legend',
    plated = false,
  }: { readonly heated?: boolean; readonly relief?: string; readonly plated?: boolean } = {},
): readonly FinishStep[] {
  // A plating is a few thousandths of a millimetre: whatever takes metal off takes it off.
  if (plated) return finish === 'dark' ? [DARKEN, WIPE] : [WIPE];
  return [...(heated ? [PICKLE] : []), step('sand', sandWords(relief)), ...SURFACES[finish]];
}
