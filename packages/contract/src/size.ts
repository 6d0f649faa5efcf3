import { z } from 'zod';
import { quantity, sizeSystemSchema } from './common';

export const sizeRequestSchema = z
  .strictObject({
    text: z.string({ error: 'must be text such as 7½, P½, EU 54 or 17.3 mm' }).max(40).optional(),
    insideDiameterMm: quantity(5, 60, 'mm').optional(),
    system: sizeSystemSchema.optional(),
  })
  .refine(({ text, insideDiameterMm }) => (text === undefined) !== (insideDiameterMm === undefined), {
    path: ['text'],
    message: 'give either text or insideDiameterMm',
  });

const markSchema = z.object({ mark: z.string(), exact: z.number(), offMm: z.number() });

export const sizeResponseSchema = z.object({
  insideDiameterMm: z.number(),
  insideCircumferenceMm: z.number(),
  marks: z.object({ us: markSchema, uk: markSchema, eu: markSchema, swiss: markSchema, jp: markSchema }),
});
