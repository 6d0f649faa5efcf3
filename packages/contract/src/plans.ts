import { CURL_RANGE_DEG } from '@round-mint/core/forming';
import { z } from 'zod';
import { finishSchema, schoolSchema } from './coin-ring';
import { idSchema, lengthMm, listOf, quantity, shortText, timeSchema, wallKindSchema } from './common';

const planFields = {
  name: shortText(80),
  stockId: idSchema,
  holeMm: lengthMm(2, 60),
  targetInsideDiameterMm: lengthMm(5, 60),
  wall: wallKindSchema,
  curlDeg: quantity(CURL_RANGE_DEG.min, CURL_RANGE_DEG.max, 'degrees').nullable(),
  finish: finishSchema,
};
/** Makers who name no school over-stretch and reduce. */
const school = schoolSchema.default('over-stretch');

export const planInputSchema = z.strictObject({ id: idSchema.optional(), ...planFields, school });
export const planSchema = z.object({
  id: idSchema,
  ...planFields,
  school,
  createdAt: timeSchema,
  updatedAt: timeSchema,
});
export const planListSchema = listOf(planSchema);

export type PlanInput = z.infer<typeof planInputSchema>;
export type Plan = z.infer<typeof planSchema>;
