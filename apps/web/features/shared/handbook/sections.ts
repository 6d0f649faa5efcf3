import type { Symptom } from '@round-mint/core/ring';
import type { StepKind } from '@round-mint/core/steps';
import type { WorkKind } from '@round-mint/core/work';

/** Ids of the handbook's sections, as docs/craft.md numbers and names them. */
export const CAUTIONS = '12';
export const TROUBLES = '10';

/** Where the handbook tells how a kind of step is done. */
export const STEP_SECTIONS: Readonly<Record<StepKind, string>> = {
  cut: '3-punch-and-deburr',
  deburr: '3-punch-and-deburr',
  anneal: '2-how-hot',
  fold: '3-fold',
  flatten: '3-fold',
  stretch: '3-stretch',
  reduce: '3-finish-the-wall',
  stepped: '5',
  straighten: '3-finish-the-wall',
  curl: '14',
  trim: '3-trim-and-true-up',
  'true-up': '3-trim-and-true-up',
  read: '1-reading-a-mandrel',
  sand: '8',
  pickle: '8',
  patina: '8',
  plate: '8',
  polish: '8',
  bend: '6-bending-and-springback',
  close: '6-joint',
  solder: '6-joint',
  roll: '6-rolling',
  saw: '6-length-of-the-blank',
  file: '6-joint',
  assemble: '6-spinner-ring',
};

/** Where the handbook tells of the work in which a trouble arises. */
export const SYMPTOM_SECTIONS: Readonly<Record<Symptom, string>> = {
  'crack-at-cut-edge': '4',
  'split-on-second-fold': '4',
  flare: '3-fold',
  saddle: '3-fold',
  wobble: '3-fold',
  'hole-off-centre': '3-centring',
  'stuck-on-cone': '3-fold',
  'stuck-low-on-expansion-cone': '3-finish-the-wall',
  'size-overshot-up': '3-trim-and-true-up',
  'size-overshot-down': '3-trim-and-true-up',
  'edges-differ': '3-trim-and-true-up',
  'hollow-after-reducing': '7',
  'detail-flattened': '7',
  'wrinkled-rim': '3-wrinkles',
  'cut-edge-too-thin': '3-which-sizes-a-coin-can-make',
  'pusher-dented': '5',
  'dents-on-edge': '3-finish-the-wall',
  'marker-did-not-fade': '2-how-hot',
  blistered: '2-how-hot',
  'pink-after-pickle': '8',
  'patina-blotchy': '8',
  'plating-peels': '2-what-must-not-be-heated-or-stretched',
  'handle-will-not-close': '6-bending-and-springback',
  'gap-in-joint': '6-joint',
  'spinner-binds': '6-spinner-ring',
  'solder-did-not-flow': '6-joint',
  'between-sizes': '1-wide-bands-and-knuckles',
};

/** Where the handbook tells how a kind of work other than a coin's ring is computed. */
export const WORK_SECTIONS: Readonly<Record<WorkKind, string>> = {
  handle: '6-length-of-the-blank',
  strip: '6-strip',
  spinner: '6-spinner-ring',
  'coin-band': '6-coin-in-an-open-band',
  resize: '7',
};
