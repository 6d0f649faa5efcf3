/** What is done at each finishing step. */
export const FINISH_WORDS = {
  polish: {
    title: 'Polish',
    instruction: 'Inside first, then edges, the outside last and lightly.',
  },
  satin: {
    title: 'Satin with steel wool',
    instruction: '4/0 steel wool round the ring, always the same way.',
  },
  darken: {
    title: 'Darken in liver of sulphur',
    instruction: 'Clean and grease-free first. Dip, look, rinse; then wool back the high points.',
  },
  fireScale: {
    title: 'Fire-scale finish',
    instruction: 'One more heat, even all round; let it cool in air.',
    lookFor: 'Reds and browns that stay when rubbed with a thumb.',
  },
  woolBack: {
    title: 'Wool back the high points',
    instruction: '4/0 steel wool, lightly: the colour stays in the recesses.',
  },
  pickle: {
    title: 'Pickle off the fire scale',
    instruction: 'Warm citric acid or sodium bisulphate, five to fifteen minutes.',
  },
  wipe: {
    title: 'Wipe it bright',
    instruction: 'A soft cloth and plate polish, by hand: no paper, no wool, no wheel on the plating.',
    lookFor: 'Bright all over, no yellow or grey showing through.',
  },
} as const;

/** @param relief what stands on the outside and is to stay crisp */
export function sandWords(relief: string) {
  return {
    title: 'Sand the edges and the inside',
    instruction: `Round both edges, then the grits in order. Leave the ${relief} alone.`,
  };
}

export const COOLING_IN_AIR = 'Cooling in air';
