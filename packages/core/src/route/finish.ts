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

const SAND: FinishStep = {
  kind: 'sand',
  title: 'Sand the edges and the inside',
  instruction: 'Round both edges, then the grits in order. Leave the legend alone.',
};
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

/** The finishing steps of a ring that has been in the fire (craft §8). */
export function finishSteps(finish: Finish): readonly FinishStep[] {
  switch (finish) {
    case 'as-formed':
      return [PICKLE, SAND];
    case 'satin':
      return [PICKLE, SAND, SATIN];
    case 'polished':
      return [PICKLE, SAND, POLISH];
    case 'dark':
      return [PICKLE, SAND, DARKEN, POLISH];
  }
}
