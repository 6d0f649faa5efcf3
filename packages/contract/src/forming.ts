import { z } from 'zod';
import { outlineSchema, refuseHoleOutside } from './coin-ring';
import { coinSchema, lengthMm, quantity } from './common';

const dieAngleDeg = quantity(5, 60, 'degrees');
const edgeSchema = z.enum(['rim', 'cut', 'both'], { error: 'must be rim, cut or both' });

const blowSchema = z.discriminatedUnion(
  'kind',
  [
    z.strictObject({
      kind: z.literal('fold'),
      angleDeg: dieAngleDeg,
      /** Inside diameter of the die's mouth, where the coin does not go in whole. */
      dieMouthMm: lengthMm(5, 100).optional(),
    }),
    z.strictObject({ kind: z.literal('stretch'), insideDiameterMm: lengthMm(5, 60) }),
    z.strictObject({
      kind: z.literal('reduce'),
      edge: edgeSchema,
      dieAngleDeg,
      through: z.enum(['throat', 'cone'], { error: 'must be throat or cone' }).optional(),
      insideDiameterMm: lengthMm(5, 60),
    }),
    z.strictObject({ kind: z.literal('curl'), edge: edgeSchema, dieAngleDeg, depthMm: lengthMm(0, 30) }),
    z.strictObject({ kind: z.literal('anneal') }),
  ],
  { error: 'kind must be fold, stretch, reduce, curl or anneal' },
);

/** More blows than any ring takes. */
const MOST_BLOWS = 200;

export const formRequestSchema = z
  .strictObject({
    coin: coinSchema,
    holeMm: lengthMm(2, 60),
    blows: z.array(blowSchema).max(MOST_BLOWS, { error: `must be at most ${MOST_BLOWS} blows` }),
    /** How this bench differs: added to the share of every blow. */
    traits: z.strictObject({ shareShift: quantity(-0.3, 0.3, '').optional() }).optional(),
  })
  .superRefine(({ coin, holeMm }, context) => refuseHoleOutside(coin.diameterMm, holeMm, context));

export const formResponseSchema = z.object({
  /** The wall after each blow, in their order. */
  after: z.array(
    z.object({
      widthMm: z.number(),
      heightMm: z.number(),
      insideDiameterRimMm: z.number(),
      insideDiameterCutMm: z.number(),
      thicknessCutMm: z.number(),
      thicknessMidMm: z.number(),
      thicknessRimMm: z.number(),
      strainSinceAnneal: z.object({ cut: z.number(), rim: z.number() }),
      outline: outlineSchema,
    }),
  ),
});
