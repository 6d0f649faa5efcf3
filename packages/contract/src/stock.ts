import { STOCK_KINDS } from '@round-mint/core/work/codes';
import { z } from 'zod';
import {
  archivableListQuerySchema,
  coinFields,
  idSchema,
  listOf,
  MASS_OR_THICKNESS,
  needsMassOrThickness,
  quantity,
  shortText,
  storedFields,
  timeSchema,
} from './common';
import { faceFields, shownFaceFields, shownTopFields } from './stock-faces';
import { bandPieceFields, evidenceSchema, handlePieceFields, stripPieceFields } from './pieces';

export const EDGE_KINDS = ['reeded', 'plain', 'lettered'] as const;
export const OUTSIDE_FACES = ['obverse', 'reverse', 'either'] as const;

/** What any piece of stock has, whatever its kind. */
const commonFields = {
  name: shortText(80),
  /** Who struck a coin; empty where it is not known. */
  issuer: z.string().trim().max(60, 'must be at most 60 characters').default(''),
  year: z
    .number({ error: 'must be a year from -800 to 2100' })
    .int('must be a whole year')
    .min(-800, 'must be a year from -800 to 2100')
    .max(2100, 'must be a year from -800 to 2100')
    .nullable(),
  grade: z.string().max(40, 'must be at most 40 characters'),
  origin: z.string().max(120, 'must be at most 120 characters'),
  price: quantity(0, 1_000_000, '').nullable(),
  legalNote: z.string().max(300, 'must be at most 300 characters'),
  notes: z.string().max(2000, 'must be at most 2000 characters'),
  quantity: z
    .number({ error: 'must be a whole number of pieces' })
    .int('must be a whole number of pieces')
    .min(0, 'must not be negative')
    .max(10_000, 'must be at most 10000'),
  /** What was found out about it; the verdict follows from it. */
  evidence: evidenceSchema.nullable().optional(),
};

const coinStockFields = {
  ...coinFields,
  edge: z.enum(EDGE_KINDS, { error: `must be one of: ${EDGE_KINDS.join(', ')}` }),
  outsideFace: z.enum(OUTSIDE_FACES, { error: `must be one of: ${OUTSIDE_FACES.join(', ')}` }),
  ...faceFields,
};

/** The fields that the refinement looks at: added fields hide them from the type checker. */
type Measured = Parameters<typeof needsMassOrThickness>[0];

/** A piece that names no kind is a coin. @param ofCoins what only coins have beside @param ofHandles the same of handles */
function stockKinds<T extends z.ZodRawShape, C extends z.ZodRawShape, H extends z.ZodRawShape>(
  fields: T,
  ofCoins: C,
  ofHandles: H,
) {
  const of = <K extends string, F extends z.ZodRawShape>(kind: K, shape: F) =>
    z.strictObject({ ...fields, ...commonFields, kind: z.literal(kind), ...shape });
  return z.discriminatedUnion(
    'kind',
    [
      z
        .strictObject({
          ...fields,
          ...commonFields,
          ...coinStockFields,
          ...ofCoins,
          kind: z.literal('coin').default('coin'),
        })
        .refine((piece) => needsMassOrThickness(piece as Measured), MASS_OR_THICKNESS),
      of('handle', { ...handlePieceFields, ...ofHandles }),
      of('strip', stripPieceFields),
      of('band', bandPieceFields),
    ],
    { error: `must be one of: ${STOCK_KINDS.join(', ')}` },
  );
}

export const stockInputSchema = stockKinds({ id: idSchema.optional() }, {}, {});
export const stockItemSchema = stockKinds({ id: idSchema, ...storedFields }, shownFaceFields, shownTopFields);
export const stockListSchema = listOf(stockItemSchema);

/** Pieces may be listed by their kind. */
export const stockListQuerySchema = archivableListQuerySchema.extend({
  kind: z.enum(STOCK_KINDS, { error: `must be one of: ${STOCK_KINDS.join(', ')}` }).optional(),
});
export type StockListQuery = z.infer<typeof stockListQuerySchema>;

/** What a maker calls each kind of piece, and searches for. */
export const STOCK_KIND_NAMES: Readonly<Record<(typeof STOCK_KINDS)[number], string>> = {
  coin: 'coin',
  handle: 'silverware',
  strip: 'strip or wire',
  band: 'finished band',
};

/** Why there are more or fewer of a piece; what a ring took or gave back, the server notes itself. */
export const COUNT_REASONS = ['counted', 'bought', 'sold', 'lost', 'taken', 'given-back'] as const;
export const countInputSchema = z.strictObject({
  id: idSchema,
  at: timeSchema,
  change: z
    .number({ error: 'must be a whole number of pieces' })
    .int('must be a whole number of pieces')
    .min(-10_000, 'must be at least -10000')
    .max(10_000, 'must be at most 10000'),
  why: z.enum(['counted', 'bought', 'sold', 'lost'], {
    error: 'must be one of: counted, bought, sold, lost',
  }),
});
export const countSchema = z.object({
  id: idSchema,
  at: timeSchema,
  change: z.number().int(),
  why: z.enum(COUNT_REASONS),
  ringId: idSchema.nullable(),
});
export const countListSchema = listOf(countSchema);

export type CountInput = z.infer<typeof countInputSchema>;
export type StockCount = z.infer<typeof countSchema>;
export type StockInput = z.infer<typeof stockInputSchema>;
export type StockItem = z.infer<typeof stockItemSchema>;
export type CoinStock = Extract<StockItem, { kind: 'coin' }>;
export type CoinStockInput = Extract<StockInput, { kind: 'coin' }>;
