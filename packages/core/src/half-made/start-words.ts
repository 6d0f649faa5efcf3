import type { Reason } from '../forming';
import type { Replan } from '../replan';

/** What is said of the first step of a ring that is begun half-way. */
export const LOOK_WORDS = {
  title: 'Look it over',
  instruction: 'Both ways round, as it came; cracks at the cut edge, a lip at the rim, burrs: those first.',
} as const;

type Why = Extract<Replan, { kind: 'out-of-reach' }>['why'];

const WHY: Readonly<Record<Why, string>> = {
  'rim-would-grow': 'From here the rim would have to grow, and it never does.',
  'rim-too-small': 'From here the rim would have to be pressed together further than the metal bears.',
  'edge-too-thin': 'Stretched so far, its cut edge would be too thin to wear.',
  'no-route': 'From here no way leads there with these tools.',
};

/**
 * Why a size cannot be made of what is there.
 * @param target the size, as the maker writes it
 * @param nearest the nearest that can be made; left out, none
 */
export function outOfReachWords(
  why: Why,
  target: string,
  nearest: string | undefined,
): Pick<Reason, 'message' | 'instead'> {
  const message = `${target} is out of reach. ${WHY[why]}`;
  return nearest === undefined
    ? { message }
    : { message, instead: `The nearest that can be made is ${nearest}.` };
}
