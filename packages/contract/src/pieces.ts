import { MAGNET_ANSWERS, STONE_ANSWERS } from '@round-mint/core/identify/codes';
import { PROFILES } from '@round-mint/core/resize/codes';
import { STRIP_SECTIONS } from '@round-mint/core/strip/codes';
import { z } from 'zod';
import { lengthMm, metalIdSchema, quantity } from './common';

/** Shapes that pieces of stock and the `/compute` calls share. */

export const stationSchema = z.strictObject({
  atMm: lengthMm(0, 600),
  thicknessMm: lengthMm(0.2, 20),
  widthMm: lengthMm(0.5, 60).optional(),
});

function apart(stations: readonly { atMm: number }[]): boolean {
  return new Set(stations.map(({ atMm }) => atMm)).size === stations.length;
}

export const stationsSchema = z
  .array(stationSchema)
  .min(1, 'needs at least one station')
  .max(60, 'takes at most 60 stations')
  .refine(apart, 'two stations stand at the same place');

export const stretchSchema = z
  .strictObject({ fromMm: lengthMm(0, 600), toMm: lengthMm(0, 600) })
  .refine(({ fromMm, toMm }) => fromMm < toMm, { path: ['toMm'], message: 'must lie behind fromMm' });
export const stretchesSchema = z.array(stretchSchema).max(20, 'takes at most 20 stretches');

const truth = z.boolean({ error: 'must be true or false' });

/** A finished band, as stock and as the resize call take it. */
export const bandFields = {
  thicknessMm: lengthMm(0.3, 8),
  widthMm: lengthMm(0.5, 40),
  patterned: truth,
  stones: truth,
  soldered: truth,
  profile: z.enum(PROFILES, { error: `must be one of: ${PROFILES.join(', ')}` }),
  plated: truth.optional(),
  hollow: truth.optional(),
  twoMetals: truth.optional(),
  tension: truth.optional(),
};

export const weighingFields = {
  airG: quantity(0.01, 5000, 'g'),
  waterG: quantity(0, 5000, 'g'),
  waterTempC: quantity(1, 40, '°C').optional(),
  scaleErrorG: quantity(0.0001, 5, 'g').optional(),
};
export const LIGHTER_IN_WATER = {
  path: ['waterG'],
  message: 'must be less than in air: hang the piece in the water, do not lay it down',
};
export const weighingSchema = z
  .strictObject(weighingFields)
  .refine(({ airG, waterG }) => waterG < airG, LIGHTER_IN_WATER);

/** What was found out about a piece. */
export const evidenceSchema = z.strictObject({
  magnet: z.enum(MAGNET_ANSWERS, { error: `must be one of: ${MAGNET_ANSWERS.join(', ')}` }).optional(),
  mark: z.string().max(80, 'must be at most 80 characters').optional(),
  weighing: weighingSchema.optional(),
  disc: z
    .strictObject({
      diameterMm: lengthMm(5, 80),
      rimThicknessMm: lengthMm(0.3, 10),
      massG: quantity(0.1, 500, 'g'),
    })
    .optional(),
  stone: z.enum(STONE_ANSWERS, { error: `must be one of: ${STONE_ANSWERS.join(', ')}` }).optional(),
});

export const handlePieceFields = {
  metal: metalIdSchema,
  stations: stationsSchema.min(2, 'needs at least two stations: both ends'),
  enamel: stretchesSchema,
};

export const stripPieceFields = {
  metal: metalIdSchema,
  section: z.enum(STRIP_SECTIONS, { error: `must be one of: ${STRIP_SECTIONS.join(', ')}` }),
  thicknessMm: lengthMm(0.2, 12),
  widthMm: lengthMm(0.2, 60),
  lengthMm: lengthMm(0, 5000),
};

export const bandPieceFields = { metal: metalIdSchema, insideDiameterMm: lengthMm(8, 40), ...bandFields };
