import { percentWords } from '@round-mint/core/format';
import { MM_PER_US_SIZE } from '@round-mint/core/size';
import type { Quantity, WorkFigure, WorkKind } from '@round-mint/core/work';
import { WORK_SECTIONS } from '@/features/shared/handbook/sections';
import type { Explanation } from './explain';
import type { Writers } from '@/features/shared/settings/use-settings';

/** A quantity the maker's way. */
export function quantityWords(quantity: Quantity, write: Writers): string {
  switch (quantity.kind) {
    case 'length':
      return write.length(quantity.mm, quantity.decimals).replace('-', '−');
    case 'size':
      return write.sizeAndLength(quantity.mm);
    case 'mass':
      return `${quantity.g.toFixed(2)} g`;
    case 'share':
      return percentWords(quantity.share, 1);
    case 'angle':
      return `${quantity.deg.toFixed(0)}°`;
    case 'sizes':
      return write.amount(quantity.us * MM_PER_US_SIZE);
    case 'count':
      return `${quantity.count}`;
    case 'words':
      return quantity.words;
  }
}

export function explainFigure(
  kind: WorkKind,
  { label, value, words, inputs, source }: WorkFigure,
  write: Writers,
): Explanation {
  return {
    title: label,
    value: quantityWords(value, write),
    words,
    inputs: inputs.map(([name, input]) => [name, quantityWords(input, write)] as const),
    source,
    section: WORK_SECTIONS[kind],
  };
}
