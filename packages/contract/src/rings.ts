import { SYMPTOMS } from '@round-mint/core/ring/codes';
import { z } from 'zod';
import { FINISHING_SCHOOLS } from '@round-mint/core/forming/codes';
import { STARTED_STAGES } from '@round-mint/core/half-made/codes';
import { FACES, STEP_KINDS } from '@round-mint/core/steps/codes';
import { WORK_KINDS } from '@round-mint/core/work/codes';
import { curlSchema, finishSchema, overruledSchema, routeStepSchema, routeTotalsSchema } from './coin-ring';
import {
  archivableListQuerySchema,
  coinSchema,
  idSchema,
  lengthMm,
  listOf,
  metalIdSchema,
  quantity,
  shortText,
  timeSchema,
  versionSchema,
  wallKindSchema,
} from './common';
import { toolFaultSchema } from './kit';
import { workSchema } from './works';

export const RING_STATUSES = ['in-work', 'finished', 'spoilt'] as const;

/** Rings may be listed by how far they are. */
export const ringListQuerySchema = archivableListQuerySchema.extend({
  status: z.enum(RING_STATUSES, { error: `must be one of: ${RING_STATUSES.join(', ')}` }).optional(),
});

const readingMm = lengthMm(5, 80);

/** A half-made piece as it was measured: what it is, both ways round the mandrel, and whatever else is known. */
export const startedFromSchema = z.strictObject({
  stage: z.enum(STARTED_STAGES, { error: `must be one of: ${STARTED_STAGES.join(', ')}` }),
  rimDownMm: readingMm,
  cutDownMm: readingMm,
  heightMm: lengthMm(1, 40).optional(),
  thicknessRimMm: lengthMm(0.3, 10).optional(),
  thicknessCutMm: lengthMm(0.3, 10).optional(),
  leanDeg: quantity(1, 80, 'degrees').optional(),
});

export const ringInputSchema = z.strictObject({
  id: idSchema.optional(),
  planId: idSchema,
  name: shortText(80),
  startedFrom: startedFromSchema.optional(),
});

const edgeSpendSchema = z.object({ cut: z.number(), rim: z.number() });

/** What the plan promised when the ring was taken to the bench; kept, so that the log can compare. */
const predictionSchema = z.object({
  targetInsideDiameterMm: z.number(),
  bandWidthMm: z.number(),
  axialHeightMm: z.number(),
  thicknessCutEdgeMm: z.number(),
  thicknessRimEdgeMm: z.number(),
  slugMassG: z.number(),
  ringMassG: z.number(),
  annealCount: z.number().int(),
});

const quantilesSchema = z.array(z.number()).length(19).readonly();
const forecastFields = {
  widthMm: quantilesSchema.optional(),
  cutEdgeMm: quantilesSchema.optional(),
  rimEdgeMm: quantilesSchema.optional(),
  handsOnMin: quantilesSchema,
};
/** What was predicted when the ring was begun, as the values below which a twentieth, two twentieths … of all rings lie. */
const forecastSchema = z.object({
  ...forecastFields,
  /** By how much the width's interval was stretched then. */
  widened: z.number(),
  /** What would have been predicted by default, where the log had taught something. */
  standard: z.object(forecastFields).optional(),
});

/** What a ring is, whatever its kind. */
const ringFields = {
  id: idSchema,
  planId: idSchema,
  stockId: idSchema,
  name: z.string(),
  stockName: z.string(),
  finish: finishSchema.optional(),
  overruled: overruledSchema.optional(),
  status: z.enum(RING_STATUSES),
  prediction: predictionSchema,
  /** Rings begun before it was kept have none. */
  forecast: forecastSchema.optional(),
  allowanceStrainLog: z.number(),
  /** Whether its piece may be heated; rings begun before it was told may, as far as their metal does. */
  mayHeat: z.boolean().optional(),
  /** Only of a ring that was begun half-way: as it was measured, what was taken to be so, and how hard it is taken to be. */
  startedFrom: startedFromSchema.optional(),
  assumptions: z
    .array(z.object({ code: z.string(), message: z.string() }))
    .readonly()
    .optional(),
  spentAtStart: edgeSpendSchema.optional(),
  mandrelMmPerUsSize: z.number(),
  steps: z.array(routeStepSchema).min(1, 'needs at least one step').readonly(),
  totals: routeTotalsSchema,
  createdAt: timeSchema,
  finishedAt: timeSchema.nullable(),
  version: versionSchema,
};

