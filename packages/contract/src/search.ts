import { FINISHING_SCHOOLS } from '@round-mint/core/forming/codes';
import { z } from 'zod';
import { coinRingFields, schoolSchema } from './coin-ring';
import { idSchema, lengthMm, metalIdSchema, quantity } from './common';
import { workSchema } from './works';

const { targetInsideDiameterMm, wall, curlDeg, curl } = coinRingFields;
const widthLimit = lengthMm(1, 40).optional();

export const searchRequestSchema = z
  .strictObject({
    targetInsideDiameterMm,
    widthMm: z.strictObject({ min: widthLimit, max: widthLimit, ideal: widthLimit }),
    wall,
    curlDeg,
    curl,
    /** Only these pieces; left out, the whole drawer. */
    stockIds: z.array(idSchema).min(1, 'needs at least one piece').max(500).optional(),
    school: schoolSchema.optional(),
    learnt: coinRingFields.learnt,
    year: z.number().int().min(-800).max(2100).optional(),
    metal: metalIdSchema.optional(),
    face: z.enum(['obverse', 'reverse']).optional(),
    priceMax: quantity(0, 1_000_000, '').optional(),
    /** Takes holes, too, that cut what must stay on a piece. */
    mayCut: z.boolean({ error: 'must be true or false' }).optional(),
  })
  .refine(({ widthMm: { min = 0, max = Infinity } }) => min <= max, {
    path: ['widthMm', 'max'],
    message: 'must not be less than the smallest width',
  });

/** What is said of every way to make it. */
const wayFields = {
  stockId: idSchema,
  /** How many pieces in stock are as this one: equal ones are answered once. */
  alike: z.number().int(),
  bandWidthMm: z.number(),
  widthIntervalMm: z.tuple([z.number(), z.number()]),
  annealCount: z.number().int(),
  minutes: z.number(),
  sizeIntervalUs: z.tuple([z.number(), z.number()]),
  /** Chance that the ring is lost, 0 to 1. */
  spoilt: z.number(),
  /** Chance that its size needs another pass, 0 to 1: no loss. */
  anotherPass: z.number(),
  missingTools: z.array(z.string()),
  /** Nothing else beats it in width error, chance to be lost, anneals, minutes and price together. */
  onFront: z.boolean(),
  score: z.number(),
  why: z.string(),
};

export const searchResponseSchema = z.object({
  /** Coin rings, best first. */
  options: z.array(
    z.object({
      ...wayFields,
      holeMm: z.number(),
      school: z.enum(FINISHING_SCHOOLS),
      method: z.enum(['fold', 'stepped', 'none']),
    }),
  ),
  /** Handles, strips, spinners and coins in a band, by the same points, best first. */
  works: z.array(
    z.object({
      ...wayFields,
      work: workSchema,
      /** The strip in stock that its other part is cut from. */
      otherStockId: idSchema.optional(),
    }),
  ),
});
