import { z } from 'zod';
import { quantity } from './common';

const amount = quantity(0, 1_000_000, '');
const share = quantity(0, 0.95, 'of the whole');

/** What goes into a price, in the workshop's money. */
export const priceInputSchema = z.strictObject({
  stockCost: amount,
  meltValue: amount,
  consumablesCost: amount,
  minutes: quantity(0, 100_000, 'minutes'),
  hourlyRate: amount,
  scrapValue: amount,
  refinerShare: quantity(0, 1, 'of the whole'),
  post: amount,
  feeShare: share,
  feeFixed: amount,
  marginShare: share,
  coupon: amount.optional(),
  roundTo: quantity(0, 1000, '').optional(),
});

export const priceSchema = z.object({
  lines: z.array(z.object({ code: z.string(), label: z.string(), amount: z.number(), why: z.string() })),
  cost: z.number(),
  price: z.number(),
  floor: z.number(),
  atFloor: z.boolean(),
  margin: z.number(),
});
