import type {
  coinBandRequestSchema,
  coinBandResponseSchema,
  densityRequestSchema,
  densityResponseSchema,
  handleRequestSchema,
  handleResponseSchema,
  resizeRequestSchema,
  resizeResponseSchema,
  rollingRequestSchema,
  rollingResponseSchema,
  stripRequestSchema,
  stripResponseSchema,
} from '@round-mint/contract/works-compute';
import { judgeHandle, profileOf } from '@round-mint/core/handle';
import { measureDensity, metalsOfDensity } from '@round-mint/core/identify';
import { judgeResize } from '@round-mint/core/resize';
import { rollingSchedule } from '@round-mint/core/rolling';
import { punchDiameters, toolsOf } from '@round-mint/core/kit';
import { coinBand, scrapNeed, stripBlank } from '@round-mint/core/strip';
import { planWork } from '@round-mint/core/work';
import type { z } from 'zod';
import type { Database } from '../db/database';
import { readKit } from './kit';

type In<S extends z.ZodType> = z.output<S>;
type Out<S extends z.ZodType> = z.output<S>;

export async function computeHandle(
  db: Database,
  request: In<typeof handleRequestSchema>,
): Promise<Out<typeof handleResponseSchema>> {
  const { stations, enamel = [], startMm = 0, formerMm, ...shape } = request;
  const formersMm = toolsOf(await readKit(db), 'former').map(({ spec }) => spec.diameterMm);
  const question = { ...shape, profile: profileOf(stations), enamel, startMm };
  const owned = judgeHandle({ ...question, formersMm });
  // The plain answer is the same for every workshop: the former that lands on size.
  const verdict = judgeHandle({ ...question, formersMm, formerMm: formerMm ?? owned.idealFormerMm });
  const { former, leftOverMm, heightMm, instead } = verdict;
  return {
    lengthMm: verdict.lengthMm,
    roughLengthMm: verdict.roughLengthMm,
    strainOutside: verdict.strainOutside,
    formerMm: former.formerMm,
    releasedMm: Number.isFinite(former.releasedMm) ? former.releasedMm : null,
    kitFormerMm: formersMm.length === 0 ? null : owned.former.formerMm,
    ...(heightMm === undefined ? {} : { heightMm }),
    annealCount: verdict.anneals,
    feasible: verdict.feasible,
    reasons: [...verdict.reasons],
    leftOverMm: Number.isFinite(leftOverMm) ? leftOverMm : null,
    ...(instead ? { usablePart: instead } : {}),
  };
}

export function computeStrip(request: In<typeof stripRequestSchema>): Out<typeof stripResponseSchema> {
  const { metal, widthMm, ...band } = request;
  const blank = stripBlank(band);
  if (metal === undefined || widthMm === undefined) return blank;
  const { bandMassG, meltMassG } = scrapNeed(blank.lengthMm, widthMm * band.thicknessMm, metal);
  return { ...blank, massG: bandMassG, scrapG: meltMassG };
}

export async function computeCoinBand(
  db: Database,
  request: In<typeof coinBandRequestSchema>,
): Promise<Out<typeof coinBandResponseSchema>> {
  return coinBand({ ...request, punchesMm: request.punchesMm ?? punchDiameters(await readKit(db)) });
}

export function computeRolling(request: In<typeof rollingRequestSchema>): Out<typeof rollingResponseSchema> {
  return { passes: [...rollingSchedule(request)] };
}

export async function computeResize(
  db: Database,
  request: In<typeof resizeRequestSchema>,
): Promise<Out<typeof resizeResponseSchema>> {
  const { passes: _passes, reasons, ...verdict } = judgeResize(request);
  const { fromInsideDiameterMm, toInsideDiameterMm, ...band } = request;
  const { steps } = planWork(
    {
      work: { kind: 'resize', cover: band.patterned ? 'cloth' : 'none' },
      piece: { kind: 'band', insideDiameterMm: fromInsideDiameterMm, ...band },
      targetInsideDiameterMm: toInsideDiameterMm,
      finish: 'polished',
    },
    { kit: await readKit(db) },
  );
  return {
    ...verdict,
    reasons: [...reasons],
    steps: [...steps],
  };
}

export function computeDensity(request: In<typeof densityRequestSchema>): Out<typeof densityResponseSchema> {
  const measured = measureDensity(request);
  return { ...measured, metals: [...metalsOfDensity(measured)] };
}
