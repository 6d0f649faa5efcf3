import { METAL_GROUPS } from '@round-mint/core/metal/codes';
import { FORECAST_FIGURES } from '@round-mint/core/uncertainty/codes';
import { z } from 'zod';
import { idSchema, timeSchema } from './common';
import { funnelTruthSchema } from './coin-ring';
import { seenDieChartSchema } from './die-charts';

const byName = z.record(z.string(), z.number());

/** How sure widths are at this bench. */
const widthSpreadSchema = z.object({
  biasShare: z.number(),
  scatterShare: z.number(),
  degrees: z.number(),
  widened: z.number(),
});

/** How rings are lost at this bench, and how many of each loss the log has seen. */
const lossTraitsSchema = z.object({
  wrinkleFactor: z.number(),
  meltChance: z.number(),
  slipChance: z.number(),
  seen: z.object({
    crack: z.number().int(),
    wrinkle: z.number().int(),
    melt: z.number().int(),
    slip: z.number().int(),
  }),
});

/** How far nine of ten widths lie to either side of their plans, as shares of them. */
const widthsHereSchema = z.object({
  rings: z.number().int(),
  modelShare: z.number(),
  rankedShare: z.number().optional(),
  standardShare: z.number(),
});

/** How often what was predicted of one figure came true, over the latest rings. */
const calibrationSchema = z.object({
  what: z.enum(FORECAST_FIGURES),
  rings: z.number().int(),
  inside: z.number().int(),
  low: z.number(),
  high: z.number(),
  places: z.array(z.number().int()),
  score: z.number(),
  standardScore: z.number(),
  verdict: z.enum(['few', 'right', 'too-narrow', 'too-wide']),
});

/** One value of the bench as the log has taught it, beside its default. */
export const learntValueSchema = z.object({
  key: z.string(),
  what: z.enum([
    'share',
    'wall',
    'trim',
    'curl',
    'fold',
    'springback',
    'gauge',
    'ends',
    'spread',
    'allowance',
    'wrinkle',
    'melt',
    'slip',
    'minutes',
  ]),
  of: z.string().optional(),
  value: z.number(),
  standard: z.number(),
  sigma: z.number().optional(),
  rings: z.number().int(),
  sightings: z.number().int(),
  events: z.number().int().optional(),
  errorBefore: z.number().optional(),
  errorAfter: z.number().optional(),
  outliers: z.array(idSchema),
  keptStandard: z.boolean(),
});

/** A ring as it was predicted by default, and by what the rings before it had taught. */
const coursePointSchema = z.object({
  ringId: idSchema,
  name: z.string(),
  finishedAt: timeSchema,
  wallBefore: z.number().optional(),
  wallAfter: z.number().optional(),
  sizeBefore: z.number().optional(),
  sizeAfter: z.number().optional(),
});

/** What the log has taught, as it is written down. */
export const storedLearntSchema = z.object({
  /** Rings that taught it. */
  rings: z.number().int(),
  traits: z.object({
    shareShift: z.number(),
    shareShiftOf: z.partialRecord(z.enum(METAL_GROUPS), z.number()),
    wallShift: z.object({ widthLog: z.number(), cutEdgeLog: z.number(), rimEdgeLog: z.number() }),
    trimGainMm: z.number(),
    curlGain: byName,
    funnels: z.record(z.string(), funnelTruthSchema),
    allowanceFactor: byName,
    handsOnMin: byName,
    springbackFactor: byName,
    gaugeMm: z.number(),
    endsMm: z.number(),
    spreadFactor: z.number(),
    widthSpread: widthSpreadSchema,
    losses: lossTraitsSchema,
  }),
  values: z.array(learntValueSchema),
  widths: widthsHereSchema,
  calibration: z.array(calibrationSchema),
  /** Of the latest rings. */
  course: z.array(coursePointSchema),
  /** Names of the rings that lie far from all others, by their ids. */
  outlierNames: z.record(z.string(), z.string()),
  dieCharts: z.array(seenDieChartSchema),
});

export const learntSchema = storedLearntSchema.extend({
  /** Whether plans go by it. */
  used: z.boolean(),
  /** Finished rings that are still to be learnt from. */
  toLearn: z.number().int(),
});
export type StoredLearnt = z.infer<typeof storedLearntSchema>;
export type LearntAnswer = z.infer<typeof learntSchema>;
export type LearntValueAnswer = z.infer<typeof learntValueSchema>;
