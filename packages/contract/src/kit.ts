import { TOOL_FAULTS } from '@round-mint/core/kit/codes';
import { z } from 'zod';
import { idSchema, lengthMm, listOf, quantity, shortText, storedFields, timeSchema } from './common';

const angleDeg = quantity(5, 60, 'degrees');

export const toolSpecSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('punch'), diameterMm: lengthMm(2, 60), selfCentring: z.boolean() }),
  z.strictObject({ kind: z.literal('dapping-ball'), diameterMm: lengthMm(3, 80) }),
  z.strictObject({
    kind: z.literal('fold-die'),
    angleDeg,
    mouthMm: lengthMm(10, 100),
    smallEndMm: lengthMm(5, 90),
  }),
  z.strictObject({
    kind: z.literal('reducing-die'),
    angleDeg,
    holesMm: z.array(lengthMm(8, 60)).min(1, 'needs at least one hole').max(60),
  }),
  z.strictObject({
    kind: z.literal('stretcher'),
    smallestMm: lengthMm(8, 40),
    largestMm: lengthMm(10, 60),
    /** None of a plug that is hammered in. */
    splines: z
      .number()
      .int()
      .max(16)
      .refine((count) => count === 0 || count >= 2, 'must be 2 to 16, or 0 for a hammered plug'),
    /** Lean of the splines from the axis; left out, they are parallel. */
    taperDeg: quantity(0, 10, 'degrees').optional(),
  }),
  z.strictObject({ kind: z.literal('stepped-pusher'), diameterMm: lengthMm(5, 60) }),
  z.strictObject({
    kind: z.literal('expansion-cone'),
    angleDeg: quantity(1, 30, 'degrees'),
    smallEndMm: lengthMm(5, 60),
    largeEndMm: lengthMm(8, 90),
    lidHolesMm: z.array(lengthMm(5, 80)).min(1, 'needs at least one lid hole').max(60),
  }),
  z.strictObject({ kind: z.literal('mandrel'), mmPerUsSize: lengthMm(2, 60) }),
  z.strictObject({ kind: z.literal('press'), tonnes: quantity(0.1, 100, 't') }),
  z.strictObject({ kind: z.literal('former'), diameterMm: lengthMm(5, 60) }),
  z.strictObject({ kind: z.literal('rolling-mill'), openingMm: lengthMm(0.5, 30) }),
]);

export const toolFaultSchema = z.enum(TOOL_FAULTS, { error: `must be one of: ${TOOL_FAULTS.join(', ')}` });

/** A tool as the route call takes it. */
export const toolSchema = z.strictObject({
  id: z.string().max(60),
  name: shortText(80),
  spec: toolSpecSchema,
  faults: z.array(toolFaultSchema).max(TOOL_FAULTS.length).optional(),
});

const toolEventBodySchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('fault'), fault: toolFaultSchema }),
  z.strictObject({ kind: z.literal('mended'), fault: toolFaultSchema }),
  z.strictObject({ kind: z.literal('replaced') }),
  z.strictObject({ kind: z.literal('oiled') }),
  z.strictObject({ kind: z.literal('undone'), eventId: idSchema }),
]);
export const toolEventSchema = z.strictObject({
  id: idSchema,
  at: timeSchema,
  /** The ring that was worked on when it was found. */
  ringId: idSchema.optional(),
  body: toolEventBodySchema,
});
/** What happened to some tools. */
export const toolEventsInputSchema = z.strictObject({
  events: z
    .array(z.strictObject({ ...toolEventSchema.shape, toolId: idSchema }))
    .min(1, 'needs at least one event')
    .max(300),
});

export const toolInputSchema = z.strictObject({
  id: idSchema.optional(),
  name: shortText(80),
  spec: toolSpecSchema,
});
/** As it is kept: the tool and all that happened to it. */
export const storedToolSchema = z.object({
  id: idSchema,
  name: z.string(),
  spec: toolSpecSchema,
  history: z.array(toolEventSchema).default([]),
  ...storedFields,
});
/** A tool, and what its history has brought it to. */
export const shownToolSchema = storedToolSchema.extend({
  faults: z.array(toolFaultSchema),
  renewedAt: timeSchema.nullable(),
  oiledAt: timeSchema.nullable(),
});
export const toolListSchema = listOf(shownToolSchema);

/** How often each tool was used in rings since it was replaced last. */
export const toolPassesSchema = z.object({
  items: z.array(z.object({ toolId: z.string(), passes: z.number().int() })),
});

export type ToolInput = z.infer<typeof toolInputSchema>;
export type StoredTool = z.infer<typeof storedToolSchema>;
export type ShownTool = z.infer<typeof shownToolSchema>;
export type ToolEventInput = z.infer<typeof toolEventsInputSchema>['events'][number];
