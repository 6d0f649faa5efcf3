import { SALE_WAYS } from '@round-mint/core/trade/codes';
import { metalIdSchema, quantity } from './common';
import { z } from 'zod';

/** What a shop wants to know of itself; null where nothing is known. */
export const shopNumbersSchema = z.object({
  months: z.array(
    z.object({
      month: z.string(),
      finished: z.number().int(),
      spoilt: z.number().int(),
      hoursEach: z.number().nullable(),
      income: z.number(),
      margin: z.number(),
      sizeErrorUs: z.number().nullable(),
    }),
  ),
  spoiltShare: z.number(),
  spoiltBy: z.array(z.object({ cause: z.string(), count: z.number().int() })),
  marginShare: z.number().nullable(),
  /** What an order leaves over on average; null before any was closed. */
  marginPerOrder: z.number().nullable(),
  /** What each way of selling brought in these months, the one that brought most first. */
  byWay: z.array(
    z.object({
      way: z.enum([...SALE_WAYS, 'order']),
      sales: z.number().int(),
      income: z.number(),
      fees: z.number(),
      margin: z.number(),
      marginPerHour: z.number().nullable(),
    }),
  ),
  /** What was given on each code in these months, the one that took off most first; sizers' coupons together. */
  byDiscount: z.array(
    z.object({
      code: z.string(),
      by: z.enum(['code', 'sizer']),
      sales: z.number().int(),
      off: z.number(),
    }),
  ),
  /** What lies on the shelf, at its prices and at what making it cost. */
  shelf: z.object({ rings: z.number().int(), atPrice: z.number(), atCost: z.number() }),
});

/** A year of the maker's books. */
export const yearQuerySchema = z.strictObject({
  year: z.coerce.number().int().min(1900, 'must be a year from 1900 to 2199').max(2199),
});

export const exchangeRequestSchema = z.strictObject({
  metal: metalIdSchema,
  pieces: z.number().int('must be a whole number').min(1).max(1000),
  valueEach: quantity(0, 1_000_000, ''),
  price: quantity(0, 1_000_000, ''),
  diameterMm: quantity(10, 80, 'mm'),
  rimThicknessMm: quantity(0.3, 10, 'mm'),
  targetInsideDiameterMm: quantity(10, 40, 'mm'),
});
export const exchangeResponseSchema = z.object({
  eligible: z.boolean(),
  reasons: z.array(z.object({ code: z.string(), message: z.string() })),
  kept: z.number().int(),
  credit: z.number(),
  balance: z.number(),
  enough: z.number().nullable(),
});

export type ShopNumbersAnswer = z.infer<typeof shopNumbersSchema>;
