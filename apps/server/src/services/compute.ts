import { wallWishOf } from '@round-mint/contract/coin-ring';
import type {
  coinRingRequestSchema,
  coinRingResponseSchema,
  landRequestSchema,
  landResponseSchema,
  routeRequestSchema,
  routeResponseSchema,
} from '@round-mint/contract/coin-ring';
import type { sizeRequestSchema, sizeResponseSchema } from '@round-mint/contract/size';
import { FREE_SHARE, heightVariationMm, judgeLand, type CoinRingInput } from '@round-mint/core/forming';
import { punchDiameters } from '@round-mint/core/kit';
import { type CoinRingPlan, planCoinRing } from '@round-mint/core/route';
import { allMarks, parseSize } from '@round-mint/core/size';
import type { z } from 'zod';
import type { Database } from '../db/database';
import { HttpError } from '../http/errors';
import { readDieCharts } from './die-charts';
import { readKit } from './kit';
import { traitsFor } from './learnt';
import { readSettings } from './settings';

type CoinRingRequest = z.output<typeof coinRingRequestSchema>;
type CoinRingResponse = z.output<typeof coinRingResponseSchema>;

export function computeSize(
  request: z.output<typeof sizeRequestSchema>,
): z.output<typeof sizeResponseSchema> {
  const parsed = request.text === undefined ? undefined : parseSize(request.text, request.system);
  if (parsed && !parsed.ok) {
    throw new HttpError('invalid', parsed.message, [{ path: 'text', message: parsed.message }]);
  }
  const insideDiameterMm = parsed?.insideDiameterMm ?? request.insideDiameterMm ?? 0;
  return {
    insideDiameterMm,
    insideCircumferenceMm: Math.PI * insideDiameterMm,
    marks: allMarks(insideDiameterMm),
  };
}

export function coinRingInput(
  request: Pick<
    CoinRingRequest,
    'coin' | 'holeMm' | 'targetInsideDiameterMm' | 'wall' | 'curlDeg' | 'curl' | 'school'
  >,
): CoinRingInput {
  const { coin, holeMm, targetInsideDiameterMm, school } = request;
  return { coin, holeMm, targetInsideDiameterMm, wall: wallWishOf(request), school };
}

function coinRingAnswer(plan: CoinRingPlan): CoinRingResponse {
  const { route, meridian: _meridian, sizeRangeMm, reasons, ...figures } = plan;
  return {
    ...figures,
    reasons: [...reasons],
    school: route?.school ?? null,
    sizeRangeMm: sizeRangeMm
      ? {
          min: sizeRangeMm.min,
          max: sizeRangeMm.max,
          comfortableMax: sizeRangeMm.comfortableMax ?? null,
        }
      : null,
  };
}

/** Anneals are counted along the route that the maker's own kit allows. */
export async function computeCoinRing(db: Database, request: CoinRingRequest): Promise<CoinRingResponse> {
  const { annealSchool } = await readSettings(db);
  const kit = await readKit(db);
  return coinRingAnswer(
    planCoinRing(coinRingInput(request), {
      kit,
      annealSchool,
      widthShare: request.widthShare,
      traits: await traitsFor(db, request.learnt),
    }),
  );
}

export async function computeRoute(
  db: Database,
  request: z.output<typeof routeRequestSchema>,
): Promise<z.output<typeof routeResponseSchema>> {
  const { annealSchool } = await readSettings(db);
  const kit = request.kit ?? (await readKit(db));
  const { feasible, reasons, route } = planCoinRing(coinRingInput(request), {
    kit,
    annealSchool,
    finish: request.finish,
    widthShare: request.widthShare,
    dieCharts: await readDieCharts(db),
    traits: await traitsFor(db, request.learnt),
  });
  return {
    feasible,
    reasons: [...reasons],
    steps: [...(route?.steps ?? [])] as z.output<typeof routeResponseSchema>['steps'],
    totals: route?.totals ?? { anneals: 0, handsOnMin: 0, waitMin: 0 },
    school: route?.school ?? null,
    missingTools: (route?.missingTools ?? []).map(({ words }) => words),
  };
}

export async function computeLand(
  db: Database,
  request: z.output<typeof landRequestSchema>,
): Promise<z.output<typeof landResponseSchema>> {
  const { diameterMm, holeMm, readings, targetInsideDiameterMm } = request;
  const punches = punchDiameters(await readKit(db));
  try {
    const { remeasure, ...verdict } = judgeLand(diameterMm, holeMm, readings, punches);
    // Without a target the ring is computed at its natural size, where the middle of the land keeps its length.
    const meanRadiusMm = targetInsideDiameterMm ? targetInsideDiameterMm / 2 : (diameterMm + holeMm) / 4;
    return {
      ...verdict,
      remeasure: [...remeasure],
      heightVariationMm: heightVariationMm(verdict.eccentricityMm, meanRadiusMm, holeMm / 2, FREE_SHARE),
    };
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    throw new HttpError('invalid', `readings: ${error.message}`, [
      { path: 'readings', message: error.message },
    ]);
  }
}
