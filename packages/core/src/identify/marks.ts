import type { MetalId } from '../metal';

/** Words and numbers that are stamped on metal, in general use. */
const MARKS: readonly { readonly pattern: RegExp; readonly metal: MetalId }[] = [
  { pattern: /\b(epns|ep|epbm|a1|plate[d]?|silver on copper|quadruple|triple)\b/i, metal: 'silver-plate' },
  { pattern: /\b(german silver|nickel silver|alpaca)\b/i, metal: 'nickel-silver' },
  { pattern: /\b(999|fine silver)\b/i, metal: 'silver-999' },
  { pattern: /\b(925|sterling)\b/i, metal: 'silver-925' },
  { pattern: /\b(900|coin silver)\b/i, metal: 'silver-900' },
  { pattern: /\b(83[05])\b/, metal: 'silver-835' },
  { pattern: /\b800\b/, metal: 'silver-800' },
  { pattern: /\b(916|22 ?ct?k?)\b/i, metal: 'gold-22ct' },
  { pattern: /\b(750|18 ?[ck]t?)\b/i, metal: 'gold-18ct' },
  { pattern: /\b(585|14 ?[ck]t?)\b/i, metal: 'gold-14ct' },
  { pattern: /\b(375|9 ?[ck]t?)\b/i, metal: 'gold-9ct' },
  { pattern: /\b(950|plat(inum)?)\b/i, metal: 'platinum-950' },
  { pattern: /\b(stainless|18\/(0|8|10)|inox)\b/i, metal: 'stainless' },
  { pattern: /\bpewter\b/i, metal: 'pewter' },
];

/** The metal that a stamp speaks of; undefined for words that tell nothing. Plate marks come before numbers. */
export function metalOfMark(mark: string): MetalId | undefined {
  return MARKS.find(({ pattern }) => pattern.test(mark))?.metal;
}
