import { z } from 'zod';
import { idSchema, listOf, quantity, storedFields } from './common';
import { daySchema, longText } from './people';

const amount = quantity(0, 100_000, '');

/** A plastic sizer that went out by post (craft §1). */
const sizerFields = {
  personId: idSchema,
  sentOn: daySchema,
  /** Sizer and post. */
  cost: amount,
  /** What was paid for it; 0 when it was given away. */
  paid: amount,
  /** What its coupon takes off the ring; 0 when it has none. */
  coupon: amount,
  couponCode: longText(20),
  couponUsed: z.boolean({ error: 'must be true or false' }),
  /** Whether a free resize goes with it. */
  guarantee: z.boolean({ error: 'must be true or false' }),
  notes: longText(500),
};

export const sizerInputSchema = z.strictObject({ id: idSchema.optional(), ...sizerFields });
export const sizerSchema = z.strictObject({
  id: idSchema,
  ...sizerFields,
  ...storedFields,
});
export const sizerListSchema = listOf(sizerSchema);

export type SizerInput = z.infer<typeof sizerInputSchema>;
export type StoredSizer = z.infer<typeof sizerSchema>;
