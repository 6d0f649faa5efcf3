/** Things that go wrong (craft §10). */
export const SYMPTOMS = [
  'crack-at-cut-edge',
  'split-on-second-fold',
  'flare',
  'saddle',
  'wobble',
  'hole-off-centre',
  'stuck-on-cone',
  'stuck-low-on-expansion-cone',
  'size-overshot-up',
  'size-overshot-down',
  'edges-differ',
  'hollow-after-reducing',
  'detail-flattened',
  'wrinkled-rim',
  'cut-edge-too-thin',
  'pusher-dented',
  'dents-on-edge',
  'marker-did-not-fade',
  'blistered',
  'pink-after-pickle',
  'patina-blotchy',
  'plating-peels',
  'handle-will-not-close',
  'gap-in-joint',
  'spinner-binds',
  'solder-did-not-flow',
  'between-sizes',
] as const;
export type Symptom = (typeof SYMPTOMS)[number];

export function isSymptom(text: string): text is Symptom {
  return SYMPTOMS.some((known) => known === text);
}
