import { saidBy, type Sentences } from '../format';

const mm = (lengthMm: number) => `${lengthMm.toFixed(1)} mm`;
const fineMm = (lengthMm: number) => `${lengthMm.toFixed(2)} mm`;

/** What is taken to be so of a half-made piece, by code. */
const WORDS = {
  'hole-from-height': ({ holeMm }: { holeMm: number }) =>
    `Its hole was about ${mm(holeMm)}: that leaves a wall so high of this coin.`,
  'hole-as-planned': ({ holeMm }: { holeMm: number }) => `Its hole was ${mm(holeMm)}, as planned.`,
  'rim-hidden': ({ rimMm, measured }: { rimMm: number; measured: boolean }) =>
    measured
      ? `No mandrel touches its rim edge: ${mm(rimMm)} is taken as measured across it.`
      : `No mandrel touches its rim edge: it is about ${mm(rimMm)}, as such a wall stands.`,
  'cut-hidden': ({ cutMm }: { cutMm: number }) =>
    `No mandrel touches its cut edge: it is about ${mm(cutMm)}.`,
  'lean-assumed': ({ leanDeg }: { leanDeg: number }) =>
    `Its wall leans ${leanDeg.toFixed(0)}°, as its edges and its width say.`,
  'curl-assumed': () => 'Its edges are turned in as one push in a 17° die does.',
  'height-computed': ({ heightMm, alongMm }: { heightMm: number; alongMm: number }) =>
    `It is ${mm(heightMm)} high, ${mm(alongMm)} along the wall.`,
  'thickness-computed': ({ cutMm, rimMm }: { cutMm: number; rimMm: number }) =>
    `It is ${fineMm(cutMm)} thick at the cut edge and ${fineMm(rimMm)} at the rim.`,
  'measures-disagree': () =>
    'No hole in this coin leaves a wall so high: look at the coin’s size and thickness, or at the height.',
  hard: () => 'It was not softened since it was formed: it is annealed before it is formed on.',
  'no-lip': () => 'No lip stands inside the rim edge: trim it first if there is one.',
} as const satisfies Sentences;

/** Something that is assumed of a coin ring, in its table's words. */
export const assumed = saidBy(WORDS);

/** The same of a finished band, as its entry in the stock tells it. */
const BAND_WORDS = {
  'edges-alike': ({ middleMm }: { middleMm: number }) =>
    `Its edges are taken alike, at ${mm(middleMm)} between what was read.`,
  'height-computed': ({ widthMm }: { widthMm: number }) => `It is ${mm(widthMm)} wide, as the stock says.`,
  'thickness-computed': ({ thicknessMm }: { thicknessMm: number }) =>
    `It is ${fineMm(thicknessMm)} thick, as the stock says.`,
} as const satisfies Sentences;

/** Something that is assumed of a finished band, in its table's words. */
export const assumedOfBand = saidBy(BAND_WORDS);
