import type { Coin } from '../stock';
import type { UnsureInput } from './draw';
import { NARROW_WORDS } from './narrow-words';
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

function adviceFor(input: UnsureInput, { massG }: Coin): keyof typeof NARROW_WORDS {
  return input === 'thickness' && massG === undefined ? 'thickness-guessed' : input;
}

/** The input that, known exactly, would narrow the width's interval most; undefined when none is worth the trouble. */
export function narrowMost(chances: RingChances, coin: Coin): NarrowAdvice | undefined {
  const nowMm = chances.widthMm.high - chances.widthMm.low;
  const [first] = Object.entries(chances.widthFrom).sort(([, a], [, b]) => b - a);
  if (!first) return undefined;
  const [input, variance] = first as [UnsureInput, number];
  const thenMm = nowMm * Math.sqrt(Math.max(0, 1 - variance));
  if (thenMm >= nowMm * (1 - WORTH_SHARE)) return undefined;
  return { input, words: NARROW_WORDS[adviceFor(input, coin)], nowMm, thenMm };
}
