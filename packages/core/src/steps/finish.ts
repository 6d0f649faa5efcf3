import type { StepKind } from './step-kind';
import type { StepWait } from './waits';

/** How the finished ring's surface is left. */
export const FINISHES = ['as-formed', 'satin', 'polished', 'dark', 'fire-scale'] as const;
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

function sanding(relief: string): FinishStep {
  return {
    kind: 'sand',
    title: 'Sand the edges and the inside',
    instruction: `Round both edges, then the grits in order. Leave the ${relief} alone.`,
  };
}
const POLISH: FinishStep = {
  kind: 'polish',
  title: 'Polish',
  instruction: 'Inside first, then edges, the outside last and lightly.',
};
const SATIN: FinishStep = {
  kind: 'polish',
  title: 'Satin with steel wool',
  instruction: '4/0 steel wool round the ring, always the same way.',
};
const DARKEN: FinishStep = {
  kind: 'patina',
  title: 'Darken in liver of sulphur',
  instruction: 'Clean and grease-free first. Dip, look, rinse; then wool back the high points.',
};
const FIRE_SCALE: FinishStep = {
  kind: 'anneal',
  title: 'Fire-scale finish',
  instruction: 'One more heat, even all round; let it cool in air.',
  lookFor: 'Reds and browns that stay when rubbed with a thumb.',
  waits: [{ what: 'Cooling in air', shortSec: 120, longSec: 300 }],
};
const WOOL_BACK: FinishStep = {
  kind: 'polish',
  title: 'Wool back the high points',
  instruction: '4/0 steel wool, lightly: the colour stays in the recesses.',
};
const PICKLE: FinishStep = {
  kind: 'pickle',
  title: 'Pickle off the fire scale',
  instruction: 'Warm citric acid or sodium bisulphate, five to fifteen minutes.',
};

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
 * @param relief what stands on the outside and is to stay crisp
 */
export function finishSteps(
  finish: Finish,
  { heated = true, relief = 'legend' }: { readonly heated?: boolean; readonly relief?: string } = {},
): readonly FinishStep[] {
  return [...(heated ? [PICKLE] : []), sanding(relief), ...SURFACES[finish]];
}
