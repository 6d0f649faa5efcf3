import { SALE_WAYS, SHELF_STATES } from '@round-mint/core/trade/codes';
import { WAY_KINDS } from '@round-mint/core/ways/codes';
import { WORK_KINDS } from '@round-mint/core/work/codes';
import { z } from 'zod';
import { finishSchema } from './coin-ring';
import {
  archivableListQuerySchema,
  flagSchema,
  idSchema,
  listOf,
  listQuerySchema,
  metalIdSchema,
  quantity,
  shortText,
  storedFields,
  timeSchema,
  wallKindSchema,
} from './common';
import { givenDiscountSchema } from './discounts';
import { orderSchema } from './orders';
import { daySchema, longText } from './people';
import { priceInputSchema } from './price';
import { pieceFaceSchema } from './stock-faces';
import { workSchema } from './works';

const price = quantity(0, 1_000_000, '');
const way = z.enum(SALE_WAYS, { error: `must be one of: ${SALE_WAYS.join(', ')}` });

export const shelfEventBodySchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('put-up'), price }),
  z.strictObject({ kind: z.literal('priced'), price }),
  z.strictObject({ kind: z.literal('reserved'), until: daySchema, who: shortText(80) }),
  z.strictObject({ kind: z.literal('released') }),
  z.strictObject({ kind: z.literal('sold'), orderId: idSchema, price, way }),
  z.strictObject({ kind: z.literal('given-away'), who: longText(80) }),
  z.strictObject({ kind: z.literal('taken-apart'), massG: quantity(0.1, 500, 'g') }),
  z.strictObject({ kind: z.literal('undone'), eventId: idSchema }),
]);
export const shelfEventSchema = z.strictObject({ id: idSchema, at: timeSchema, body: shelfEventBodySchema });
/** What may be told of a ring: putting it up and selling it are calls of their own. */
export const shelfEventsInputSchema = z.strictObject({
  events: z
    .array(shelfEventSchema)
    .min(1, 'needs at least one event')
    .max(50)
    .refine((events) => events.every(({ body }) => body.kind !== 'put-up' && body.kind !== 'sold'), {
      error: 'must not put up or sell: those are calls of their own',
    }),
});

/** What the maker tells of it; what a buyer reads is null while it is worked out from the ring. */
const ownWords = {
  story: longText(1000),
  texts: z
    .strictObject({ short: shortText(600), long: shortText(6000) })
    .nullable()
    .default(null),
};

/** A finished ring is put on the shelf. */
export const shelfInputSchema = z.strictObject({
  id: idSchema.optional(),
  ringId: idSchema,
  price,
  ...ownWords,
});
export const shelfChangeSchema = z.strictObject({ id: idSchema.optional(), ...ownWords });

/** As it is kept: the ring, its words, and all that happened to it on the shelf. */
export const storedShelfRingSchema = z.strictObject({
  id: idSchema,
  ringId: idSchema,
  ...ownWords,
  events: z.array(shelfEventSchema).min(1).max(1000),
  ...storedFields,
});

const sizeRangeSchema = z.object({ fromMm: z.number(), toMm: z.number() });

/** What a finished ring is: as it was measured, and where it was not, as it was planned. */
export const ringFiguresSchema = z.object({
  planId: idSchema,
  stockId: idSchema,
  name: z.string(),
  kind: z.enum(['coin', ...WORK_KINDS]),
  stockName: z.string(),
  issuer: z.string(),
  year: z.number().int().nullable(),
  metal: metalIdSchema,
  finish: finishSchema,
  /** The face that is outside, where that was chosen; only of coin rings, as the wall. */
  face: pieceFaceSchema.nullable(),
  wall: wallKindSchema.nullable(),
  insideDiameterMm: z.number(),
  widthMm: z.number(),
  heightMm: z.number(),
  thicknessMm: z.number(),
  massG: z.number(),
  measured: z.object({ size: z.boolean(), width: z.boolean(), thickness: z.boolean(), mass: z.boolean() }),
  patterned: z.boolean(),
  lined: z.boolean(),
  seam: z.enum(['none', 'soldered', 'open']),
  /** Sizes that it can be given: by a safe resize, and by the most that makers usually dare. */
  fits: z.object({ safe: sizeRangeSchema, usual: sizeRangeSchema }),
  /** Its photographs, the finished ring first. */
  photoIds: z.array(idSchema),
  finishedAt: timeSchema,
  workedMin: z.number(),
  /** What its piece was worth as metal, at the prices of today: no price goes below unsaid. */
  floor: z.number(),
});

