import type { Coin } from '../stock';
import type { UnsureInput } from './draw';
import type { RingChances } from './ring-chances';

/** What to measure better, and what that would do for the width's interval. */
export interface NarrowAdvice {
  readonly input: UnsureInput;
  readonly words: string;
  /** Width of the width's interval now, and with this input known exactly, mm. */
  readonly nowMm: number;
  readonly thenMm: number;
}

/** An interval that this little narrower is not worth the trouble. */
const WORTH_SHARE = 0.05;

function adviceWords(input: UnsureInput, coin: Coin): string {
  switch (input) {
    case 'diameter':
      return 'Measure the coin’s diameter again with the calliper, at three places.';
    case 'thickness':
      return coin.massG === undefined
        ? 'Weigh it: the thickness is only guessed from the rim.'
        : 'Check the alloy and weigh it to 0.01 g: thickness follows from mass and density.';
    case 'hole':
      return 'Measure the hole after deburring.';
    case 'centring':
      return 'Use a self-centring punch or a card holder, then measure the land.';
    case 'reading':
      return 'Read the mandrel both ways round and take the mean.';
    case 'share':
      return 'Log your finished widths: how your metal shares out between width and thickness is still a default.';
    case 'bench':
      return 'Log your finished widths: how your dies and grease differ from the default bench is not known yet.';
    case 'trim':
      return 'Trim a little at a time and read between.';
    case 'fold':
      return 'Log what your funnels read: how this die folds is not known yet.';
    case 'curl':
      return 'Turn the edges in a little at a time and read between.';
    case 'gauge':
      return 'Check the mandrel’s marks with the calliper.';
    case 'edges':
      return 'Measure the edges at three places, between the letters.';
  }
}

/** The input that, known exactly, would narrow the width's interval most; undefined when none is worth the trouble. */
export function narrowMost(chances: RingChances, coin: Coin): NarrowAdvice | undefined {
  const nowMm = chances.widthMm.high - chances.widthMm.low;
  const [first] = Object.entries(chances.widthFrom).sort(([, a], [, b]) => b - a);
  if (!first) return undefined;
  const [input, variance] = first as [UnsureInput, number];
  const thenMm = nowMm * Math.sqrt(Math.max(0, 1 - variance));
  if (thenMm >= nowMm * (1 - WORTH_SHARE)) return undefined;
  return { input, words: adviceWords(input, coin), nowMm, thenMm };
}
