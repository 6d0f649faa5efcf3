import { z } from 'zod';
import {
  coinFields,
  idSchema,
  listOf,
  MASS_OR_THICKNESS,
  needsMassOrThickness,
  quantity,
  shortText,
  timeSchema,
} from './common';

export const EDGE_KINDS = ['reeded', 'plain', 'lettered'] as const;
export const OUTSIDE_FACES = ['obverse', 'reverse', 'either'] as const;

const stockFields = {
  ...coinFields,
  name: shortText(80),
  issuer: shortText(60),
  year: z
    .number({ error: 'must be a year from -800 to 2100' })
    .int('must be a whole year')
    .min(-800, 'must be a year from -800 to 2100')
    .max(2100, 'must be a year from -800 to 2100')
    .nullable(),
  edge: z.enum(EDGE_KINDS, { error: `must be one of: ${EDGE_KINDS.join(', ')}` }),
  outsideFace: z.enum(OUTSIDE_FACES, { error: `must be one of: ${OUTSIDE_FACES.join(', ')}` }),
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
};

export const stockInputSchema = z
  .strictObject({ id: idSchema.optional(), ...stockFields })
  .refine(needsMassOrThickness, MASS_OR_THICKNESS);

export const stockItemSchema = z.object({
  id: idSchema,
  ...stockFields,
  createdAt: timeSchema,
  updatedAt: timeSchema,
});
export const stockListSchema = listOf(stockItemSchema);

export type StockInput = z.infer<typeof stockInputSchema>;
export type StockItem = z.infer<typeof stockItemSchema>;
