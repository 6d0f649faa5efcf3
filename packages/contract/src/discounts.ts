import { z } from 'zod';
import { idSchema, listOf, quantity, shortText, storedFields } from './common';
import { daySchema, longText } from './people';

const takesSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('share'), share: quantity(0.01, 1, 'of the price') }),
  z.strictObject({ kind: z.literal('sum'), amount: quantity(0.01, 100_000, '') }),
]);

/** A code for which something is taken off a price. */
const discountFields = {
  code: shortText(20),
  takes: takesSchema,
  /** First and last day on which it is given; null where there is none. */
  from: daySchema.nullable(),
  until: daySchema.nullable(),
  firstOrder: z.boolean({ error: 'must be true or false' }),
  notes: longText(500),
};

export const discountInputSchema = z
  .strictObject({ id: idSchema.optional(), ...discountFields })
  .refine(({ from, until }) => from === null || until === null || from <= until, {
    error: 'must not end before it begins',
    path: ['until'],
  });
export const discountSchema = z.strictObject({ id: idSchema, ...discountFields, ...storedFields });
export const discountListSchema = listOf(discountSchema);

/** What was taken off a price, and why: with a quote or a sale. */
export const givenDiscountSchema = z.strictObject({
  by: z.enum(['code', 'sizer'], { error: 'must be code or sizer' }),
  /** Of the discount, or of the sizer whose coupon it is. */
  id: idSchema,
  code: longText(20),
  off: quantity(0, 1_000_000, ''),
});

export type DiscountInput = z.infer<typeof discountInputSchema>;
export type StoredDiscount = z.infer<typeof discountSchema>;
export type GivenDiscountRow = z.infer<typeof givenDiscountSchema>;
