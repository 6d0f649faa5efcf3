import { STEP_KINDS } from '@round-mint/core/steps/codes';
import { z } from 'zod';
import { stepWaitSchema } from './coin-ring';
import { idSchema, listOf, quantity, shortText, storedFields } from './common';

const recipeStepSchema = z.strictObject({
  kind: z.enum(STEP_KINDS, { error: `must be one of: ${STEP_KINDS.join(', ')}` }),
  title: shortText(80),
  instruction: shortText(500),
  lookFor: shortText(500),
  caution: shortText(500).optional(),
  handsOnMin: quantity(0, 600, 'minutes'),
  waitMin: quantity(0, 10_000, 'minutes'),
  waits: z.array(stepWaitSchema).max(6, 'takes at most 6 clocks').optional(),
  grit: quantity(20, 10_000, 'grit').optional(),
  goldUm: quantity(0.01, 50, 'µm').optional(),
});

const recipeFields = {
  name: shortText(80),
  note: z.string({ error: 'must be text' }).max(500, 'must be at most 500 characters'),
  steps: z.array(recipeStepSchema).min(1, 'needs at least one step').max(40, 'takes at most 40 steps'),
};

export const recipeInputSchema = z.strictObject({ id: idSchema.optional(), ...recipeFields });
export const recipeSchema = z.object({
  id: idSchema,
  ...recipeFields,
  ...storedFields,
});
export const recipeListSchema = listOf(recipeSchema);

export const platingRequestSchema = z.strictObject({
  insideDiameterMm: quantity(5, 60, 'mm'),
  heightMm: quantity(0.5, 40, 'mm'),
  thicknessUm: quantity(0.01, 50, 'µm'),
  currentA: quantity(0.001, 10, 'A'),
  efficiency: quantity(0.01, 1, '').optional(),
  valence: z.union([z.literal(1), z.literal(3)], { error: 'must be 1 or 3' }).optional(),
});
export const platingResponseSchema = z.object({
  areaMm2: z.number(),
  goldMassG: z.number(),
  chargeC: z.number(),
  minutes: z.number(),
});

export type RecipeInput = z.infer<typeof recipeInputSchema>;
export type StoredRecipe = z.infer<typeof recipeSchema>;
