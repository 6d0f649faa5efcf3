import { percentWords } from '../format';

/** Mistakes that happen at a bench, as they are told. */
export const SLIP_WORDS = {
  'thickness-in-inches': 'the thickness was read in inches',
  'thickness-ten-times-small': 'the thickness was typed ten times too small',
  'thickness-ten-times-large': 'the thickness was typed ten times too large',
  'mass-in-grains': 'the mass was read in grains',
  'radius-for-diameter': 'a radius was typed for the diameter',
  'mass-ten-times-large': 'the mass was typed ten times too large',
} as const;
export type Slip = keyof typeof SLIP_WORDS;

/** Something that would explain a fill that no struck coin has. */
export type Explained = { readonly slip: Slip } | { readonly metals: readonly string[] };

function explainedWords(cause: Explained): string {
  return 'slip' in cause ? SLIP_WORDS[cause.slip] : `the metal is ${cause.metals.join(' or ')}`;
}

const SAID_OF = {
  'too-full': 'the thickness was taken off the rim, the mass is too large, or the metal is denser',
  'too-light': 'the thickness was taken over a high rim, the mass is too small, or the metal is lighter',
} as const;

export const FILL_WORDS = {
  agrees: (fill: number) => `Mass, size and metal agree: ${percentWords(fill)} of the full disc is metal.`,
  littleLight: (fill: number, perhaps: Explained | undefined) =>
    `It is a little light for its rim: ${percentWords(fill)} of the full disc. Is it worn, or is its rim high? Then all is well, and its mass is what counts.${perhaps ? ` If neither, perhaps ${explainedWords(perhaps)}.` : ''}`,
  off: (
    fill: number,
    struck: { readonly min: number; readonly max: number },
    likely: readonly Explained[],
  ) => {
    const causes =
      likely.length > 0
        ? likely.map(explainedWords).join(', or ')
        : SAID_OF[fill > struck.max ? 'too-full' : 'too-light'];
    return `Mass, size and metal do not agree: the piece would be ${percentWords(fill)} full, a struck coin is ${struck.min * 100}–${struck.max * 100}%. Likely ${causes}.`;
  },
} as const;
