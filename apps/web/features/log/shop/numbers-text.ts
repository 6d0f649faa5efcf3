import type { ShopNumbersAnswer } from '@round-mint/contract/shop';

type Month = ShopNumbersAnswer['months'][number];

/** A row a month, tab-separated, for a spreadsheet; what is not known stays empty. */
export function numbersText({ months }: Pick<ShopNumbersAnswer, 'months'>): string {
  const [first] = months;
  const keys = Object.keys(first ?? {}) as (keyof Month)[];
  return [keys, ...months.map((month) => keys.map((key) => month[key] ?? ''))]
    .map((cells) => cells.join('\t'))
    .join('\n');
}
