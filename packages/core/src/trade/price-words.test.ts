import { priceLineWords, priceRing, type PriceInput, type PriceLineCode } from './index';

const INPUT: PriceInput = {
  stockCost: 18,
  meltValue: 14,
  consumablesCost: 3.2,
  minutes: 90,
  hourlyRate: 36,
  scrapValue: 4,
  refinerShare: 0.8,
  post: 6,
  feeShare: 0.065,
  feeFixed: 0.3,
  marginShare: 0.25,
};
const crowns = (amount: number) => `${amount.toFixed(2)} cr`;

function wordsOf(input: PriceInput): Readonly<Partial<Record<PriceLineCode, string>>> {
  const price = priceRing(input);
  return Object.fromEntries(
    price.lines.map(({ code }) => {
      const { label, why } = priceLineWords(code, input, price, crowns);
      return [code, `${label}: ${why}`];
    }),
  );
}

describe('the words of a price', () => {
  it('tell how each line came about, amounts in the workshop’s currency', () => {
    expect(wordsOf(INPUT)).toEqual({
      stock: 'The piece: What it cost.',
      consumables:
        'Supplies: Tape, grease, gas, paper, acid and gold that its steps use, at the price of their packs.',
      minutes: '1 h 30 min at the bench: 1 h 30 min × 36.00 cr an hour.',
      scrap: 'Slug and filings: Worth 4.00 cr as metal; a refiner pays 80% of it.',
      post: 'Post: Parcel and packing.',
      fees: 'Fees: 6.5% of the price and 0.30 cr a sale.',
      margin: 'Profit: 25% of the price, and what rounding and discounts change.',
    });
  });

  it('say that a price is the metal’s', () => {
    expect(wordsOf({ ...INPUT, meltValue: 900 }).margin).toContain('less would give metal away');
  });
});