const coinRingFields = {
  /** Rings begun before there were others name no kind. */
  kind: z.literal('coin').default('coin'),
  coin: coinSchema,
  holeMm: z.number(),
  wall: wallKindSchema,
  curlDeg: z.number().nullable(),
  curl: curlSchema.optional(),
  /** Rings begun before it was kept have none. */
  school: z.enum(FINISHING_SCHOOLS).optional(),
  /** The face that is to be the outside; left out, either. */
  face: z.enum(FACES).optional(),
  /** Names of the moves that the route was made of: what the log learns by. */
  moves: z.array(z.string()).readonly().optional(),
};

const workRingFields = {
  kind: z.enum(WORK_KINDS),
  /** The choices that were made, and the metal of the ring. */
  work: workSchema,
  metal: metalIdSchema,
  /** Length of strip that it took, mm; 0 or left out where a whole piece was used. */
  usesLengthMm: z.number().optional(),
  /** The strip in stock that its other part was cut from, and how much of it that took. */
  other: z.object({ stockId: idSchema, name: z.string(), usesLengthMm: z.number() }).optional(),
};

function ringKinds<T extends z.ZodRawShape>(fields: T) {
  return z.discriminatedUnion('kind', [
    z.object({ ...ringFields, ...fields, ...coinRingFields }),
    z.object({ ...ringFields, ...fields, ...workRingFields }),
  ]);
}

export const ringSchema = ringKinds({});

const stepIndex = z.number().int().min(0).max(200);
const seconds = quantity(1, 7 * 86_400, 'seconds');

export const ringEventBodySchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('step-done'),
    step: stepIndex,
    asRead: z.literal(true).optional(),
  }),
  z.strictObject({ kind: z.literal('anneal-done'), step: stepIndex.optional() }),
  z.strictObject({
    kind: z.literal('reading'),
    rimDownMm: readingMm,
    cutDownMm: readingMm,
    mark: z.enum(['leading', 'centre']),
    reveal: quantity(0, 40, 'lines').optional(),
  }),
  z.strictObject({
    kind: z.literal('measured'),
    bandWidthMm: lengthMm(0.5, 40),
    thicknessCutEdgeMm: lengthMm(0.1, 10).optional(),
    thicknessRimEdgeMm: lengthMm(0.1, 10).optional(),
    massG: quantity(0.1, 500, 'g').optional(),
  }),
  z.strictObject({
    kind: z.literal('trouble'),
    symptom: z.enum(SYMPTOMS, { error: `must be one of: ${SYMPTOMS.join(', ')}` }),
    crackMm: lengthMm(0.1, 20).optional(),
  }),
  z.strictObject({ kind: z.literal('hole-measured'), diameterMm: lengthMm(2, 60) }),
  z.strictObject({
    kind: z.literal('rolled'),
    step: stepIndex,
    thicknessMm: lengthMm(0.1, 30),
    widthMm: lengthMm(0.3, 60).optional(),
    lengthMm: lengthMm(1, 5000).optional(),
  }),
  z.strictObject({
    kind: z.literal('target-changed'),
    insideDiameterMm: lengthMm(5, 60),
    why: shortText(200),
  }),
  z.strictObject({
    kind: z.literal('wall-changed'),
    wall: wallKindSchema,
    curl: curlSchema.optional(),
  }),
  z.strictObject({
    kind: z.literal('style-changed'),
    style: z.literal('straight', { error: 'must be straight: lapped ends can be made to meet' }),
  }),
  z.strictObject({ kind: z.literal('step-skipped'), step: stepIndex, why: shortText(200).optional() }),
  z.strictObject({
    kind: z.literal('step-added'),
    after: z.number().int().min(-1).max(200),
    stepKind: z.enum(STEP_KINDS, { error: `must be one of: ${STEP_KINDS.join(', ')}` }),
    toolId: idSchema.optional(),
  }),
  z.strictObject({ kind: z.literal('tool-marked'), toolId: idSchema, fault: toolFaultSchema }),
  z.strictObject({
    kind: z.literal('tool-used'),
    step: stepIndex,
    toolId: idSchema,
    setting: shortText(80).optional(),
  }),
  z.strictObject({
    kind: z.literal('rerouted'),
    because: idSchema,
    fromStep: stepIndex,
    steps: z.array(routeStepSchema).max(120, 'takes at most 120 steps').readonly(),
    why: shortText(500),
    targetInsideDiameterMm: lengthMm(5, 60).optional(),
    holeMm: lengthMm(2, 60).optional(),
    derived: z.literal(true).optional(),
  }),
  z.strictObject({
    kind: z.literal('wait-started'),
    waitId: idSchema,
    what: shortText(80),
    shortSec: seconds.optional(),
    longSec: seconds.optional(),
  }),
  z.strictObject({ kind: z.literal('wait-ended'), waitId: idSchema }),
  z.strictObject({ kind: z.literal('left-out'), leftOut: z.boolean({ error: 'must be true or false' }) }),
  z.strictObject({ kind: z.literal('note'), text: shortText(500) }),
  z.strictObject({ kind: z.literal('undone'), eventId: idSchema }),
  z.strictObject({ kind: z.literal('finished') }),
  z.strictObject({
    kind: z.literal('spoilt'),
    cause: z.enum(SYMPTOMS, { error: `must be one of: ${SYMPTOMS.join(', ')}` }),
  }),
]);

