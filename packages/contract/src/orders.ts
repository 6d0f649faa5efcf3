import { ANSWER_WAYS, APPROVALS, ORDER_STATES, SALE_WAYS, WISH_KINDS } from '@round-mint/core/trade/codes';
import { CURL_RANGE_DEG } from '@round-mint/core/forming/codes';
import { FACES } from '@round-mint/core/steps/codes';
import { z } from 'zod';
import { curlSchema, finishSchema } from './coin-ring';
import {
  archivableListQuerySchema,
  flagSchema,
  idSchema,
  lengthMm,
  listOf,
  metalIdSchema,
  quantity,
  shortText,
  storedFields,
  timeSchema,
  wallKindSchema,
} from './common';
import { scheduleStepSchema } from './day-plan';
import { givenDiscountSchema } from './discounts';
import { daySchema, fingerFields, longText } from './people';
import { priceInputSchema } from './price';

/** What the customer wishes; null is open. */
export const wishSchema = z.strictObject({
  kind: z.enum(WISH_KINDS, { error: `must be one of: ${WISH_KINDS.join(', ')}` }),
  year: z.number().int('must be a whole year').min(-800).max(2100).nullable(),
  metal: metalIdSchema.nullable(),
  face: z.enum(FACES, { error: `must be ${FACES.join(' or ')}` }).nullable(),
  widthMinMm: lengthMm(1, 40).nullable(),
  widthMaxMm: lengthMm(1, 40).nullable(),
  wall: wallKindSchema,
  curlDeg: quantity(CURL_RANGE_DEG.min, CURL_RANGE_DEG.max, 'degrees').nullable(),
  curl: curlSchema.optional(),
  finish: finishSchema,
  lining: z.enum(['none', 'gold'], { error: 'must be none or gold' }),
  dedication: longText(200),
});

/** A price as it was told to the customer. */
export const quoteSchema = z.strictObject({
  at: timeSchema,
  /** To be paid: what is taken off is off already. */
  price: quantity(0, 1_000_000, ''),
  discount: givenDiscountSchema.optional(),
  input: priceInputSchema,
  readyBy: daySchema.nullable(),
});

const orderFields = {
  personId: idSchema,
  name: shortText(80),
  ...fingerFields,
  wish: wishSchema,
  wantedBy: daySchema.nullable(),
  stockFrom: z.enum(['ours', 'sent-in'], { error: 'must be ours or sent-in' }),
  /** The very piece, when it is the customer's own or was chosen. */
  stockId: idSchema.nullable(),
  /** Alike pieces that the customer gives in exchange, and what one is taken for. */
  exchange: z
    .strictObject({
      pieces: z.number().int('must be a whole number').min(2, 'needs at least 2').max(1000),
      valueEach: quantity(0, 1_000_000, ''),
    })
    .nullable(),
  approvalWanted: z.boolean({ error: 'must be true or false' }),
  sizerId: idSchema.nullable(),
  planId: idSchema.nullable(),
  ringId: idSchema.nullable(),
  quote: quoteSchema.nullable(),
  /** By which way it was sold; left out where that was not told. */
  way: z.enum(SALE_WAYS, { error: `must be one of: ${SALE_WAYS.join(', ')}` }).optional(),
  /** Of a ring that was bought as it lay on the shelf. */
  shelfRingId: idSchema.optional(),
  notes: longText(2000),
};

export const orderInputSchema = z.strictObject({ id: idSchema.optional(), ...orderFields });
const storedOrder = { id: idSchema, ...orderFields, ...storedFields };
export const archivedOrderSchema = z.strictObject(storedOrder);

export const orderEventBodySchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('moved'),
    to: z.enum(ORDER_STATES, { error: `must be one of: ${ORDER_STATES.join(', ')}` }),
    why: longText(200).optional(),
  }),
  z.strictObject({ kind: z.literal('approval-asked'), messageId: idSchema }),
  z.strictObject({
    kind: z.literal('approval-answered'),
    yes: z.boolean({ error: 'must be true or false' }),
    words: longText(1000),
    by: z.enum(ANSWER_WAYS, { error: `must be one of: ${ANSWER_WAYS.join(', ')}` }),
  }),
  z.strictObject({ kind: z.literal('approval-overridden'), why: shortText(200) }),
  z.strictObject({ kind: z.literal('note'), text: shortText(500) }),
  z.strictObject({ kind: z.literal('undone'), eventId: idSchema }),
]);
export const orderEventSchema = z.strictObject({ id: idSchema, at: timeSchema, body: orderEventBodySchema });
export const orderEventsInputSchema = z.strictObject({
  events: z.array(orderEventSchema).min(1, 'needs at least one event').max(50),
});

/** With its history, and where that has brought it. */
export const orderSchema = z.object({
  ...storedOrder,
  personName: z.string(),
  state: z.enum(ORDER_STATES),
  approval: z.enum(APPROVALS),
  ringFinished: z.boolean(),
  /** Whether its ring was spoilt or archived: it has to be begun again. */
  ringLost: z.boolean(),
  /** Whether its ring has come to the step before which the customer is asked; not told of one in work whose customer need not be. */
  holdReached: z.boolean(),
  events: z.array(orderEventSchema),
});
/** In a list it comes without its history. */
export const orderInListSchema = orderSchema.omit({ events: true });
export const orderListSchema = listOf(orderInListSchema);

/** Orders may be listed by whether they are over, closed or cancelled, and by whom and what they belong to. */
export const orderListQuerySchema = archivableListQuerySchema.extend({
  over: flagSchema.optional(),
  personId: idSchema.optional(),
  ringId: idSchema.optional(),
  /** Only those that came of a sizer. */
  fromSizer: z.literal('1', { error: 'must be 1' }).optional(),
});

/** What its plan and its ring come to, as a price takes it; null while there is none. */
export const orderCostsSchema = z.object({
  planned: priceInputSchema.nullable(),
  actual: priceInputSchema.nullable(),
  /** The steps of its plan as the day plan takes them: what a date is promised by. */
  steps: z.array(scheduleStepSchema),
});

export type CustomerWishRow = z.infer<typeof wishSchema>;
export type OrderInput = z.infer<typeof orderInputSchema>;
export type Order = z.infer<typeof orderSchema>;
export type OrderInList = z.infer<typeof orderInListSchema>;
export type OrderListQuery = z.infer<typeof orderListQuerySchema>;
export type StoredOrder = z.infer<typeof archivedOrderSchema>;
export type OrderEventInput = z.infer<typeof orderEventSchema>;
export type OrderCosts = z.infer<typeof orderCostsSchema>;
