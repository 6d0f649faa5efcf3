/** Words that a stranger would stop at, as docs/glossary.md has them; where they stand in a text, a tap explains them. */
export const SPECIAL_WORDS = [
  'rim edge',
  'cut edge',
  'land',
  'lip',
  'slug',
  'reveal',
  'witness line',
  'natural size',
  'sagitta',
  'saddle',
  'flare',
  'springback',
  'working thickness',
  'fineness',
  'half a spline pitch',
  'softness gauge',
  'allowance',
  'melt value',
  'eccentricity',
  'dapping block and ball',
] as const;

export type TextPart = string | { readonly word: (typeof SPECIAL_WORDS)[number]; readonly text: string };

/** A word of the list, or more of them, not inside another word. */
const ANY = new RegExp(`\\b(${SPECIAL_WORDS.join('|')})s?\\b`, 'i');

/** A text with the special words in it apart, each where it first stands. */
export function specialWordsIn(text: string): readonly TextPart[] {
  const parts: TextPart[] = [];
  const told = new Set<string>();
  let rest = text;
  let plain = '';
  for (let match = ANY.exec(rest); match; match = ANY.exec(rest)) {
    const [whole, named = ''] = match;
    const word = SPECIAL_WORDS.find((one) => one === named.toLowerCase());
    plain += rest.slice(0, match.index);
    if (word && !told.has(word)) {
      told.add(word);
      if (plain) parts.push(plain);
      parts.push({ word, text: whole });
      plain = '';
    } else plain += whole;
    rest = rest.slice(match.index + whole.length);
  }
  plain += rest;
  return plain ? [...parts, plain] : parts;
}
