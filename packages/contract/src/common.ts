import { isMetalId, METAL_IDS, SILVER_FINENESS } from '@round-mint/core/metal';
import { SIZE_SYSTEM_IDS } from '@round-mint/core/size';
import { COIN_FORMS } from '@round-mint/core/stock/codes';
import { WALL_KINDS } from '@round-mint/core/forming/codes';
import { z } from 'zod';
import type { ErrorCode } from './error-codes';

/** A length within what callipers and rings are about; the message names the range. */
export function lengthMm(minMm: number, maxMm: number) {
  const message = `must be a length from ${minMm} to ${maxMm} mm`;
  return z.number({ error: message }).min(minMm, message).max(maxMm, message);
}

export function quantity(min: number, max: number, unit: string) {
  const message = `must be from ${min} to ${max}${unit ? ` ${unit}` : ''}`;
  return z.number({ error: message }).min(min, message).max(max, message);
}

export function shortText(max: number) {
  return z
    .string({ error: 'must be text' })
    .trim()
    .min(1, 'must not be empty')
    .max(max, `must be at most ${max} characters`);
}

/** Ids are made where a thing is made, server or app, so that sending it twice does no harm. */
export const idSchema = z.uuid({ error: 'must be a UUID' });
/** Years that a workshop's clock may tell: others are slips, and some cannot be kept. */
const YEARS = { from: 1900, to: 2199 } as const;
export const timeSchema = z.iso.datetime({ error: 'must be an ISO date and time' }).refine(
  (time) => {
    const year = Number(time.slice(0, 4));
    return year >= YEARS.from && year <= YEARS.to;
  },
  { error: `must be a time from ${YEARS.from} to ${YEARS.to}` },
);

/**
 * Counts the writes of a workshop: a thing has the number of its last one. A write that names it in `If-Match` is
 * refused when another came between. 0 where it is not told, as in archives.
 */
export const versionSchema = z.number().int().min(0).default(0);

/** What every stored thing is told with. */
export const storedFields = { createdAt: timeSchema, updatedAt: timeSchema, version: versionSchema };

/** A listed metal, or silver by its fineness in thousandths. */
export const metalIdSchema = z
  .string()
  .refine(isMetalId, {
    error: `must be one of: ${METAL_IDS.join(', ')}; or silver-${SILVER_FINENESS.min} to silver-${SILVER_FINENESS.max}`,
  })
  .meta({ examples: [...METAL_IDS] });
export const sizeSystemSchema = z.enum(SIZE_SYSTEM_IDS, {
  error: `must be one of: ${SIZE_SYSTEM_IDS.join(', ')}`,
});
export const coinFormSchema = z.enum(COIN_FORMS, { error: `must be one of: ${COIN_FORMS.join(', ')}` });
export const wallKindSchema = z.enum(WALL_KINDS, { error: `must be one of: ${WALL_KINDS.join(', ')}` });

/** The flat piece, wherever it is described. */
export const coinFields = {
  diameterMm: lengthMm(10, 80),
  rimThicknessMm: lengthMm(0.3, 10).optional(),
  massG: quantity(0.1, 500, 'g').optional(),
  metal: metalIdSchema,
  form: coinFormSchema.optional(),
};

/** Added to any object with {@link coinFields}. */
export function needsMassOrThickness(value: {
  massG?: number | undefined;
  rimThicknessMm?: number | undefined;
}) {
  return value.massG !== undefined || value.rimThicknessMm !== undefined;
}
export const MASS_OR_THICKNESS = {
  path: ['rimThicknessMm'],
  message: 'rim thickness or mass is needed: one of them at least',
};

export const coinSchema = z.strictObject(coinFields).refine(needsMassOrThickness, MASS_OR_THICKNESS);

/** Lists take `?q=&sort=&limit=&cursor=`. A minus before the sort's name turns it round. */
export const listQuerySchema = z.strictObject({
  q: z.string().max(100).optional(),
  sort: z
    .string()
    .regex(/^-?[a-zA-Z]+$/, 'must be a field name, with a minus before it for the other way round')
    .optional(),
  limit: z.coerce.number().int().min(1).max(200).default(100),
  cursor: z.string().max(200).optional(),
});

export function listOf<T extends z.ZodType>(item: T) {
  return z.object({ items: z.array(item), nextCursor: z.string().nullable() });
}

/** Yes or no in a query. */
export const flagSchema = z.enum(['0', '1'], { error: 'must be 0 or 1' });

/** Lists of what can be archived. */
export const archivableListQuerySchema = listQuerySchema.extend({
  /** Those that were archived, instead of the others. */
  archived: flagSchema.optional(),
});
export type ListQuery = z.infer<typeof archivableListQuerySchema>;

/** `?dryRun=1` only tells what a call would do. */
export const dryRunQuerySchema = z.strictObject({ dryRun: flagSchema.optional() });

/** How a failure is answered. An app may meet a newer server: it reads codes that it does not know, too. */
export const errorSchema = z.object({
  error: z.object({
    code: z.string(),
    message: z.string(),
    fields: z.array(z.object({ path: z.string(), message: z.string() })).optional(),
    /** Of a stale write: what is there now. */
    current: z.unknown().optional(),
  }),
});
/** A failure as this server answers it. */
export interface ErrorBody extends z.infer<typeof errorSchema> {
  readonly error: z.infer<typeof errorSchema>['error'] & { readonly code: ErrorCode };
}
