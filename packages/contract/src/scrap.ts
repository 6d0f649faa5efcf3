import { SCRAP_KINDS, SCRAP_SOURCES } from '@round-mint/core/trade/codes';
import { z } from 'zod';
import {
  archivableListQuerySchema,
  idSchema,
  listOf,
  metalIdSchema,
  quantity,
  storedFields,
  timeSchema,
} from './common';
import { longText } from './people';

/** A thing in the scrap tin. What a ring leaves lands there by itself, under the id of the event that made it. */
const scrapFields = {
  at: timeSchema,
  kind: z.enum(SCRAP_KINDS, { error: `must be one of: ${SCRAP_KINDS.join(', ')}` }),
  metal: metalIdSchema,
  massG: quantity(0.001, 10_000, 'g'),
  /** Of a melted button; null where the metal tells. */
  fineness: quantity(0, 1, 'of the whole').nullable(),
  source: z.enum(SCRAP_SOURCES, { error: 'must be plan or scale' }),
  ringId: idSchema.nullable(),
  /** The button that it was melted into. */
  meltedIntoId: idSchema.nullable(),
  note: longText(200),
};

export const scrapInputSchema = z.strictObject({ id: idSchema.optional(), ...scrapFields });
export const scrapSchema = z.strictObject({
  id: idSchema,
  ...scrapFields,
  ...storedFields,
});
export const scrapListSchema = listOf(scrapSchema);
/** Only what lies in the tin: what was melted into a button is left out. */
export const scrapListQuerySchema = archivableListQuerySchema.extend({
  inTin: z.literal('1', { error: 'must be 1' }).optional(),
});
export type ScrapListQuery = z.infer<typeof scrapListQuerySchema>;

/** Several things melted into one button. */
export const meltOutSchema = z.strictObject({
  id: idSchema,
  at: timeSchema,
  scrapIds: z.array(idSchema).min(1, 'choose at least one thing to melt').max(500),
  buttonMassG: quantity(0.001, 10_000, 'g'),
  note: longText(200),
});

export type ScrapInput = z.infer<typeof scrapInputSchema>;
export type StoredScrap = z.infer<typeof scrapSchema>;
export type MeltOutInput = z.infer<typeof meltOutSchema>;
