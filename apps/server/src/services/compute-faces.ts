import type { faceMapRequestSchema, faceMapResponseSchema } from '@round-mint/contract/faces';
import { faceMap, trimmedLipMm, wallLineOf } from '@round-mint/core/faces';
import { planCoinRing } from '@round-mint/core/route';
import type { z } from 'zod';
import type { Database } from '../db/database';
import { HttpError } from '../http/errors';
import { coinRingInput } from './compute';
import { readKit } from './kit';
import { traitsFor } from './learnt';
import { readSettings } from './settings';

const IN_HOLE = {
  lost: 'hole',
  heightMm: null,
  roundMm: null,
  stretchRound: null,
  stretchAcross: null,
} as const;

/**
 * Where points of a face come to lie on the band, by the wall that the maker's own route leaves.
 * @throws HttpError 409 when this ring cannot be made
 */
export async function computeFaceMap(
  db: Database,
  request: z.output<typeof faceMapRequestSchema>,
): Promise<z.output<typeof faceMapResponseSchema>> {
  const { annealSchool } = await readSettings(db);
  const traits = await traitsFor(db, request.learnt);
  const plan = planCoinRing(coinRingInput(request), { kit: await readKit(db), annealSchool, traits });
  if (!plan.route) throw new HttpError('not-feasible', plan.reasons[0]?.message);
  // The lip stands inside the rim edge: nothing of it is filed off the outside.
  const lipMm = request.side === 'outside' ? 0 : trimmedLipMm(plan.route.steps, traits);
  const map = faceMap(wallLineOf(plan.route.finished), { side: request.side, lipMm });
  return {
    bandWidthMm: plan.bandWidthMm,
    points: request.points.map((point) => map.toBand(point) ?? IN_HOLE),
  };
}
