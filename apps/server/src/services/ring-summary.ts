import { consumableIdSchema } from '@round-mint/contract/consumables';
import { metalIdSchema } from '@round-mint/contract/common';
import { ringFiguresSchema } from '@round-mint/contract/shelf';
import { logEntrySchema, type LogEntry } from '@round-mint/contract/log';
import type { RingWithEvents } from '@round-mint/contract/rings';
import { workedMinutes } from '@round-mint/core/learn';
import { ringOutcome, type RingState } from '@round-mint/core/ring';
import { finishedBand, usedBy } from '@round-mint/core/trade';
import { z } from 'zod';
import { bandOf, stepsDone, timesDone, toolPasses } from './steps-done';
import { metalOf, stateOf } from './ring-store';

/** What lists and sums say of a ring that is over. */
export const ringSummarySchema = z.object({
  log: logEntrySchema,
  workedMin: z.number(),
  /** Why it was spoilt; left out of one that was finished. */
  spoiltBy: z.string().optional(),
  metal: metalIdSchema,
  /** Of the piece, before it was cut. */
  pieceMassG: z.number(),
  /** What it is, as a buyer asks. */
  band: ringFiguresSchema.pick({
    finish: true,
    insideDiameterMm: true,
    widthMm: true,
    heightMm: true,
    thicknessMm: true,
    massG: true,
    measured: true,
    patterned: true,
    lined: true,
    seam: true,
  }),
  /** How often each tool of the kit was used for it. */
  toolPasses: z.record(z.string(), z.number().int()).default({}),
  used: z.object({
    amounts: z.partialRecord(consumableIdSchema, z.number()),
    /** When its first and its last step was done; null when none was. */
    firstAt: z.string().nullable(),
    lastAt: z.string().nullable(),
  }),
});
export type RingSummary = z.infer<typeof ringSummarySchema>;

function logEntryOf(ring: RingWithEvents, state: RingState): LogEntry {
  const { prediction } = ring;
  // A size that was changed at the bench is what the ring is judged by.
  const targetMm = state.targetInsideDiameterMm ?? prediction.targetInsideDiameterMm;
  const outcome = ringOutcome(state, targetMm);
  return {
    ringId: ring.id,
    name: ring.name,
    stockName: ring.stockName,
    kind: ring.kind,
    metal: metalOf(ring),
    wall: ring.kind === 'coin' ? ring.wall : null,
    holeMm: ring.kind === 'coin' ? ring.holeMm : null,
    finishedAt: ring.finishedAt ?? ring.createdAt,
    predictedInsideDiameterMm: targetMm,
    actualInsideDiameterMm: outcome.insideDiameterMm ?? null,
    predictedWidthMm: prediction.bandWidthMm,
    actualWidthMm: outcome.bandWidthMm ?? null,
    predictedCutEdgeMm: prediction.thicknessCutEdgeMm,
    actualCutEdgeMm: outcome.thicknessCutEdgeMm ?? null,
    predictedRimEdgeMm: prediction.thicknessRimEdgeMm,
    actualRimEdgeMm: outcome.thicknessRimEdgeMm ?? null,
    sizeErrorUs: outcome.sizeErrorUs ?? null,
    predictedAnneals: prediction.annealCount,
    actualAnneals: outcome.anneals,
    leftOut: state.leftOut,
  };
}

/** What came of a ring, from all that its log tells. */
export function summaryOf(ring: RingWithEvents): RingSummary {
  const state = stateOf(ring, ring.events);
  const times = timesDone(ring);
  const { kind, prediction } = ring;
  const { slugMassG, ringMassG } = prediction;
  const metal = metalOf(ring);
  const { metal: _metal, ...band } = finishedBand({ kind, metal, finish: ring.finish, prediction, state });
  return {
    log: logEntryOf(ring, state),
    workedMin: workedMinutes(state.steps, ring.events),
    ...(state.spoilt ? { spoiltBy: state.spoilt.cause } : {}),
    metal,
    pieceMassG: slugMassG + ringMassG,
    band,
    toolPasses: toolPasses(ring),
    used: {
      amounts: usedBy(stepsDone(ring), bandOf(ring)),
      firstAt: times[0] ?? null,
      lastAt: times.at(-1) ?? null,
    },
  };
}
