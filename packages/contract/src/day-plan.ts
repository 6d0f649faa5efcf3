import { STEP_KINDS } from '@round-mint/core/steps/codes';
import { z } from 'zod';
import { idSchema, quantity, timeSchema } from './common';
import { daySchema } from './people';

export const LANES = ['flame', 'bath', 'press', 'bench'] as const;
const lane = z.enum(LANES, { error: `must be one of: ${LANES.join(', ')}` });
const stepKind = z.enum(STEP_KINDS, { error: `must be one of: ${STEP_KINDS.join(', ')}` });
const minutes = quantity(0, 100_000, 'minutes');
/** Minutes since midnight of 1 January 1970 as the clock on the wall counts them. */
const wallMin = quantity(0, 200_000_000, 'minutes');
const stepIndex = z.number().int().min(0).max(400);

export const scheduleStepSchema = z.strictObject({
  index: stepIndex,
  kind: stepKind,
  title: z.string().max(200),
  handsMin: minutes,
  waitMin: minutes,
  lane,
  setUp: z.string().max(200),
  leadMin: minutes,
});

const spanSchema = z
  .strictObject({
    fromMin: quantity(0, 1440, 'minutes after midnight'),
    toMin: quantity(0, 1440, 'minutes after midnight'),
  })
  .refine(({ fromMin, toMin }) => toMin > fromMin, {
    path: ['toMin'],
    message: 'must be after its beginning',
  });
/** Working hours of each weekday, Sunday first. */
export const weekSchema = z.array(z.array(spanSchema).max(6)).length(7, 'needs seven days, Sunday first');

export const pinSchema = z.strictObject({ jobId: z.string().max(80), step: stepIndex, startMin: wallMin });

export const blockSchema = z.strictObject({
  jobId: z.string().max(80),
  step: stepIndex,
  kind: stepKind,
  lane,
  setUp: z.string().max(200),
  startMin: wallMin,
  workMin: wallMin,
  handsEndMin: wallMin,
  endMin: wallMin,
  batch: z.number().int().optional(),
  /** Whether the helper's hands do it; left out where the maker's do. */
  byHelper: z.boolean().optional(),
});

const scoreSchema = z.object({
  pinMissMin: z.number(),
  lateMin: z.number(),
  setUpMin: z.number(),
  endMin: z.number(),
  flowMin: z.number(),
});

/** All rings of a schedule together: more than anybody has at once, and still laid out within seconds. */
const MOST_STEPS = 2400;

const calendarSchema = z.strictObject({ week: weekSchema, daysOff: z.array(z.number().int()).optional() });

export const scheduleRequestSchema = z.strictObject({
  jobs: z
    .array(
      z.strictObject({
        id: z.string().min(1).max(80),
        name: z.string().max(200),
        arrivedMin: wallMin,
        readyMin: wallMin,
        dueMin: wallMin.optional(),
        steps: z.array(scheduleStepSchema).max(400),
      }),
    )
    .max(60, 'takes at most 60 rings')
    .refine((jobs) => jobs.reduce((sum, { steps }) => sum + steps.length, 0) <= MOST_STEPS, {
      error: `takes at most ${MOST_STEPS} steps in all`,
    }),
  calendar: calendarSchema,
  /** When a second pair of hands is there; left out, nobody helps. */
  helper: calendarSchema.optional(),
  pins: z.array(pinSchema).max(200, 'takes at most 200 pins').default([]),
  nowMin: wallMin,
});
export const scheduleResponseSchema = z.object({
  blocks: z.array(blockSchema),
  score: scoreSchema,
  simple: z.object({ score: scoreSchema }),
  tooLong: z.array(z.string()),
});

/** The plan that was made last, and what the maker has pinned. */
export const savedDayPlanSchema = z.strictObject({
  madeAt: timeSchema,
  pins: z.array(pinSchema).max(200),
  blocks: z.array(blockSchema).max(5000),
});

/** A ring in work, or an order that is agreed: what is left to do. */
export const dayJobSchema = z.object({
  id: idSchema,
  name: z.string(),
  ringId: idSchema.nullable(),
  orderId: idSchema.nullable(),
  arrivedAt: timeSchema,
  dueOn: daySchema.nullable(),
  /** Whether the customer's word is waited for. */
  held: z.boolean(),
  steps: z.array(scheduleStepSchema),
});

export const dayPlanSchema = z.object({
  plan: savedDayPlanSchema.nullable(),
  jobs: z.array(dayJobSchema),
  /** Agreed orders that cannot be made as planned any more, and why. */
  problems: z.array(z.object({ orderId: idSchema, message: z.string() })),
});

export type SavedDayPlan = z.infer<typeof savedDayPlanSchema>;
export type DayJob = z.infer<typeof dayJobSchema>;
export type DayPlan = z.infer<typeof dayPlanSchema>;
