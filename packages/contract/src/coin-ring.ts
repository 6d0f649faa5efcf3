import {
  CURL_RANGE_DEG,
  FEWEST_LAND_READINGS,
  FINISHING_SCHOOLS,
  PUSH_DEPTHS,
} from '@round-mint/core/forming/codes';
import type { CurlWish, WallWish } from '@round-mint/core/forming';
import { FINISHES, RISK_CODES, STAGES, STEP_KINDS } from '@round-mint/core/steps/codes';
import { z } from 'zod';
import { coinSchema, lengthMm, quantity, shortText, wallKindSchema } from './common';
import { toolSchema } from './kit';
import { barSchema } from './works';

export const SCHOOL_WISHES = [...FINISHING_SCHOOLS, 'best'] as const;
export const schoolSchema = z.enum(SCHOOL_WISHES, { error: `must be one of: ${SCHOOL_WISHES.join(', ')}` });

const depthSchema = z.enum(PUSH_DEPTHS, { error: `must be one of: ${PUSH_DEPTHS.join(', ')}` });

/** Edges pushed in to a depth, in a cone of an angle or in a hollow; left out, the whole arc of `curlDeg`. */
export const curlSchema = z.union(
  [
    z.strictObject({
      dieAngleDeg: quantity(CURL_RANGE_DEG.min, CURL_RANGE_DEG.max, 'degrees'),
      depth: depthSchema,
    }),
    z.strictObject({ hollowRadiusMm: lengthMm(5, 40), depth: depthSchema }),
  ],
  { error: `needs dieAngleDeg or hollowRadiusMm, and a depth: ${PUSH_DEPTHS.join(', ')}` },
);

/** The wall that a request, a plan or a ring names. */
export function wallWishOf({ wall, curlDeg, curl }: WallFields): WallWish {
  return { kind: wall, curlDeg: curlDeg ?? undefined, curl };
}

interface WallFields {
  readonly wall: WallWish['kind'];
  readonly curlDeg?: number | null | undefined;
  readonly curl?: CurlWish | undefined;
}

/** Fields shared by the plan calls. */
export const coinRingFields = {
  coin: coinSchema,
  holeMm: lengthMm(2, 60),
  targetInsideDiameterMm: lengthMm(5, 60),
  wall: wallKindSchema,
  curlDeg: quantity(CURL_RANGE_DEG.min, CURL_RANGE_DEG.max, 'degrees').optional(),
  curl: curlSchema.optional(),
  widthShare: quantity(0, 1, '').optional(),
  school: schoolSchema.optional(),
  /** Computed by what this workshop’s log has taught; left out, by the trade’s defaults. */
  learnt: z.boolean({ error: 'must be true or false' }).optional(),
};

interface Refinement {
  addIssue: (issue: { code: 'custom'; path: string[]; message: string }) => void;
}

export function refuseHoleOutside(diameterMm: number, holeMm: number, context: Refinement): void {
  if (holeMm < diameterMm) return;
  context.addIssue({
    code: 'custom',
    path: ['holeMm'],
    message: `must be smaller than the coin (${diameterMm} mm)`,
  });
}

export const coinRingRequestSchema = z
  .strictObject(coinRingFields)
  .superRefine(({ coin, holeMm }, context) => refuseHoleOutside(coin.diameterMm, holeMm, context));

export const reasonSchema = z.object({
  code: z.string(),
  level: z.enum(['refuse', 'warn', 'note']),
  message: z.string(),
  instead: z.string().optional(),
  /** Against comfort or luck, not geometry or safety: a plan may overrule it. */
  limit: z.enum(['comfort', 'risk']).optional(),
});

/** Limits of comfort and luck that the maker goes beyond, each with the reason, kept with the ring. */
export const overruledSchema = z
  .array(z.strictObject({ code: shortText(40), why: shortText(200) }))
  .max(10, 'takes at most 10')
  .readonly();