/** Events are sent one or many at a time; each keeps the id it was given at the bench. */
export const ringEventSchema = z.strictObject({ id: idSchema, at: timeSchema, body: ringEventBodySchema });
export const ringEventsInputSchema = z.strictObject({
  events: z.array(ringEventSchema).min(1, 'needs at least one event').max(200),
});
export const ringEventsSchema = z.object({ items: z.array(ringEventSchema) });

export const ringWithEventsSchema = ringKinds({ events: z.array(ringEventSchema) });
/** Of a ring in a list: neither its plan, its steps nor its history. */
export const ringInListSchema = z.object({
  ...{ id: idSchema, planId: idSchema, stockId: idSchema },
  name: z.string(),
  stockName: z.string(),
  kind: z.enum(['coin', ...WORK_KINDS]),
  status: z.enum(RING_STATUSES),
  targetInsideDiameterMm: z.number(),
  createdAt: timeSchema,
  finishedAt: timeSchema.nullable(),
  version: versionSchema,
});
export const ringListSchema = listOf(ringInListSchema);
export const fullRingListSchema = listOf(ringWithEventsSchema);

export type RingInput = z.infer<typeof ringInputSchema>;
export type Ring = z.infer<typeof ringSchema>;
export type RingInList = z.infer<typeof ringInListSchema>;
/** Of a ring, what is not fixed when it is taken to the bench. */
type UnfixedField = 'id' | 'planId' | 'stockId' | 'name' | 'status' | 'createdAt' | 'finishedAt' | 'version';
type Fixed<R> = R extends Ring ? Omit<R, UnfixedField> : never;
/** A plan's figures and steps as they were when the ring was taken to the bench. */
export type FrozenPlan = Fixed<Ring>;
export type RingWithEvents = z.infer<typeof ringWithEventsSchema>;
export type RingEventInput = z.infer<typeof ringEventSchema>;
export type Prediction = z.infer<typeof predictionSchema>;
export type CoinRing = Extract<Ring, { kind: 'coin' }>;
export type CoinRingWithEvents = Extract<RingWithEvents, { kind: 'coin' }>;
