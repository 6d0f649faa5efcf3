import {
  LOSSES,
  type Interval,
  type Mishap,
  type RingChances,
  type UnsureInput,
} from '@round-mint/core/uncertainty';

export const MISHAP_WORDS: Readonly<Record<Mishap, string>> = {
  crack: 'a crack at the cut edge',
  wrinkle: 'a wrinkled rim',
  melt: 'too much heat',
  slip: 'a slip of hand or tool',
  size: 'a size off by over ¼',
  thin: 'a cut edge thinner than is comfortable',
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
  fold: 'funnels of the fold die',
  curl: 'how far edges are turned in',
  gauge: 'marks of the mandrel',
  edges: 'relief over the edges',
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

const inHundred = (chance: number) => Math.round(chance * 100);

/** What loses most rings; undefined where hardly anything does. */
function worstLoss({ chanceOf }: RingChances): Mishap | undefined {
  const [worst] = [...LOSSES].sort((a, b) => chanceOf[b] - chanceOf[a]);
  return worst && inHundred(chanceOf[worst]) > 0 ? worst : undefined;
}

/** "7 in 100 are lost, most by a crack at the cut edge" */
export function lostWords(chances: RingChances): string {
  const lost = inHundred(chances.lost);
  if (lost === 0) return 'hardly one in 100 is lost';
  const worst = worstLoss(chances);
  return `${lost} in 100 ${lost === 1 ? 'is' : 'are'} lost${worst ? `, most by ${MISHAP_WORDS[worst]}` : ''}`;
}

/** "12 in 100 need another pass to their size": no loss; undefined where hardly one does. */
export function anotherPassWords({ chanceOf }: RingChances): string | undefined {
  const again = inHundred(chanceOf.size);
  return again === 0
    ? undefined
    : `${again} in 100 ${again === 1 ? 'needs another pass to its size' : 'need another pass to their size'}`;
}
