import { END_SHAPES, HANDLE_STYLES, SPIRAL_FITS } from '@round-mint/core/handle/codes';
import { z } from 'zod';
import { idSchema, lengthMm, metalIdSchema, quantity } from './common';

/** A bar before it is rolled. */
export const barSchema = z.discriminatedUnion(
  'shape',
  [
    z.strictObject({ shape: z.literal('round'), diameterMm: lengthMm(0.3, 30), lengthMm: lengthMm(1, 5000) }),
    z.strictObject({
      shape: z.literal('rect'),
      widthMm: lengthMm(0.3, 60),
      thicknessMm: lengthMm(0.2, 30),
      lengthMm: lengthMm(1, 5000),
    }),
  ],
  { error: 'must be one of: round, rect' },
);

/** What each kind of work leaves to choose; the piece of stock brings the rest. */

const endShapeSchema = z.enum(END_SHAPES, { error: `must be one of: ${END_SHAPES.join(', ')}` });

export const handleWorkFields = {
  style: z.enum(HANDLE_STYLES, { error: `must be one of: ${HANDLE_STYLES.join(', ')}` }),
  overlapMm: lengthMm(0, 60).optional(),
  turns: quantity(1, 8, 'turns').optional(),
  pitchMm: lengthMm(0, 60).optional(),
  keptEnd: z.enum(['tip', 'neck'], { error: 'must be one of: tip, neck' }),
  startMm: lengthMm(0, 400),
  ends: endShapeSchema,
  /** Of the cut end; left out, as the kept one. */
  otherEnd: endShapeSchema.optional(),
  /** Of a spiral: what is solved for, so that it uses the whole handle. */
  fit: z.enum(SPIRAL_FITS, { error: `must be one of: ${SPIRAL_FITS.join(', ')}` }).optional(),
};

export const stripWorkFields = {
  seamMm: lengthMm(0, 3).optional(),
  textured: z.boolean({ error: 'must be true or false' }),
  rolledToMm: lengthMm(0.2, 10).optional(),
  widthMm: lengthMm(0.5, 60).optional(),
};

const partsWorkFields = {
  temper: z.enum(['annealed', 'hard'], { error: 'must be one of: annealed, hard' }).optional(),
  borders: z.boolean({ error: 'must be true or false' }).optional(),
  hallmark: z.boolean({ error: 'must be true or false' }).optional(),
  otherStockId: idSchema.optional(),
};

export const spinnerWorkFields = {
  ...partsWorkFields,
  outerThicknessMm: lengthMm(0.3, 5),
  outerWidthMm: lengthMm(1, 30),
  outerMetal: metalIdSchema.optional(),
  clearanceMm: lengthMm(0.05, 2).optional(),
};

export const coinBandWorkFields = {
  ...partsWorkFields,
  stripWidthMm: lengthMm(1, 40),
  stripThicknessMm: lengthMm(0.3, 5),
  stripMetal: metalIdSchema,
  knuckleMm: lengthMm(8, 40).optional(),
};

export const resizeWorkFields = {
  cover: z.enum(['cloth', 'leather', 'none'], { error: 'must be one of: cloth, leather, none' }),
};

const kind = <K extends string>(name: K) => z.literal(name);

/** The choices with their kind: as a ring keeps them. */
export const workSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: kind('handle'), ...handleWorkFields }),
  z.strictObject({ kind: kind('strip'), ...stripWorkFields }),
  z.strictObject({ kind: kind('spinner'), ...spinnerWorkFields }),
  z.strictObject({ kind: kind('coin-band'), ...coinBandWorkFields }),
  z.strictObject({ kind: kind('resize'), ...resizeWorkFields }),
]);
