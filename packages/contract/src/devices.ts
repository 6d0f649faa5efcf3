import { z } from 'zod';

export const DEVICE_IDS = ['calliper', 'scale'] as const;
export const deviceIdSchema = z.enum(DEVICE_IDS, { error: `must be one of: ${DEVICE_IDS.join(', ')}` });

/** A measuring device with a data cable; the ones that ship are simulated stand-ins. */
export const deviceSchema = z.object({
  id: deviceIdSchema,
  name: z.string(),
  unit: z.enum(['mm', 'g']),
  /** What its display shows. */
  value: z.number(),
  min: z.number(),
  max: z.number(),
  /** Smallest step of its display. */
  step: z.number(),
});
export const deviceListSchema = z.object({ items: z.array(deviceSchema) });

/** Where the jaws, or what lies on the pan, are put. */
export const deviceSetSchema = z.strictObject({
  value: z
    .number({ error: 'must be a number' })
    .min(0, 'must not be below 0')
    .max(500, 'must be at most 500'),
});

/** One line of a device's stream; `sent` when its data button was pressed. */
export const deviceReadingSchema = z.object({
  value: z.number(),
  unit: z.enum(['mm', 'g']),
  sent: z.boolean(),
});

export type DeviceId = z.infer<typeof deviceIdSchema>;
export type Device = z.infer<typeof deviceSchema>;
export type DeviceReading = z.infer<typeof deviceReadingSchema>;
