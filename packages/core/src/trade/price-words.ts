import { durationWords, typedPercent } from '../format';
import type { Price, PriceInput, PriceLineCode } from './price';

/** What a line of a price is called, and how it came about. */
export interface PriceLineWords {
  readonly label: string;
  readonly why: string;
}

/** @param money writes an amount in the workshop's currency */
export function priceLineWords(
  code: PriceLineCode,
  { minutes, hourlyRate, scrapValue, refinerShare, feeShare, feeFixed, marginShare }: PriceInput,
  { atFloor }: Pick<Price, 'atFloor'>,
  money: (amount: number) => string,
): PriceLineWords {
  switch (code) {
    case 'stock':
      return { label: 'The piece', why: 'What it cost.' };
    case 'consumables':
      return {
        label: 'Supplies',
        why: 'Tape, grease, gas, paper, acid and gold that its steps use, at the price of their packs.',
      };
    case 'minutes':
      return {
        label: `${durationWords(minutes)} at the bench`,
        why: `${durationWords(minutes)} × ${money(hourlyRate)} an hour.`,
      };
    case 'scrap':
      return {
        label: 'Slug and filings',
        why: `Worth ${money(scrapValue)} as metal; a refiner pays ${typedPercent(refinerShare)} of it.`,
      };
    case 'post':
      return { label: 'Post', why: 'Parcel and packing.' };
    case 'fees':
      return { label: 'Fees', why: `${typedPercent(feeShare)} of the price and ${money(feeFixed)} a sale.` };
    case 'margin':
      return {
        label: 'Profit',
        why: atFloor
          ? 'The price is what the piece was worth as metal: less would give metal away.'
          : `${typedPercent(marginShare)} of the price, and what rounding and discounts change.`,
      };
  }
}
