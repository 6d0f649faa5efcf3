import { WORK_KINDS } from '@round-mint/core/work/codes';
import { z } from 'zod';
import { idSchema, listOf, timeSchema } from './common';

/** A finished ring: what was predicted and what came out. Actual figures are null where nothing was measured. */
export const logEntrySchema = z.object({
  ringId: idSchema,
  name: z.string(),
  stockName: z.string(),
  kind: z.enum(['coin', ...WORK_KINDS]),
  metal: z.string(),
  /** Only of coin rings. */
  wall: z.string().nullable(),
  holeMm: z.number().nullable(),
  finishedAt: timeSchema,
  predictedInsideDiameterMm: z.number(),
  actualInsideDiameterMm: z.number().nullable(),
  predictedWidthMm: z.number(),
  actualWidthMm: z.number().nullable(),
  predictedCutEdgeMm: z.number(),
  actualCutEdgeMm: z.number().nullable(),
  predictedRimEdgeMm: z.number(),
  actualRimEdgeMm: z.number().nullable(),
  /** Actual less target, in US sizes. */
  sizeErrorUs: z.number().nullable(),
  predictedAnneals: z.number().int(),
  actualAnneals: z.number().int(),
  /** Whether the maker has left it out of what the log learns. */
  leftOut: z.boolean(),
});
export const logListSchema = listOf(logEntrySchema);

/** The whole log in a few figures. Rings that were finished in the last seconds may not be in the means yet. */
export const logSummarySchema = z.object({
  rings: z.number().int(),
  /** Mean distance from the target over rings that were read, in US sizes; null where none was. */
  meanSizeErrorUs: z.number().nullable(),
  /** Mean distance of the width from its prediction, as a share; null where none was read. */
  meanWidthError: z.number().nullable(),
  /** How many rings came out how far off, in US sizes to a twentieth, smallest first. */
  sizeErrors: z.array(z.object({ sizeErrorUs: z.number(), rings: z.number().int() })),
});
export type LogSummary = z.infer<typeof logSummarySchema>;
export type LogEntry = z.infer<typeof logEntrySchema>;
