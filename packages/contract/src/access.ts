import { z } from 'zod';
import { idSchema, shortText, timeSchema } from './common';

/** Digits of a pairing code. */
export const CODE_DIGITS = 6;

/** A pairing code as it is typed: spaces between its digits do no harm. */
export const pairingCodeSchema = z
  .string({ error: `must be ${CODE_DIGITS} digits` })
  .transform((text) => text.replace(/\s/g, ''))
  .pipe(z.string().regex(new RegExp(`^\\d{${CODE_DIGITS}}$`), `must be ${CODE_DIGITS} digits`));

/** Who asks, and how the workshop can be reached. A stranger is told no more than that it is one. */
export const accessSchema = z.object({
  /** The machine that the workshop runs on, a device that was paired with it, or somebody else. */
  as: z.enum(['machine', 'device', 'stranger']),
  /** The paired device that asks. */
  deviceId: idSchema.nullable(),
  /** Whether other devices of the network reach it. */
  open: z.boolean(),
  /** Whether the machine itself has to be paired as well. */
  locked: z.boolean(),
  /** Where other devices find it: empty while it is closed. */
  addresses: z.array(z.string()),
  /** Where a phone finds the certificate that it has to trust; null without https. */
  certificateAddress: z.string().nullable(),
});
export type Access = z.infer<typeof accessSchema>;

/** What the machine itself may change. */
export const accessPatchSchema = z.strictObject({
  open: z.boolean({ error: 'must be true or false' }).optional(),
  locked: z.boolean({ error: 'must be true or false' }).optional(),
});

export const pairingCodeAnswerSchema = z.object({ code: pairingCodeSchema, expiresAt: timeSchema });

export const pairSchema = z.strictObject({
  code: pairingCodeSchema,
  /** What its maker calls the device: "phone at the bench". */
  name: shortText(40),
});

export const pairedDeviceSchema = z.object({
  id: idSchema,
  name: z.string(),
  pairedAt: timeSchema,
  lastSeenAt: timeSchema,
  /** Whether it is the one that asks. */
  here: z.boolean(),
});
export type PairedDevice = z.infer<typeof pairedDeviceSchema>;
export const pairedDeviceListSchema = z.object({ items: z.array(pairedDeviceSchema) });

/** One change, as every open page hears it: what kind of thing, which one, and a number that only grows. */
export const changeSchema = z.object({
  resource: z.string(),
  id: z.string().optional(),
  version: z.number().int(),
});
export type Change = z.infer<typeof changeSchema>;

/** Header by which a page names itself, so that it does not hear of its own changes. */
export const PAGE_HEADER = 'round-mint-page';
export const changesQuerySchema = z.strictObject({ page: z.string().max(80).optional() });
