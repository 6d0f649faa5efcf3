import { z } from 'zod';
import { idSchema, listOf, listQuerySchema, shortText, timeSchema } from './common';

export const MESSAGE_KINDS = ['quote', 'refusal', 'approval', 'exchange', 'close-out', 'other'] as const;

/** What a computed picture comes to at most, as base64 writes it. */
const MOST_BASE64 = 1_000_000;

/** A letter to a customer. It lies in the outbox as a mail file: nothing leaves the machine. */
export const messageInputSchema = z.strictObject({
  id: idSchema,
  kind: z.enum(MESSAGE_KINDS, { error: `must be one of: ${MESSAGE_KINDS.join(', ')}` }),
  personId: idSchema,
  orderId: idSchema.nullable(),
  subject: shortText(200),
  text: shortText(20_000),
  /** Pictures of the ring that go with it. */
  photoIds: z.array(idSchema).max(6, 'takes at most six pictures'),
  /** Pictures that were computed for this letter, as JPEG files in base64; they are kept in its mail file only. */
  computedPictures: z
    .array(z.base64({ error: 'must be a JPEG file in base64' }).max(MOST_BASE64, 'must be at most 750 KB'))
    .max(2, 'takes at most two computed pictures')
    .optional(),
});

export const messageSchema = z.object({
  id: idSchema,
  at: timeSchema,
  kind: z.enum(MESSAGE_KINDS),
  personId: idSchema,
  orderId: idSchema.nullable(),
  toName: z.string(),
  toAddress: z.string(),
  subject: z.string(),
  text: z.string(),
  photoIds: z.array(idSchema),
});
export const messageListSchema = listOf(messageSchema);
/** Letters may be listed by the order that they are about. */
export const messageListQuerySchema = listQuerySchema.extend({ orderId: idSchema.optional() });
/** As it goes into the workshop's file. */
export const archivedMessageSchema = messageSchema.extend({ emlBase64: z.base64() });

export type MessageInput = z.infer<typeof messageInputSchema>;
export type Message = z.infer<typeof messageSchema>;
export type MessageListQuery = z.infer<typeof messageListQuerySchema>;
export type MessageKind = (typeof MESSAGE_KINDS)[number];
