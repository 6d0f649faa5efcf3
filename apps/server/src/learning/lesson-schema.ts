import { seenDieChartSchema } from '@round-mint/contract/die-charts';
import { SYMPTOMS } from '@round-mint/core/ring/codes';
import { metalIdSchema } from '@round-mint/contract/common';
import { WALL_FIGURES, type Lesson } from '@round-mint/core/learn';
import { METAL_GROUPS } from '@round-mint/core/metal/codes';
import { FORECAST_FIGURES } from '@round-mint/core/uncertainty/codes';
import { z } from 'zod';

const seenSchema = z.object({
  off: z.number(),
  slope: z.number(),
  sigma: z.number(),
  sizeMm: z.number().optional(),
});
const listsOf = <T extends z.ZodType>(item: T) => z.record(z.string(), z.array(item));

/** A lesson as it was written down. */
export const lessonSchema = z.object({
  ringId: z.string(),
  name: z.string(),
  finishedAt: z.string(),
  shares: z.array(
    seenSchema.extend({ figure: z.enum(WALL_FIGURES), byCurlGain: z.record(z.string(), z.number()) }),
  ),
  metalGroup: z.enum(METAL_GROUPS).optional(),
  trims: z.array(seenSchema),
  spread: z.array(seenSchema),
  ends: z.array(seenSchema),
  curls: listsOf(seenSchema),
  folds: listsOf(seenSchema),
  springbacks: listsOf(seenSchema),
  formers: listsOf(seenSchema),
  minutes: listsOf(z.number()),
  strained: z.object({ metal: metalIdSchema, use: z.number(), cracked: z.boolean() }).optional(),
  dieCharts: z.array(seenDieChartSchema),
  loss: z
    .object({
      wrinkle: z.object({ use: z.number(), gaveWay: z.boolean() }).optional(),
      heats: z.number().int(),
      isMelted: z.boolean(),
      slip: z.enum(SYMPTOMS).optional(),
    })
    .optional(),
  isLost: z.boolean(),
  forecasts: z.array(
    z.object({
      what: z.enum(FORECAST_FIGURES),
      deviation: z.number(),
      widened: z.number(),
      score: z.number(),
      standardScore: z.number(),
    }),
  ),
}) satisfies z.ZodType<Lesson>;
