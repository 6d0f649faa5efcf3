import { z } from 'zod';

export const metalSchema = z.object({
  id: z.string(),
  name: z.string(),
  densityGCm3: z.number(),
  meltingC: z.number().nullable(),
  annealC: z.tuple([z.number(), z.number()]).nullable(),
  allowanceStrainLog: z.number(),
  heat: z.string(),
  fineness: z.number(),
  refusal: z.string().nullable(),
  notes: z.array(z.string()),
});
export const metalListSchema = z.object({ items: z.array(metalSchema) });

/** The interface as an OpenAPI document. */
export const openApiSchema = z.record(z.string(), z.unknown());

export const healthSchema = z.object({
  ok: z.boolean(),
  version: z.string(),
  database: z.enum(['pglite', 'postgres']),
  schema: z.number().int(),
  /** Whether it is the made-up workshop. */
  demo: z.boolean(),
  /** What the maker should know of their data: damage, or that no backup was made for days; null when all is well. */
  warning: z.string().nullable(),
});
