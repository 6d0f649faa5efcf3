import { z } from 'zod';
import { idSchema, listOf, timeSchema } from './common';

export const PHOTO_PARTS = ['before', 'during', 'after'] as const;

/** About a megabyte of JPEG: what a phone's picture comes to once it is resized in the browser. */
const MOST_BASE64 = 2_000_000;

/** A picture of a ring, already resized and without anything but the picture: the browser has redrawn it. */
export const photoInputSchema = z.strictObject({
  id: idSchema,
  at: timeSchema,
  part: z.enum(PHOTO_PARTS, { error: `must be one of: ${PHOTO_PARTS.join(', ')}` }),
  widthPx: z.number().int().min(1).max(4000, 'must be at most 4000'),
  heightPx: z.number().int().min(1).max(4000, 'must be at most 4000'),
  jpegBase64: z.base64({ error: 'must be a JPEG file in base64' }).max(MOST_BASE64, 'must be at most 1.5 MB'),
});

export const photoSchema = z.object({
  id: idSchema,
  ringId: idSchema,
  at: timeSchema,
  part: z.enum(PHOTO_PARTS),
  widthPx: z.number().int(),
  heightPx: z.number().int(),
});
export const photoListSchema = listOf(photoSchema);
/** As it goes into the workshop’s file. */
export const archivedPhotoSchema = photoSchema.extend({ jpegBase64: z.base64() });

export type PhotoInput = z.infer<typeof photoInputSchema>;
export type Photo = z.infer<typeof photoSchema>;
export type PhotoPart = (typeof PHOTO_PARTS)[number];
