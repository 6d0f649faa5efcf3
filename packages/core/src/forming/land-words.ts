import { tellBy, type Sentences } from '../format';

const fineMm = (lengthMm: number) => `${lengthMm.toFixed(2)} mm`;

/** What readings of the land around a hole say, by code. */
const WORDS = {
  'pair-off': ({ clocks, sumMm, neededMm }: { clocks: string; sumMm: number; neededMm: number }) =>
    `${clocks} add up to ${fineMm(sumMm)}, not ${neededMm.toFixed(2)}: measure this pair again, or the piece is not round.`,
  'measure-again': () => 'Measure again before anything is filed.',
  centred: ({ differenceMm }: { differenceMm: number }) =>
    `Wide and narrow differ by ${fineMm(differenceMm)}: fine.`,
  file: (figures: { clock: string; depthMm: number; holeMm: number; repunchMm: number | undefined }) => {
    const punch =
      figures.repunchMm === undefined ? '' : `, or punch again at ${figures.repunchMm.toFixed(1)} mm`;
    return `File the wide side at ${figures.clock} by up to ${fineMm(figures.depthMm)}; the hole becomes ${fineMm(figures.holeMm)}${punch}.`;
  },
} as const satisfies Sentences;

/** What the land says, in its table's words. */
export const landSays = tellBy<string, typeof WORDS>(WORDS);
