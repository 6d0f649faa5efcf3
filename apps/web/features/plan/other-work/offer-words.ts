import type { StripOffer } from '@round-mint/core/work';

/** "cut 24.1 mm, 6 passes, 1 anneal, 4.2 mm wide": what a piece makes of the band that is asked for. */
export function offerWords(
  { refusal, usesMm, passes, anneals, widthMm, rolledWidthMm }: StripOffer,
  length: (mm: number) => string,
): string {
  if (refusal) return refusal.message;
  const many = (count: number, one: string, more: string) => `${count} ${count === 1 ? one : more}`;
  const rolled = [
    ...(passes > 0 ? [many(passes, 'pass', 'passes')] : []),
    ...(anneals > 0 ? [many(anneals, 'anneal', 'anneals')] : []),
  ];
  const width = widthMm < rolledWidthMm ? `narrowed to ${length(widthMm)}` : `${length(widthMm)} wide`;
  return [`Cut ${length(usesMm)}`, ...(rolled.length > 0 ? rolled : ['as it is']), width].join(', ');
}
