import type { StepKind } from '@round-mint/core/steps';

/** A kind of step as one of several is called. */
export const STEP_WORDS: Partial<Readonly<Record<StepKind, string>>> = {
  cut: 'punching',
  deburr: 'deburring',
  anneal: 'anneal',
  fold: 'fold stroke',
  flatten: 'levelling',
  stretch: 'pull',
  straighten: 'straightening',
  reduce: 'reduction',
  stepped: 'pass under tape',
  curl: 'turning in',
  trim: 'trimming',
  'true-up': 'true-up',
  read: 'reading',
  pickle: 'pickle',
  sand: 'sanding',
  patina: 'patina',
  plate: 'lining',
  polish: 'polish',
  file: 'filing',
};
