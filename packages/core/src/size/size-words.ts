import { sizesInWords } from '../format';

/** What a refusal tells the maker to type instead. */
export const ACCEPTED_SIZES =
  'Type a size like 7, 7½, 7 1/2, P½, Z+2, EU 54, CH 14, JP 13, 17.3 mm, c 54.3 mm or 0.68 in.';

/** How far a size is off. */
export const OFF_WORDS = {
  onSize: 'on size',
  off: (amount: string, isLarge: boolean) => `${amount} too ${isLarge ? 'large' : 'small'}`,
} as const;

/** Why what was typed is no size, and what is. */
export const REFUSED_SIZE_WORDS = {
  noFinger: (typed: string, insideMm: number, leastMm: number, mostMm: number) =>
    `“${typed}” would be ${insideMm.toFixed(1)} mm inside, which is no finger's size (${leastMm}–${mostMm} mm). ${ACCEPTED_SIZES}`,
  onlyZ: (typed: string) => `Only Z goes on with +1, +2 …; “${typed}” does not. ${ACCEPTED_SIZES}`,
  noSize: (typed: string) => `“${typed}” is no ring size. ${ACCEPTED_SIZES}`,
  noLetter: (typed: string) => `UK sizes are letters; “${typed}” is a number. ${ACCEPTED_SIZES}`,
} as const;

/** Why a ring is made to a size for a knuckle and a base. */
export const KNUCKLE_WORDS = {
  /** @param over how much the knuckle is larger, written in the maker's sizes */
  open: (over: string) => `The knuckle is ${over} over the base: an open ring passes it and sits firmly.`,
  closed: 'A closed ring has to pass the knuckle: a little under its size, since skin gives.',
  base: 'The knuckle is no larger than the base: the base alone decides.',
} as const;

/** What two marks of a mandrel say of its scale. */
export const MANDREL_WORDS = {
  isTrue: 'Its scale is true: within an eighth of a size at both marks.',
  disagrees: 'Its two marks disagree with each other: the taper or the scale is wrong. Do not trust it.',
  off: (offUs: number) =>
    `It reads ${sizesInWords(offUs)} too ${offUs > 0 ? 'large' : 'small'}: take that off what it says.`,
} as const;

/** Why a wide band is made larger, or is not. */
export function wideBandWords(bandWidthMm: number, isLarger: boolean, roundedInside: boolean): string {
  const width = `${bandWidthMm.toFixed(1)} mm wide`;
  if (!isLarger) return `${width}: no allowance needed.`;
  return `${width}: wide bands feel tighter${roundedInside ? '; the rounded inside takes ¼ off' : ''}.`;
}