const figureFields = {
  bandWidthMm: z.number(),
  axialHeightMm: z.number(),
  thicknessCutEdgeMm: z.number(),
  thicknessRimEdgeMm: z.number(),
  outsideDiameterMm: z.number(),
  strainCutEdge: z.number(),
  strainRimEdge: z.number(),
  curlDropMm: z.number(),
  beforeCurlInsideDiameterMm: z.number(),
};

export const coinRingResponseSchema = z.object({
  ...figureFields,
  workingThicknessMm: z.number(),
  thicknessSource: z.enum(['mass', 'rim']),
  method: z.enum(['fold', 'stepped', 'none']),
  feasible: z.boolean(),
  reasons: z.array(reasonSchema),
  /** Null when this hole leaves no size at all. */
  sizeRangeMm: z
    .object({
      min: z.number(),
      max: z.number(),
      /** Up to here the cut edge stays comfortable; null where it does at none of the sizes. */
      comfortableMax: z.number().nullable(),
    })
    .nullable(),
  naturalInsideDiameterMm: z.number(),
  slugMassG: z.number(),
  ringMassG: z.number(),
  annealCount: z.number().int(),
  /** The finishing school that was taken, when it can be made. */
  school: z.enum(FINISHING_SCHOOLS).nullable(),
});

/** The wall at a handful of places from cut edge to rim edge. */
export const outlineSchema = z.object({
  arcMm: z.array(z.number()).readonly(),
  meanRadiusMm: z.array(z.number()).readonly(),
  thicknessMm: z.array(z.number()).readonly(),
  leanDeg: z.array(z.number()).readonly(),
  strainLog: z.array(z.number()).readonly(),
});

export const finishSchema = z.enum(FINISHES, { error: `must be one of: ${FINISHES.join(', ')}` });

export const routeRequestSchema = z
  .strictObject({
    ...coinRingFields,
    kit: z.array(toolSchema).max(300).optional(),
    finish: finishSchema.optional(),
  })
  .superRefine(({ coin, holeMm }, context) => refuseHoleOutside(coin.diameterMm, holeMm, context));

const edgesSchema = z.object({ rimInsideDiameterMm: z.number(), cutInsideDiameterMm: z.number() });

const leadingSchema = z.enum(['rim', 'cut', 'both']);

/** A tool where it touches the wall, for drawings. */
const contactSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('punch'), diameterMm: z.number() }),
  z.object({ kind: z.literal('ball'), diameterMm: z.number() }),
  z.object({ kind: z.literal('fold-die'), angleDeg: z.number(), smallEndMm: z.number() }),
  z.object({ kind: z.literal('splines'), taperDeg: z.number(), count: z.number() }),
  z.object({ kind: z.literal('die'), angleDeg: z.number(), leading: leadingSchema }),
  z.object({ kind: z.literal('pusher'), diameterMm: z.number() }),
  z.object({ kind: z.literal('cone'), angleDeg: z.number(), lidHoleMm: z.number() }),
  z.object({ kind: z.literal('curl-die'), angleDeg: z.number() }),
  z.object({ kind: z.literal('former'), diameterMm: z.number() }),
  z.object({ kind: z.literal('plates') }),
]);

/** How a fold die's funnels lie about the fold's law. */
export const funnelTruthSchema = z.object({ growthMm: z.number(), scatterMm: z.number() });

const riskSchema = z.object({ code: z.enum(RISK_CODES), message: z.string() });

/** How far the piece has come after a step: what the bench plans on from. */
const pieceStateSchema = z.object({
  stage: z.enum(STAGES),
  foldDeg: z.number().optional(),
  beforeCurlMm: z.number().optional(),
  meetMm: z.number().optional(),
  curlDeg: z.number().optional(),
  pushedMm: z.object({ cut: z.number(), rim: z.number() }).optional(),
  pushedBand: z.object({ widthMm: z.number(), thicknessMm: z.number() }).optional(),
  lipMm: z.number(),
});

