import { percentWords } from '@round-mint/core/format';
import { doubtRolled, rolledShape, type RolledReading } from '@round-mint/core/rolling';
import type { RollingStep } from '@round-mint/core/steps';

export const ROLLED_PARTS = ['thicknessMm', 'widthMm', 'lengthMm'] as const;
export type RolledPart = (typeof ROLLED_PARTS)[number];

export const PART_WORDS: Readonly<Record<RolledPart, string>> = {
  thicknessMm: 'Thickness',
  widthMm: 'Width',
  lengthMm: 'Length',
};

export type RolledTexts = Readonly<Record<RolledPart, string>>;

/** What the contract accepts of each, mm. */
const POSSIBLE_MM: Readonly<Record<RolledPart, { readonly min: number; readonly max: number }>> = {
  thicknessMm: { min: 0.1, max: 30 },
  widthMm: { min: 0.3, max: 60 },
  lengthMm: { min: 1, max: 5000 },
};

/** What the plan expects after the pass, mm. @param spread of this bench, against the rule */
export function expectedRolled(
  { bar, toMm }: RollingStep,
  spread: number,
): Readonly<Record<RolledPart, number>> {
  const { widthMm, lengthMm } = rolledShape(bar, toMm, spread);
  return { thicknessMm: toMm, widthMm, lengthMm };
}

/** Typed figures as a reading; undefined until there is a thickness, and while one of them cannot be. */
export function readRolled(texts: RolledTexts): RolledReading | undefined {
  const typed = ROLLED_PARTS.filter((part) => texts[part] !== '');
  const possible = typed.every((part) => {
    const mm = Number(texts[part]);
    return mm >= POSSIBLE_MM[part].min && mm <= POSSIBLE_MM[part].max;
  });
  if (!possible || texts.thicknessMm === '') return undefined;
  const optional = (part: 'widthMm' | 'lengthMm') =>
    texts[part] === '' ? {} : { [part]: Number(texts[part]) };
  return { thicknessMm: Number(texts.thicknessMm), ...optional('widthMm'), ...optional('lengthMm') };
}

/** What is strange about a reading, in words; undefined when nothing is. */
export function rolledDoubtWords({ bar, fromMm }: RollingStep, read: RolledReading): string | undefined {
  const doubt = doubtRolled(bar, fromMm, read);
  if (!doubt) return undefined;
  if (doubt.code === 'thicker')
    return `${doubt.byMm.toFixed(2)} mm thicker than before the pass: rolls only make it thinner.`;
  const percent = percentWords(Math.abs(doubt.share));
  return `These three make ${percent} ${doubt.share > 0 ? 'more' : 'less'} metal than was cut off.`;
}
