import type { StepKind } from '../steps';
import { SYMPTOMS, type Symptom } from '../ring';

const AT_STEP: Partial<Readonly<Record<StepKind, readonly Symptom[]>>> = {
  cut: ['hole-off-centre', 'pusher-dented'],
  deburr: ['hole-off-centre', 'crack-at-cut-edge'],
  anneal: ['marker-did-not-fade', 'blistered'],
  fold: [
    'flare',
    'saddle',
    'wobble',
    'split-on-second-fold',
    'crack-at-cut-edge',
    'wrinkled-rim',
    'stuck-on-cone',
  ],
  flatten: ['wobble', 'saddle', 'dents-on-edge'],
  stretch: ['crack-at-cut-edge', 'size-overshot-up', 'edges-differ', 'detail-flattened'],
  reduce: [
    'size-overshot-down',
    'edges-differ',
    'hollow-after-reducing',
    'detail-flattened',
    'dents-on-edge',
  ],
  stepped: ['size-overshot-down', 'detail-flattened', 'pusher-dented', 'dents-on-edge'],
  straighten: ['stuck-low-on-expansion-cone', 'crack-at-cut-edge', 'size-overshot-up'],
  curl: ['size-overshot-down', 'edges-differ', 'detail-flattened'],
  trim: ['size-overshot-up', 'cut-edge-too-thin'],
  'true-up': ['edges-differ', 'size-overshot-up', 'size-overshot-down', 'between-sizes'],
  read: ['edges-differ', 'between-sizes'],
  pickle: ['pink-after-pickle'],
  patina: ['patina-blotchy'],
  polish: ['plating-peels', 'detail-flattened'],
  bend: ['handle-will-not-close', 'plating-peels', 'detail-flattened', 'edges-differ'],
  close: ['handle-will-not-close', 'gap-in-joint', 'size-overshot-down'],
  solder: ['solder-did-not-flow', 'gap-in-joint', 'blistered'],
  assemble: ['spinner-binds', 'edges-differ'],
};

/** Every symptom, those that belong to a kind of step first. */
export function symptomsAt(kind: StepKind): {
  readonly here: readonly Symptom[];
  readonly other: readonly Symptom[];
} {
  const here = AT_STEP[kind] ?? [];
  return { here, other: SYMPTOMS.filter((symptom) => !here.includes(symptom)) };
}
