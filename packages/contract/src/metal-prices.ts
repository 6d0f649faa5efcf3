import { SPOT_METALS } from '@round-mint/core/trade/codes';
import { z } from 'zod';
import { daySchema } from './people';

/** Prices of the pure metals, from the simulated feed or as the maker typed them. */
export const metalPricesSchema = z.object({
  day: daySchema,
  items: z.array(
    z.object({
      metal: z.enum(SPOT_METALS),
      perG: z.number(),
      source: z.enum(['feed', 'typed']),
      /** What the feed said, oldest first. */
      days: z.array(z.object({ day: daySchema, perG: z.number() })),
    }),
  ),
});
export type MetalPrices = z.infer<typeof metalPricesSchema>;
