import type { Interval, RingChances, SpoilCause, UnsureInput } from '@round-mint/core/uncertainty';

export const CAUSE_WORDS: Readonly<Record<SpoilCause, string>> = {
  crack: 'a crack at the cut edge',
  wrinkle: 'a wrinkled rim',
  thin: 'a cut edge too thin',
  size: 'a size off by over ¼',
};

export const INPUT_WORDS: Readonly<Record<UnsureInput, string>> = {
  diameter: 'coin diameter',
  thickness: 'thickness',
  hole: 'hole diameter',
  centring: 'hole position',
  reading: 'reading of the mandrel',
  share: 'share of the width',
  bench: 'your dies and grease',
  trim: 'trimming the lip',
};

/** "8.7–9.1 mm", "US 9¾–10¼": what both ends share before and after the number is written once. */
export function between({ low, high }: Interval, write: (mm: number) => string): string {
  const [from, to] = [write(low), write(high)];
  if (from === to) return from;
  const unit = /\s\D+$/.exec(from)?.[0] ?? '';
  const name = /^\D+\s/.exec(from)?.[0] ?? '';
  const start = unit && to.endsWith(unit) ? from.slice(0, -unit.length) : from;
  return `${start}–${name && to.startsWith(name) ? to.slice(name.length) : to}`;
}

/** The cause that spoils most rings; undefined when none does. */
function worstCause({ spoiltBy }: RingChances): SpoilCause | undefined {
  const [worst] = (Object.entries(spoiltBy) as [SpoilCause, number][]).sort(([, a], [, b]) => b - a);
  return worst && worst[1] > 0 ? worst[0] : undefined;
}

/** "7 in 100 spoil, most by a crack at the cut edge" */
export function spoilWords(chances: RingChances): string {
  const inHundred = Math.round(chances.spoilt * 100);
  if (inHundred === 0) return 'hardly one in 100 spoils';
  const worst = worstCause(chances);
  return `${inHundred} in 100 ${inHundred === 1 ? 'spoils' : 'spoil'}${worst ? `, most by ${CAUSE_WORDS[worst]}` : ''}`;
}
