import { z } from 'zod';
import { archivePartSchema, partCountsSchema } from './archive-zip';
import { idSchema, timeSchema } from './common';
import { storedSupplySchema } from './consumables';
import { savedDayPlanSchema } from './day-plan';
import { dieChartSchema } from './die-charts';
import { discountSchema } from './discounts';
import { storedToolSchema } from './kit';
import { archivedOrderSchema, orderEventSchema } from './orders';
import { archivedMessageSchema } from './outbox';
import { personSchema } from './people';
import { archivedPhotoSchema } from './photos';
import { planSchema } from './plans';
import { recipeSchema } from './recipes';
import { ringSchema, ringEventSchema } from './rings';
import { scrapSchema } from './scrap';
import { settingsSchema } from './settings';
import { storedShelfRingSchema } from './shelf';
import { sizerSchema } from './sizers';
import { stockItemSchema } from './stock';
import { archivedFaceSchema } from './stock-faces';

/** Everything a workshop keeps, as one JSON text: format 1 (docs/formats.md). */
export const archiveSchema = z.strictObject({
  format: z.literal('round-mint-archive', { error: 'this is no Round Mint archive' }),
  version: z.literal(1, { error: 'only version 1 is known' }),
  exportedAt: timeSchema,
  /** Archives made before a setting was there do not tell it. */
  settings: settingsSchema.partial(),
  stock: z.array(stockItemSchema),
  kit: z.array(storedToolSchema),
  plans: z.array(planSchema),
  /** Archives made before there were any hold none; so it is with recipes and photos. */
  dieCharts: z.array(dieChartSchema).default([]),
  recipes: z.array(recipeSchema).default([]),
  rings: z.array(ringSchema),
  events: z.array(ringEventSchema.extend({ ringId: idSchema })),
  photos: z.array(archivedPhotoSchema).default([]),
  faces: z.array(archivedFaceSchema).default([]),
  /** What happens around the bench came later still. */
  people: z.array(personSchema).default([]),
  orders: z.array(archivedOrderSchema).default([]),
  orderEvents: z.array(orderEventSchema.extend({ orderId: idSchema })).default([]),
  sizers: z.array(sizerSchema).default([]),
  discounts: z.array(discountSchema).default([]),
  shelf: z.array(storedShelfRingSchema).default([]),
  scrap: z.array(scrapSchema).default([]),
  consumables: z.array(storedSupplySchema).default([]),
  messages: z.array(archivedMessageSchema).default([]),
  dayPlan: savedDayPlanSchema.nullable().default(null),
});
export type Archive = z.infer<typeof archiveSchema>;

/** What an import did, or with `?dryRun=1` would do. Things that are already there are left as they are. */
export const importResultSchema = z.object({
  dryRun: z.boolean(),
  added: partCountsSchema,
  /** How many things were there already, just so. */
  same: z.number().int(),
  /** What has the id of something that stands here in another way: that was left as it is. */
  collided: z.object({
    count: z.number().int(),
    /** The first hundred. */
    items: z.array(z.object({ part: archivePartSchema, id: z.string(), name: z.string() })),
  }),
});
export type ImportResult = z.infer<typeof importResultSchema>;
