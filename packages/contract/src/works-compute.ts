import { HANDLE_STYLES } from '@round-mint/core/handle/codes';
import { RESIZE_RISKS } from '@round-mint/core/resize/codes';
import { z } from 'zod';
import { reasonSchema, routeStepSchema } from './coin-ring';
import { lengthMm, metalIdSchema, quantity } from './common';
import { bandFields, LIGHTER_IN_WATER, stationsSchema, stretchesSchema, weighingFields } from './pieces';
import { barSchema, handleWorkFields, spinnerWorkFields, stripWorkFields } from './works';

const insideDiameterMm = lengthMm(5, 60);

export const handleRequestSchema = z.strictObject({
  stations: stationsSchema,
  insideDiameterMm,
  style: z.enum(HANDLE_STYLES, { error: `must be one of: ${HANDLE_STYLES.join(', ')}` }),
  overlapMm: handleWorkFields.overlapMm,
  turns: handleWorkFields.turns,
  pitchMm: handleWorkFields.pitchMm,
  widthMm: lengthMm(0.5, 60).optional(),
  metal: metalIdSchema,
  formerMm: lengthMm(5, 60).optional(),
  /** From the first station to where the ring begins; left out, 0. */
  startMm: lengthMm(0, 400).optional(),
  gapMm: lengthMm(0, 20).optional(),
  enamel: stretchesSchema.optional(),
});

const usablePartSchema = z.object({ fromMm: z.number(), toMm: z.number(), thickestMm: z.number() });

export const handleResponseSchema = z.object({
  lengthMm: z.number(),
  roughLengthMm: z.number(),
  strainOutside: z.number(),
  /** The former that was asked about, else the one that lands on size after springback. */
  formerMm: z.number(),
  /** Inside diameter that it gives after release; null where the piece springs straight again. */
  releasedMm: z.number().nullable(),
  /** The owned former that comes nearest; null without any. */
  kitFormerMm: z.number().nullable(),
  heightMm: z.number().optional(),
  annealCount: z.number().int(),
  feasible: z.boolean(),
  reasons: z.array(reasonSchema),
  /** Null where one station tells no length. */
  leftOverMm: z.number().nullable(),
  /** A part that would do, when this one does not. */
  usablePart: usablePartSchema.optional(),
});

export const stripRequestSchema = z.strictObject({
  insideDiameterMm,
  thicknessMm: lengthMm(0.2, 12),
  widthMm: lengthMm(0.2, 60).optional(),
  seamMm: stripWorkFields.seamMm,
  textured: stripWorkFields.textured.optional(),
  /** For its mass, with a width. */
  metal: metalIdSchema.optional(),
});

export const stripResponseSchema = z.object({
  lengthMm: z.number(),
  seamMm: z.number(),
  textureMm: z.number(),
  closedInsideDiameterMm: z.number(),
  massG: z.number().optional(),
  scrapG: z.number().optional(),
});

export const spinnerRequestSchema = z.strictObject({
  insideDiameterMm,
  innerThicknessMm: lengthMm(0.3, 5),
  outerThicknessMm: spinnerWorkFields.outerThicknessMm,
  outerWidthMm: spinnerWorkFields.outerWidthMm,
  clearanceMm: spinnerWorkFields.clearanceMm,
});

export const spinnerResponseSchema = z.object({
  innerLengthMm: z.number(),
  outerLengthMm: z.number(),
  innerWidthMm: z.number(),
  innerOutsideDiameterMm: z.number(),
  outerInsideDiameterMm: z.number(),
  flareOutsideDiameterMm: z.number(),
  flareEachSideMm: z.number(),
  flareStrainLog: z.number(),
  comfortable: z.boolean(),
});

export const coinBandRequestSchema = z
  .strictObject({
    coin: z.strictObject({ diameterMm: lengthMm(5, 60), thicknessMm: lengthMm(0.3, 8) }),
    stripWidthMm: lengthMm(1, 40),
    stripThicknessMm: lengthMm(0.3, 8),
    insideDiameterMm,
    punchesMm: z.array(lengthMm(2, 60)).max(100).optional(),
    knuckleMm: lengthMm(5, 60).optional(),
  })
  .superRefine(({ coin, stripWidthMm }, context) => {
    if (stripWidthMm <= coin.diameterMm) return;
    context.addIssue({
      code: 'custom',
      path: ['stripWidthMm'],
      message: `must not be wider than the coin (${coin.diameterMm} mm)`,
    });
  });

export const coinBandResponseSchema = z.object({
  developedLengthMm: z.number(),
  sideCentreLengthMm: z.number(),
  sideCutLengthMm: z.number(),
  sagittaMm: z.number(),
  punchMm: z.number().nullable(),
  punchOffMm: z.number().nullable(),
  stepMm: z.number(),
  openingMm: z.number(),
});

export const rollingRequestSchema = z.strictObject({
  start: barSchema,
  targetThicknessMm: lengthMm(0.1, 30),
  metal: metalIdSchema,
  maxReduction: quantity(0.01, 0.5, '').optional(),
});

export const rollingResponseSchema = z.object({
  passes: z.array(
    z.object({
      thicknessMm: z.number(),
      widthMm: z.number(),
      overallWidthMm: z.number(),
      lengthMm: z.number(),
      reduction: z.number(),
      strainSinceAnneal: z.number(),
      annealBefore: z.boolean(),
    }),
  ),
});

export const resizeRequestSchema = z.strictObject({
  fromInsideDiameterMm: insideDiameterMm,
  toInsideDiameterMm: insideDiameterMm,
  metal: metalIdSchema,
  ...bandFields,
});

export const resizeResponseSchema = z.object({
  feasible: z.boolean(),
  risk: z.enum(RESIZE_RISKS),
  reasons: z.array(reasonSchema),
  strain: z.number(),
  sizesUs: z.number(),
  annealCount: z.number().int(),
  thicknessAfterMm: z.number(),
  widthAfterMm: z.number(),
  steps: z.array(routeStepSchema),
});

export const densityRequestSchema = z
  .strictObject(weighingFields)
  .refine(({ airG, waterG }) => waterG < airG, LIGHTER_IN_WATER);

export const densityResponseSchema = z.object({
  densityGCm3: z.number(),
  errorGCm3: z.number(),
  metals: z.array(
    z.object({ metal: metalIdSchema, name: z.string(), densityGCm3: z.number(), offGCm3: z.number() }),
  ),
});
