import { z } from 'zod';
import { idSchema, lengthMm, listOf, shortText, storedFields } from './common';

export const HANDS = ['left', 'right'] as const;
export const FINGERS = ['thumb', 'index', 'middle', 'ring', 'little'] as const;
/** How a finger's size came to be known. */
export const MEASURED_BY = ['gauge', 'knuckle', 'sizer', 'ring', 'told'] as const;

/** Text that may be left empty. */
export function longText(max: number) {
  return z.string({ error: 'must be text' }).max(max, `must be at most ${max} characters`);
}

/** A day without a time, in the workshop's own calendar. */
export const daySchema = z.iso.date({ error: 'must be a date such as 2026-12-04' });

/** Which finger, how large, and how that was found out. */
export const fingerFields = {
  hand: z.enum(HANDS, { error: `must be one of: ${HANDS.join(', ')}` }),
  finger: z.enum(FINGERS, { error: `must be one of: ${FINGERS.join(', ')}` }),
  /** As it was given: "P½". */
  sizeText: shortText(20),
  insideDiameterMm: lengthMm(10, 40),
  measuredBy: z.enum(MEASURED_BY, { error: `must be one of: ${MEASURED_BY.join(', ')}` }),
  /** Width of the gauge: a narrow one reads smaller than a wide band feels. */
  gaugeWidthMm: lengthMm(0.5, 20).nullable(),
  /** The knuckle as a size, where it decides. */
  knuckleInsideDiameterMm: lengthMm(10, 40).nullable(),
};

export const fingerSchema = z.strictObject(fingerFields);

const personFields = {
  name: shortText(80),
  email: z.union([z.literal(''), z.email({ error: 'must be an e-mail address, or empty' })]),
  phone: longText(40),
  address: longText(300),
  notes: longText(2000),
  fingers: z.array(fingerSchema).max(10, 'takes at most ten fingers'),
};

export const personInputSchema = z.strictObject({ id: idSchema.optional(), ...personFields });
export const personSchema = z.strictObject({
  id: idSchema,
  ...personFields,
  ...storedFields,
});
/** In a list each is told with how many orders they have. */
export const personInListSchema = personSchema.extend({ orders: z.number().int() });
export const personListSchema = listOf(personInListSchema);

export type PersonInput = z.infer<typeof personInputSchema>;
export type Person = z.infer<typeof personSchema>;
export type PersonInList = z.infer<typeof personInListSchema>;
export type Finger = z.infer<typeof fingerSchema>;
