import { reasonsBy, type ReasonWords } from '../forming';

const mm = (lengthMm: number) => `${lengthMm.toFixed(1)} mm`;
const fineMm = (lengthMm: number) => `${lengthMm.toFixed(2)} mm`;

/** What is said against works of strip, band and coin, and of the part that comes from another strip, by code. */
const WORDS = {
  'metal-refused': ({ metal, why }: { metal: string; why: string }) => ({ message: `${metal}: ${why}` }),
  'metal-note': ({ note }: { note: string }) => ({ message: note }),
  'unplated-only': ({ metal }: { metal: string }) => ({
    message: `${metal}: heat it only if it was never plated.`,
    instead: '“What is this piece?” under Stock finds out before anything is spoilt.',
  }),
  'cannot-solder': ({ metal }: { metal: string }) => ({
    message: `${metal} cannot be soldered here.`,
    instead: 'Another metal, or an open band.',
  }),
  'not-flat': ({ part }: { part: string }) => ({
    message: `The ${part} is flat: that is round wire.`,
    instead: 'Roll it flat first, and enter it as strip.',
  }),
  'too-narrow': ({ part, wantedMm, widthMm }: { part: string; wantedMm: number; widthMm: number }) => ({
    message: `The ${part} is to be ${mm(wantedMm)} wide; its strip is ${mm(widthMm)}.`,
    instead: 'A wider strip, or less width.',
  }),
  'too-short': ({ part, takesMm, leftMm }: { part: string; takesMm: number; leftMm: number }) => ({
    message: `It takes ${mm(takesMm)} of the strip for the ${part}; ${mm(leftMm)} are left.`,
  }),
  'no-room-for-sides': () => ({
    message: 'The coin alone reaches round the finger: no side pieces are left.',
    instead: 'A smaller coin or a larger size.',
  }),
  step: ({ stepMm, stripMm }: { stepMm: number; stripMm: number }) => ({
    message: `The coin is ${fineMm(Math.abs(stepMm))} ${stepMm > 0 ? 'thicker' : 'thinner'} than the strip: a step shows.`,
    instead: `Strip of ${mm(stripMm)}.`,
  }),
  'no-coping-punch': () => ({
    message: 'No punch of yours is near the coin’s diameter.',
    instead: 'Cope the ends with a half-round file along the scribed arc.',
  }),
  knuckle: ({ why, openingMm }: { why: string; openingMm: number }) => ({
    message: why,
    instead: `The free ends part ${mm(openingMm)} to pass it.`,
  }),
  'no-change': () => ({ message: 'It is that size already.', instead: 'Another target size.' }),
  'pattern-bare': () => ({
    message: 'Bare, the die flattens the pattern.',
    instead: 'Worn cloth or thin leather between band and die.',
  }),
} as const satisfies ReasonWords;

/** A reason of a work, in its table's words. */
export const workReason = reasonsBy(WORDS);

/** What is said against the inner band of a spinner, by code. */
const SPINNER_WORDS = {
  'not-flat': () => ({
    message: 'The inner band is flat: this is round wire.',
    instead: 'Roll it flat first, and enter it as strip.',
  }),
  'too-narrow': ({ wantedMm, widthMm }: { wantedMm: number; widthMm: number }) => ({
    message: `The inner band must be ${mm(wantedMm)} wide; this strip is ${mm(widthMm)}.`,
    instead: `An outer band of at most ${mm(Math.max(0, widthMm - 2))}, or a wider strip.`,
  }),
  'too-short': ({ takesMm, leftMm }: { takesMm: number; leftMm: number }) => ({
    message: `The inner band takes ${mm(takesMm)}; ${mm(leftMm)} are left.`,
  }),
  'flare-uncomfortable': ({ flareMm }: { flareMm: number }) => ({
    message: `Each edge would lean out ${fineMm(flareMm)}: that is felt between the fingers.`,
    instead: 'Less clearance, or a thinner outer band.',
  }),
} as const satisfies ReasonWords;

/** A reason of a spinner, in its table's words. */
export const spinnerReason = reasonsBy(SPINNER_WORDS);

/** What is said against a band of strip, by code. */
const STRIP_WORDS = {
  'too-short': ({ takesMm, leftMm }: { takesMm: number; leftMm: number }) => ({
    message: `It takes ${mm(takesMm)} of this strip; ${mm(leftMm)} are left.`,
    instead: 'A longer piece, or roll a thicker one down.',
  }),
  'not-thicker': ({ thicknessMm }: { thicknessMm: number }) => ({
    message: `Rolls only make it thinner: it is ${fineMm(thicknessMm)} now.`,
    instead: 'Leave it as it is, or take a thicker bar.',
  }),
  'too-narrow': ({ rolledMm, wantedMm, wireMm }: { rolledMm: number; wantedMm: number; wireMm: number }) => ({
    message: `It comes out ${mm(rolledMm)} wide; ${mm(wantedMm)} are wanted.`,
    instead: `Round wire of ${mm(wireMm)}, rolled, or a wider strip.`,
  }),
  'rolled-flat': () => ({
    message: 'Flat rolls press a rounded section flat.',
    instead: 'Take it as thick as it is, or roll flat strip.',
  }),
  'missing-tool': () => ({
    message: 'Your kit lacks a rolling mill.',
    instead: 'Add it under Stock, Kit, or borrow one.',
  }),
} as const satisfies ReasonWords;

/** A reason of a band of strip, in its table's words. */
export const stripReason = reasonsBy(STRIP_WORDS);
