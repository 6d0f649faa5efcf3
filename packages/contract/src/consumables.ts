import { CONSUMABLE_IDS } from '@round-mint/core/trade/codes';
import { z } from 'zod';
import { quantity, timeSchema } from './common';

const amount = quantity(0, 1_000_000, '');
export const consumableIdSchema = z.enum(CONSUMABLE_IDS, {
  error: `must be one of: ${CONSUMABLE_IDS.join(', ')}`,
});

/** What was counted and how it is bought; amounts in the unit of the kind. */
const supplyFields = {
  countedAmount: amount,
  countedAt: timeSchema,
  buyAtAmount: amount,
  packAmount: quantity(0.01, 1_000_000, ''),
  packPrice: amount,
};

export const supplyInputSchema = z.strictObject(supplyFields);
export const storedSupplySchema = z.strictObject({ id: consumableIdSchema, ...supplyFields });
export const supplySchema = z.object({
  id: consumableIdSchema,
  ...supplyFields,
  name: z.string(),
  unit: z.string(),
  /** Used by the rings since the count. */
  usedAmount: z.number(),
  leftAmount: z.number(),
  buy: z.boolean(),
  packs: z.number().int(),
});
export const supplyListSchema = z.object({ items: z.array(supplySchema) });
export const boughtSchema = z.strictObject({
  packs: z.number({ error: 'must be a number of packs' }).int().min(1).max(1000),
});

export type SupplyInput = z.infer<typeof supplyInputSchema>;
export type StoredSupply = z.infer<typeof storedSupplySchema>;
export type SupplyAnswer = z.infer<typeof supplySchema>;
