import { CONSUMABLE_IDS } from '@round-mint/core/trade/codes';
import { z } from 'zod';
import { quantity, timeSchema } from './common';

const amount = quantity(0, 1_000_000, '');
export const consumableIdSchema = z.enum(CONSUMABLE_IDS, {
  error: `must be one of: ${CONSUMABLE_IDS.join(', ')}`,
});

/** What was counted and how it is bought; amounts in the unit of the kind. */
const shelfFields = {
  countedAmount: amount,
  countedAt: timeSchema,
  buyAtAmount: amount,
  packAmount: quantity(0.01, 1_000_000, ''),
  packPrice: amount,
};

export const shelfInputSchema = z.strictObject(shelfFields);
export const storedShelfSchema = z.strictObject({ id: consumableIdSchema, ...shelfFields });
export const shelfSchema = z.object({
  id: consumableIdSchema,
  ...shelfFields,
  name: z.string(),
  unit: z.string(),
  /** Used by the rings since the count. */
  usedAmount: z.number(),
  leftAmount: z.number(),
  buy: z.boolean(),
  packs: z.number().int(),
});
export const shelfListSchema = z.object({ items: z.array(shelfSchema) });
export const boughtSchema = z.strictObject({
  packs: z.number({ error: 'must be a number of packs' }).int().min(1).max(1000),
});

export type ShelfInput = z.infer<typeof shelfInputSchema>;
export type StoredShelf = z.infer<typeof storedShelfSchema>;
export type ShelfAnswer = z.infer<typeof shelfSchema>;
