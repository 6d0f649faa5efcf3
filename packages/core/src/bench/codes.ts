export const ADVICE_CODES = [
  'do-it',
  'stop-at',
  'part-way',
  'on-mark',
  'past',
  'off-plan',
  'edges-differ',
  'anneal-first',
  'cannot-soften',
  'out-of-reach',
  'finished',
] as const;

export const STANDINGS = ['before', 'on-mark', 'past', 'off-plan', 'out-of-reach', 'finished'] as const;
