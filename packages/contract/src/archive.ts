import { z } from 'zod';
import { idSchema, timeSchema } from './common';
import { dieChartSchema } from './die-charts';
import { storedToolSchema } from './kit';
import { planSchema } from './plans';
import { ringSchema, ringEventSchema } from './rings';
import { settingsSchema } from './settings';
import { stockItemSchema } from './stock';

/** Everything a workshop keeps, as one file (docs/formats.md). */
export const archiveSchema = z.strictObject({
  format: z.literal('round-mint-archive', { error: 'this is no Round Mint archive' }),
  version: z.literal(1, { error: 'only version 1 is known' }),
  exportedAt: timeSchema,
  settings: settingsSchema,
  stock: z.array(stockItemSchema),
  kit: z.array(storedToolSchema),
  plans: z.array(planSchema),
  /** Archives made before there were any hold none. */
  dieCharts: z.array(dieChartSchema).default([]),
  rings: z.array(ringSchema),
  events: z.array(ringEventSchema.extend({ ringId: idSchema })),
});
export type Archive = z.infer<typeof archiveSchema>;

/** What an import did, or with `?dryRun=1` would do. Things that are already there are left as they are. */
export const importResultSchema = z.object({
  dryRun: z.boolean(),
  added: z.object({
    stock: z.number().int(),
    kit: z.number().int(),
    plans: z.number().int(),
    dieCharts: z.number().int(),
    rings: z.number().int(),
    events: z.number().int(),
  }),
});
export type ImportResult = z.infer<typeof importResultSchema>;
