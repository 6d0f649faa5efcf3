import { z } from 'zod';
import { idSchema, lengthMm, listOf, metalIdSchema, quantity, shortText, storedFields } from './common';

const observationSchema = z.strictObject({
  /** Witness lines of the pusher still standing above the die. */
  reveal: quantity(0, 40, 'lines'),
  insideDiameterMm: lengthMm(5, 60),
});

const dieChartFields = {
  metal: metalIdSchema,
  coinDiameterMm: lengthMm(10, 80),
  die: shortText(80),
  pusherMm: lengthMm(5, 60),
  observations: z.array(observationSchema).max(200, 'takes at most 200 observations'),
};

/** A chart that nobody keeps by hand: what readings at the bench have shown. */
export const seenDieChartSchema = z.object(dieChartFields);

export const dieChartInputSchema = z.strictObject({ id: idSchema.optional(), ...dieChartFields });
export const dieChartSchema = z.object({
  id: idSchema,
  ...dieChartFields,
  ...storedFields,
});
export const dieChartListSchema = listOf(dieChartSchema);

export const dieChartRequestSchema = z.strictObject({
  observations: z
    .array(observationSchema)
    .min(1, 'needs at least one observation')
    .max(200, 'takes at most 200 observations'),
  wantInsideDiameterMm: lengthMm(5, 60).optional(),
});
export const dieChartResponseSchema = z.object({
  /** Observations with what lies between them, reveal rising. */
  curve: z.array(z.object({ reveal: z.number(), insideDiameterMm: z.number() })),
  /** Where to stop for the size wanted; null when none was asked for or too little was seen to tell. */
  reveal: z.number().nullable(),
  /** The size wanted lies outside what was seen. */
  extrapolated: z.boolean(),
});

export type DieChartInput = z.infer<typeof dieChartInputSchema>;
export type StoredDieChart = z.infer<typeof dieChartSchema>;
