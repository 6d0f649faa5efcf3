import { CURL_RANGE_DEG, DEFAULT_SCHOOL } from '@round-mint/core/forming/codes';
import { z } from 'zod';
import { curlSchema, finishSchema, overruledSchema, schoolSchema } from './coin-ring';
import { idSchema, lengthMm, listOf, quantity, shortText, storedFields, wallKindSchema } from './common';
import {
  coinBandWorkFields,
  handleWorkFields,
  resizeWorkFields,
  spinnerWorkFields,
  stripWorkFields,
} from './works';

export const PLAN_KINDS = ['coin', 'handle', 'strip', 'spinner', 'coin-band', 'resize'] as const;

/** What a plan is, whatever its kind. */
const commonFields = {
  name: shortText(80),
  stockId: idSchema,
  targetInsideDiameterMm: lengthMm(5, 60),
  finish: finishSchema,
  overruled: overruledSchema.optional(),
};

const coinFields = {
  holeMm: lengthMm(2, 60),
  wall: wallKindSchema,
  curlDeg: quantity(CURL_RANGE_DEG.min, CURL_RANGE_DEG.max, 'degrees').nullable(),
  curl: curlSchema.optional(),
  school: schoolSchema.default(DEFAULT_SCHOOL),
};

/** One plan shape with kinds; a plan that names none is a coin ring's. */
function planKinds<T extends z.ZodRawShape>(fields: T) {
  const of = <K extends string, F extends z.ZodRawShape>(kind: K, choices: F) =>
    z.strictObject({ ...fields, ...commonFields, kind: z.literal(kind), ...choices });
  return z.discriminatedUnion(
    'kind',
    [
      z.strictObject({ ...fields, ...commonFields, kind: z.literal('coin').default('coin'), ...coinFields }),
      of('handle', handleWorkFields),
      of('strip', stripWorkFields),
      of('spinner', spinnerWorkFields),
      of('coin-band', coinBandWorkFields),
      of('resize', resizeWorkFields),
    ],
    { error: `must be one of: ${PLAN_KINDS.join(', ')}` },
  );
}

export const planInputSchema = planKinds({ id: idSchema.optional() });
export const planSchema = planKinds({ id: idSchema, ...storedFields });
export const planListSchema = listOf(planSchema);

export type PlanInput = z.infer<typeof planInputSchema>;
export type Plan = z.infer<typeof planSchema>;
export type PlanKind = Plan['kind'];
export type CoinPlanInput = Extract<PlanInput, { kind: 'coin' }>;
