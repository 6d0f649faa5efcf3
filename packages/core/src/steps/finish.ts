import type { StepKind } from './step-kind';

/** How the finished ring's surface is left. */
export const FINISHES = ['as-formed', 'satin', 'polished', 'dark'] as const;
export type Finish = (typeof FINISHES)[number];

/** A finishing step: what is done, without any forming. */
export interface FinishStep {
  readonly kind: StepKind;
  readonly title: string;
  readonly instruction: string;
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
