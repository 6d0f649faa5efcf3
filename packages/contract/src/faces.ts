import { WALL_LAYERS } from '@round-mint/core/faces/codes';
import { z } from 'zod';
import { coinRingFields, refuseHoleOutside } from './coin-ring';
import { lengthMm, quantity } from './common';

/** As many places of a face as are mapped in one call. */
const MOST_POINTS = 10_000;

const { coin, holeMm, targetInsideDiameterMm, wall, curlDeg, curl, school, learnt } = coinRingFields;

export const faceMapRequestSchema = z
  .strictObject({
    ...{ coin, holeMm, targetInsideDiameterMm, wall, curlDeg, curl, school, learnt },
    /** Which side of the band the face has come to; left out, the middle of the wall. */
    side: z.enum(WALL_LAYERS, { error: `must be one of: ${WALL_LAYERS.join(', ')}` }).optional(),
    points: z
      .array(
        z.strictObject({
          radiusMm: lengthMm(0, 60),
          /** Clockwise from the top of the face, as one looks at it. */
          angleDeg: quantity(-360, 360, 'degrees'),
        }),
      )
      .min(1, 'takes at least one')
      .max(MOST_POINTS, { error: `takes at most ${MOST_POINTS}` }),
  })
  .superRefine((request, context) => {
    refuseHoleOutside(request.coin.diameterMm, request.holeMm, context);
    const rimMm = request.coin.diameterMm / 2;
    const beyond = request.points.findIndex(({ radiusMm }) => radiusMm > rimMm);
    if (beyond < 0) return;
    context.addIssue({
      code: 'custom',
      path: ['points', beyond, 'radiusMm'],
      message: `must not lie beyond the rim (${rimMm} mm from the middle)`,
    });
  });

const place = z.number().nullable();

export const faceMapResponseSchema = z.object({
  bandWidthMm: z.number(),
  /** In the order in which they were asked for; what lies in the hole has no place on the band. */
  points: z.array(
    z.object({
      lost: z.enum(['hole', 'lip']).nullable(),
      /** Along the wall from the cut edge. */
      heightMm: place,
      /** Round the band, clockwise from where the top of the face has come to. */
      roundMm: place,
      /** How a detail is drawn out (above 1) or crowded (below 1). */
      stretchRound: place,
      stretchAcross: place,
    }),
  ),
});
