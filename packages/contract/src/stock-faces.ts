import { FACE_TURNS } from '@round-mint/core/faces/codes';
import { FACES } from '@round-mint/core/steps/codes';
import type { Face } from '@round-mint/core/steps';
import { z } from 'zod';
import { idSchema, lengthMm, quantity, shortText, timeSchema } from './common';

export const pieceFaceSchema = z.enum(FACES, { error: `must be one of: ${FACES.join(', ')}` });
export const faceTurnSchema = z.enum(FACE_TURNS, { error: `must be one of: ${FACE_TURNS.join(', ')}` });

/** Twelve megabytes, as base64 writes them. */
const MOST_BASE64 = 16_000_000;
const MOST_PX = 30_000;

/** Where the rim is in a photograph, and which way up the face lies in it. */
const rimFields = {
  /** Pixels to the right and down from the picture's top left, as it is shown: turned as its notes say. */
  centreX: quantity(-MOST_PX, MOST_PX, 'px'),
  centreY: quantity(-MOST_PX, MOST_PX, 'px'),
  /** Half the longest way across the rim, pixels. */
  radius: quantity(1, MOST_PX, 'px'),
  /** How far the camera looked from aside, and which way the longest way across lies, clockwise from the right. */
  tilt: z.strictObject({
    deg: quantity(0, 60, 'degrees'),
    longestDeg: quantity(-360, 360, 'degrees'),
  }),
  /** Where the top of the face is, clockwise from straight up. */
  topDeg: quantity(-360, 360, 'degrees'),
};

export const facePictureSchema = z.strictObject({
  /** JPEG, PNG or WebP, as it comes from a phone. */
  base64: z
    .string({ error: 'must be a JPEG, PNG or WebP file in base64' })
    .min(1, 'must be a JPEG, PNG or WebP file in base64')
    .max(MOST_BASE64, 'must be at most 12 MB'),
  ...rimFields,
});

/** A new picture of a face; without one, the id is that of a picture which is kept already. */
export const faceInputSchema = z.strictObject({
  id: idSchema,
  picture: facePictureSchema.optional(),
});

/** Where a handle lies in a photograph from above: pixels to the right and down from the picture's top left, as it is shown. */
const topPictureSchema = z.strictObject({
  base64: facePictureSchema.shape.base64,
  /** The tip, and the other end, on its middle line. */
  tipX: quantity(-MOST_PX, MOST_PX, 'px'),
  tipY: quantity(-MOST_PX, MOST_PX, 'px'),
  endX: quantity(-MOST_PX, MOST_PX, 'px'),
  endY: quantity(-MOST_PX, MOST_PX, 'px'),
  /** How wide a strip is kept along that line. */
  acrossPx: quantity(1, MOST_PX, 'px'),
});

const OF_LENGTH = 'must be a share of its length, 0 to 1';
const share = z.number({ error: OF_LENGTH }).min(0, OF_LENGTH).max(1, OF_LENGTH);

/**
 * How far a handle reaches to the left and to the right of the way from its tip, at places along it; all of its length, so
 * that it holds however the length is measured.
 */
export const handleOutlineSchema = z
  .array(z.strictObject({ at: share, left: share, right: share }))
  .min(2, 'needs at least two places: both ends')
  .max(65, 'must be at most 65 places')
  .refine((places) => places.every(({ at }, i) => i === 0 || at > (places[i - 1]?.at ?? 0)), {
    error: 'must run from the tip to the other end',
  });

/** A handle's picture from above, or the id of one that is kept already; and its outline. */
export const topInputSchema = z.strictObject({
  id: idSchema,
  picture: topPictureSchema.optional(),
  outline: handleOutlineSchema,
});

/** A face may be asked for smaller: lists show it no larger than a thumb. */
export const faceFileQuerySchema = z.strictObject({
  sidePx: z.enum(['128', '512'], { error: 'must be 128 or 512, or left out' }).optional(),
});

/** A picture of a face: a square from rim to rim, its top up, with nothing but the face on it. */
export const storedFaceSchema = z.object({
  id: idSchema,
  at: timeSchema,
  sidePx: z.number().int(),
});
/** As it goes into the workshop’s file. */
export const archivedFaceSchema = storedFaceSchema.extend({ jpegBase64: z.base64() });

/** What is known of both sides of a piece. */
export const pieceFacesSchema = z.object({
  faceTurn: faceTurnSchema,
  obverse: storedFaceSchema.nullable(),
  reverse: storedFaceSchema.nullable(),
});

/** Places of a face: a sector round it, or a box upright on it (see `FaceMark` of the core). */
const faceMarkSchema = z.discriminatedUnion('kind', [
  z
    .strictObject({
      kind: z.literal('sector'),
      fromDeg: quantity(-360, 360, 'degrees'),
      toDeg: quantity(-360, 360, 'degrees'),
      innerMm: lengthMm(0, 60),
      outerMm: lengthMm(0, 60),
    })
    .refine(({ innerMm, outerMm }) => innerMm < outerMm, {
      path: ['outerMm'],
      error: 'must lie farther out than where it begins',
    }),
  z
    .strictObject({
      kind: z.literal('box'),
      leftMm: quantity(-60, 60, 'mm'),
      rightMm: quantity(-60, 60, 'mm'),
      bottomMm: quantity(-60, 60, 'mm'),
      topMm: quantity(-60, 60, 'mm'),
    })
    .refine(({ leftMm, rightMm, bottomMm, topMm }) => leftMm < rightMm && bottomMm < topMm, {
      path: ['rightMm'],
      error: 'must enclose something: its sides are counted to the right and upward',
    }),
]);

/** What has to be seen on any ring made of a piece: the year, a name, a motif. */
export const mustStaySchema = z.strictObject({
  id: idSchema,
  name: shortText(40),
  face: pieceFaceSchema,
  mark: faceMarkSchema,
});

/** What coins have beside their measures, for the sake of how they look. */
export const faceFields = {
  /** Which way the piece is turned to see its other face the right way up. Left out, it stays as it is. */
  faceTurn: faceTurnSchema.optional(),
  mustStay: z.array(mustStaySchema).max(12, 'must be at most 12').optional(),
};

/** Pictures of both faces; they change by calls of their own. */
export const shownFaceFields = {
  obverseFaceId: idSchema.nullable().optional(),
  reverseFaceId: idSchema.nullable().optional(),
};

/** The picture of a handle; it changes by a call of its own. */
export const shownTopFields = {
  topFaceId: idSchema.nullable().optional(),
  topOutline: handleOutlineSchema.nullable().optional(),
};

export type TopPicture = z.infer<typeof topPictureSchema>;
export type TopInput = z.infer<typeof topInputSchema>;
export type HandleOutline = z.infer<typeof handleOutlineSchema>;
export type PieceFace = Face;
export type FacePicture = z.infer<typeof facePictureSchema>;
export type FaceInput = z.infer<typeof faceInputSchema>;
export type StoredFace = z.infer<typeof storedFaceSchema>;
export type PieceFaces = z.infer<typeof pieceFacesSchema>;
export type MustStay = z.infer<typeof mustStaySchema>;
