import type { RouteStep } from './step';

/** Words, times and waits of a step, without where the wall stands. */
export type StepTold = Pick<
  RouteStep,
  | 'kind'
  | 'title'
  | 'instruction'
  | 'lookFor'
  | 'handsOnMin'
  | 'waitMin'
  | 'caution'
  | 'waits'
  | 'verb'
  | 'wished'
>;

/** A step that leaves the wall as the one before has left it. */
export function stillStep(standing: RouteStep, told: StepTold): RouteStep {
  const { after, outline, pieceState, blank, kind } = standing;
  return {
    ...told,
    before: after,
    after,
    strainCutEdge: 0,
    strainRimEdge: 0,
    annealFirst: kind === 'anneal',
    outline,
    risks: [],
    ...(pieceState ? { pieceState } : {}),
    ...(blank ? { blank } : {}),
  };
}
