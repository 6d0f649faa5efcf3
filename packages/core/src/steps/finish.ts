import type { FINISHES } from './codes';
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

const WIPE: FinishStep = {
  kind: 'polish',
  title: 'Wipe it bright',
  instruction: 'A soft cloth and plate polish, by hand: no paper, no wool, no wheel on the plating.',
  lookFor: 'Bright all over, no yellow or grey showing through.',
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
  return [...(heated ? [PICKLE] : []), sanding(relief), ...SURFACES[finish]];
}
