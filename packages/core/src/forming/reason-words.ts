import { capital, percentWords } from '../format';
import { COMFORTABLE_CUT_EDGE_MM, FOLD_RIM_STRAIN_LIMIT, SHARP_CUT_EDGE_MM } from './limits';
import { reasonsBy, type ReasonWords } from './reason';

/** A rim that is crowded or drawn out to so much of its length. */
function lengthShare(strainLog: number): string {
  return percentWords(Math.exp(strainLog));
}

const ROUND_PIECE = 'Choose a round piece of one metal without a hole.';
const THICKER_EDGE = 'Take a larger hole, a smaller size or a thicker coin.';
const mm = (lengthMm: number) => `${lengthMm.toFixed(1)} mm`;

/** How a rim is kept from growing, in the words of its wall and school. */
const UP_TO = {
  tapered: 'at its rim',
  overStretched: 'with over-stretch',
  largest: 'at its largest',
} as const;

/** What is said for and against a coin ring, by code. */
const WORDS = {
  'metal-refused': ({ metal, why }: { metal: string; why: string }) => ({
    message: `${capital(metal)}: ${why}`,
    instead: 'Choose a piece of silver, copper, bronze, brass or cupro-nickel.',
  }),
  'metal-note': ({ note }: { note: string }) => ({ message: note }),
  'stock-not-round': () => ({
    message: 'The piece is not round: its corners would stand out as points on the rim edge.',
    instead: ROUND_PIECE,
  }),
  'stock-holed': () => ({
    message:
      'The piece has a hole of its own: the band would be open there, and a punch cannot centre on it.',
    instead: ROUND_PIECE,
  }),
  'stock-ring-cored': () => ({
    message: 'Two metals are pressed together: the core falls out when the hole is cut.',
    instead: ROUND_PIECE,
  }),
  'thin-stock': ({ thicknessMm }: { thicknessMm: number }) => ({
    message: `Works as ${thicknessMm.toFixed(2)} mm thin: it slips and splits easily. Go slowly, centre it with a card.`,
  }),
  'fill-off': ({ why }: { why: string }) => ({ message: why }),
  'land-too-narrow': ({ landMm }: { landMm: number }) => ({
    message: `Only ${mm(landMm)} of metal is left around the hole: too little to fold.`,
    instead: 'Take a smaller hole or a larger coin.',
  }),
  'rim-would-grow': (figures: {
    upTo: keyof typeof UP_TO;
    neededMm: number;
    diameterMm: number;
    instead: string;
  }) => ({
    message: `The rim never grows: ${UP_TO[figures.upTo]} the ring needs ${mm(figures.neededMm)} outside, the coin has ${figures.diameterMm.toFixed(1)}.`,
    instead: figures.instead,
  }),
  'hole-larger-than-ring': ({ holeMm, instead }: { holeMm: number; instead: string }) => ({
    message: `The hole of ${mm(holeMm)} is larger than the wall of this ring: it would have to shrink.`,
    instead,
  }),
  'rim-too-compressed': ({ strainLog, instead }: { strainLog: number; instead: string }) => ({
    message: `The rim would be crowded to ${lengthShare(strainLog)} of its length: it wrinkles before it gets there.`,
    instead,
  }),
  'needs-stepped': ({ strainLog }: { strainLog: number }) => ({
    message: `The rim is crowded to ${lengthShare(strainLog)}; dies alone reach ${lengthShare(FOLD_RIM_STRAIN_LIMIT)}. It takes stepped reduction under tape.`,
  }),
  'cut-edge-sharp': ({ thicknessMm }: { thicknessMm: number }) => ({
    message: `The cut edge would be ${thicknessMm.toFixed(2)} mm; under ${SHARP_CUT_EDGE_MM} mm it cuts the finger and tears on the stretcher.`,
    instead: THICKER_EDGE,
  }),
  'cut-edge-thin': ({ thicknessMm }: { thicknessMm: number }) => ({
    message: `The cut edge would be ${thicknessMm.toFixed(2)} mm; under ${COMFORTABLE_CUT_EDGE_MM} mm it wears thin and feels sharp.`,
    instead: THICKER_EDGE,
  }),
  'hollow-too-small': ({ hollowMm, neededMm }: { hollowMm: number; neededMm: number }) => ({
    message: `The ring does not go into a hollow of ${mm(hollowMm)}: it is wider before its edges are turned in.`,
    instead: `Take a hollow of ${mm(neededMm)} or more, or a die.`,
  }),
  'hollow-too-wide': ({ hollowMm, neededMm }: { hollowMm: number; neededMm: number }) => ({
    message: `A hollow of ${mm(hollowMm)} is too wide for this push: the edges meet its bottom and fold over.`,
    instead: `Push less deep, or take a narrower hollow, of ${mm(neededMm)} at least, or a die.`,
  }),
  'far-from-natural-size': ({ natural, offMm }: { natural: string; offMm: number }) => ({
    message: `This washer is happiest at ${natural}; the target lies ${mm(Math.abs(offMm))} ${offMm > 0 ? 'above' : 'below'}, so it takes more work.`,
  }),
} as const satisfies ReasonWords;

/** A reason of the coin ring's judgement, in its table's words. */
export const formingReason = reasonsBy(WORDS);