/** A ring on the shelf, with where it stands and what it is. */
export const shelfRingSchema = z.object({
  ...storedShelfRingSchema.shape,
  state: z.enum(SHELF_STATES),
  price: z.number(),
  putUpAt: timeSchema,
  goneAt: timeSchema.nullable(),
  reserved: z.object({ until: daySchema, who: z.string() }).nullable(),
  sale: z.object({ orderId: idSchema, way }).nullable(),
  /** Whether its ring is finished still: a log can be opened again. */
  finished: z.boolean(),
  ring: ringFiguresSchema,
});
export const shelfListSchema = listOf(shelfRingSchema);
export const shelfListQuerySchema = archivableListQuerySchema.extend({
  /** Those that left the shelf, or those that lie on it. */
  gone: flagSchema.optional(),
  /** The one of a ring. */
  ringId: idSchema.optional(),
});

/** A finished ring that nobody ordered, or whose order was cancelled, and that does not lie on the shelf. */
export const unplacedRingSchema = z.object({
  ringId: idSchema,
  orderCancelled: z.boolean(),
  ring: ringFiguresSchema,
});
export const unplacedListSchema = listOf(unplacedRingSchema);
export const unplacedListQuerySchema = listQuerySchema.extend({ ringId: idSchema.optional() });

/** What a ring really took, as a price takes it. */
export const ringCostsSchema = z.object({ actual: priceInputSchema });

/** A ring is sold: an order is made of it, that of whoever buys it. */
export const saleInputSchema = z.strictObject({
  /** Of the sale and of its order: sent twice, it is one. */
  id: idSchema,
  orderId: idSchema,
  at: timeSchema,
  /** Null where nobody asked for a name. */
  personId: idSchema.nullable(),
  /** Paid: what is taken off is off already. */
  price,
  discount: givenDiscountSchema.optional(),
  way,
  /** What post and packing cost the workshop; nothing where it is handed over. */
  post: price,
  /** Handed over and paid: the order is closed at once. */
  handedOver: z.boolean({ error: 'must be true or false' }),
});
export const saleSchema = z.object({ shelfRing: shelfRingSchema, order: orderSchema });

/** What is to be made next: how far ahead, and how many rings. */
export const nextQuerySchema = z.strictObject({
  months: z.coerce.number().int().min(1).max(12).default(3),
  count: z.coerce.number().int().min(1).max(20).default(8),
});

/** A ring to make for the shelf, and why. */
export const nextRingSchema = z.object({
  stockId: idSchema,
  stockName: z.string(),
  kind: z.enum(WAY_KINDS),
  /** Only of coin rings. */
  wall: wallKindSchema.nullable(),
  /** Of every other ring: how it is made, and the strip that its other part is cut from. */
  work: workSchema.nullable(),
  otherName: z.string().nullable(),
  insideDiameterMm: z.number(),
  hours: z.number(),
  price: z.number(),
  margin: z.number(),
  /** Chance to be sold in time, beside what lies there already. */
  sellChance: z.number(),
  /** Of its kind, in its size and those beside it, a month: mean, and between what it may truly lie (90 of 100). */
  asked: z.object({ mean: z.number(), low: z.number(), high: z.number() }),
  /** What the shelf leaves over more with it, for each hour at the bench. */
  gainPerHour: z.number(),
  /** Rings on the shelf that the same fingers would take, and how long the oldest has lain there, days. */
  alike: z.number().int(),
  oldestDays: z.number().nullable(),
});
export const nextListSchema = z.object({
  items: z.array(nextRingSchema),
  /** What it goes by: how many rings were asked for, and over how long, months. */
  basis: z.object({ asked: z.number().int(), months: z.number() }),
});

/** Whoever bought without a name. */
export const WALK_IN_ID = '5a1e0000-0000-4000-8000-000000000001';

export type ShelfInput = z.infer<typeof shelfInputSchema>;
export type ShelfChange = z.infer<typeof shelfChangeSchema>;
export type StoredShelfRing = z.infer<typeof storedShelfRingSchema>;
export type ShelfRing = z.infer<typeof shelfRingSchema>;
export type ShelfEventInput = z.infer<typeof shelfEventSchema>;
export type ShelfListQuery = z.infer<typeof shelfListQuerySchema>;
export type RingFigures = z.infer<typeof ringFiguresSchema>;
export type UnplacedListQuery = z.infer<typeof unplacedListQuerySchema>;
export type UnplacedRing = z.infer<typeof unplacedRingSchema>;
export type SaleInput = z.infer<typeof saleInputSchema>;
export type NextQuery = z.infer<typeof nextQuerySchema>;
export type NextRing = z.infer<typeof nextRingSchema>;
export type NextList = z.infer<typeof nextListSchema>;
export type Sale = z.infer<typeof saleSchema>;
