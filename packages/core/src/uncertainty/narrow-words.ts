import type { UnsureInput } from './draw';

/** What to measure or log so that an input is known better. */
export const NARROW_WORDS: Readonly<Record<UnsureInput | 'thickness-guessed', string>> = {
  diameter: 'Measure the coin’s diameter again with the calliper, at three places.',
  thickness: 'Check the alloy and weigh it to 0.01 g: thickness follows from mass and density.',
  'thickness-guessed': 'Weigh it: the thickness is only guessed from the rim.',
  hole: 'Measure the hole after deburring.',
  centring: 'Use a self-centring punch or a card holder, then measure the land.',
  reading: 'Read the mandrel both ways round and take the mean.',
  share:
    'Log your finished widths: how your metal shares out between width and thickness is still a default.',
  bench: 'Log your finished widths: how your dies and grease differ from the default bench is not known yet.',
  trim: 'Trim a little at a time and read between.',
  fold: 'Log what your funnels read: how this die folds is not known yet.',
  curl: 'Turn the edges in a little at a time and read between.',
  gauge: 'Check the mandrel’s marks with the calliper.',
  edges: 'Measure the edges at three places, between the letters.',
};
