import { z } from 'zod';
import { shortText, sizeSystemSchema } from './common';

export const settingsSchema = z.strictObject({
  primarySystem: sizeSystemSchema,
  secondSystem: sizeSystemSchema,
  lengthUnit: z.enum(['mm', 'in'], { error: 'must be mm or in' }),
  light: z.enum(['day', 'torch'], { error: 'must be day or torch' }),
  /** Whether planners propose an allowance for wide bands. */
  wideBandAllowance: z.boolean({ error: 'must be true or false' }),
  annealSchool: z.enum(['after-punching', 'before-and-after']),
  /** Whether plans go by what the log has taught. */
  useLearnt: z.boolean({ error: 'must be true or false' }),
  /** Keys of learnt values that are left at their defaults. */
  standardFor: z.array(shortText(60)).max(200, 'takes at most 200 keys'),
});
export const settingsPatchSchema = settingsSchema.partial();

export type Settings = z.infer<typeof settingsSchema>;

export const DEFAULT_SETTINGS: Settings = {
  primarySystem: 'us',
  secondSystem: 'uk',
  lengthUnit: 'mm',
  light: 'day',
  wideBandAllowance: true,
  annealSchool: 'after-punching',
  useLearnt: true,
  standardFor: [],
};
