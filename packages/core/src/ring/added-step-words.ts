import type { StepKind } from '../steps';

/** What a step is called that the maker puts in. */
export const ADDED_TITLES: Readonly<Record<StepKind, string>> = {
  cut: 'Punch the hole',
  deburr: 'Deburr it again',
  anneal: 'Anneal once more',
  fold: 'Fold a little further',
  flatten: 'Press it level',
  stretch: 'A touch with the stretcher',
  reduce: 'A touch in the die',
  stepped: 'A pass under tape',
  straighten: 'A touch on cone and lid',
  curl: 'Turn the edges in a little',
  trim: 'Trim the lip',
  'true-up': 'True up',
  read: 'Read it',
  sand: 'Sand it',
  pickle: 'Pickle it',
  patina: 'Darken it',
  plate: 'Line it',
  polish: 'Polish it',
  bend: 'Bend it a little further',
  close: 'Close it a little further',
  solder: 'Solder it',
  roll: 'A pass through the rolls',
  saw: 'Saw it',
  file: 'File it',
  assemble: 'Put it together',
};

export const ADDED_INSTRUCTION = 'Put in at the bench. A little at a time, then look.';