/** Something that is timed in a step; without times the clock counts up. */
export const stepWaitSchema = z.object({
  what: z.string(),
  bath: z.string().optional(),
  shortSec: z.number().optional(),
  longSec: z.number().optional(),
});

export const routeStepSchema = z.object({
  kind: z.enum(STEP_KINDS),
  verb: z.string().optional(),
  wished: z.literal(true).optional(),
  title: z.string(),
  instruction: z.string(),
  lookFor: z.string(),
  tool: z.string().optional(),
  /** That tool, where it is one of the kit. */
  toolId: z.string().optional(),
  before: edgesSchema,
  after: edgesSchema,
  strainCutEdge: z.number(),
  strainRimEdge: z.number(),
  annealFirst: z.boolean(),
  handsOnMin: z.number(),
  waitMin: z.number(),
  caution: z.string().optional(),
  outline: outlineSchema,
  /** What the mandrel says after it, both ways round. */
  reading: z.object({ rimDownMm: z.number(), cutDownMm: z.number() }).optional(),
  springbackMm: z.number().optional(),
  springbackFactor: z.number().optional(),
  gaugeMm: z.number().optional(),
  endsMm: z.number().optional(),
  contact: contactSchema.optional(),
  funnel: funnelTruthSchema.optional(),
  risks: z.array(riskSchema).readonly().optional(),
  tape: z.object({ turns: z.number(), lengthMm: z.number(), reveal: z.number().optional() }).optional(),
  pieceState: pieceStateSchema.optional(),
  waits: z.array(stepWaitSchema).readonly().optional(),
  /** The piece while it is no closed band yet. */
  blank: z
    .object({
      stations: z
        .array(z.object({ atMm: z.number(), thicknessMm: z.number(), widthMm: z.number().optional() }))
        .readonly(),
      bentToMm: z.number().nullable(),
    })
    .optional(),
  /** Of a pass through the rolls: which bar, as it was cut off, and between which thicknesses. */
  rolling: z
    .object({ bar: barSchema, fromMm: z.number(), toMm: z.number(), gaugePerStrain: z.number() })
    .optional(),
});

export const routeTotalsSchema = z.object({
  anneals: z.number().int(),
  handsOnMin: z.number(),
  waitMin: z.number(),
});

export const routeResponseSchema = z.object({
  feasible: z.boolean(),
  reasons: z.array(reasonSchema),
  steps: z.array(routeStepSchema).readonly(),
  totals: routeTotalsSchema,
  school: z.enum(FINISHING_SCHOOLS).nullable(),
  missingTools: z.array(z.string()),
});

export const landRequestSchema = z
  .strictObject({
    diameterMm: lengthMm(10, 80),
    holeMm: lengthMm(2, 60),
    readings: z
      .array(z.strictObject({ angleDeg: quantity(0, 360, 'degrees'), mm: lengthMm(0, 40) }))
      .min(FEWEST_LAND_READINGS, `needs at least ${FEWEST_LAND_READINGS} readings`)
      .max(48, 'takes at most 48 readings'),
    /** For how uneven the finished band would be; left out, the natural size is taken. */
    targetInsideDiameterMm: lengthMm(5, 60).optional(),
  })
  .superRefine(({ diameterMm, holeMm }, context) => refuseHoleOutside(diameterMm, holeMm, context));

export const landResponseSchema = z.object({
  eccentricityMm: z.number(),
  wideAngleDeg: z.number(),
  wideClock: z.string(),
  differenceMm: z.number(),
  ok: z.boolean(),
  fileDepthMm: z.number(),
  newHoleMm: z.number(),
  repunchMm: z.number().optional(),
  remeasure: z.array(z.object({ angleDeg: z.number(), message: z.string() })),
  message: z.string(),
  heightVariationMm: z.number(),
});
