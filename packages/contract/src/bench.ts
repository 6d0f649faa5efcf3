import { ADVICE_CODES, STANDINGS } from '@round-mint/core/bench/codes';
import type { RingAtBench } from '@round-mint/core/bench';
import { STEP_KINDS } from '@round-mint/core/steps/codes';
import { z } from 'zod';
import { wallWishOf } from './coin-ring';
import type { RingWithEvents } from './rings';

const stepKind = z.enum(STEP_KINDS);

/** What the bench says of a ring now, from its plan and its events alone. */
export const benchWordSchema = z.object({
  /** Null when all is done. */
  step: z
    .object({
      index: z.number().int(),
      kind: stepKind,
      title: z.string(),
      tool: z.string().optional(),
      /** The tool of the kit that is used, where it is known. */
      toolId: z.string().optional(),
      /** What is wrong with it, and what to take or do instead. */
      toolWarning: z.string().optional(),
      /** To be taken instead. */
      spareId: z.string().optional(),
    })
    .nullable(),
  /** The stopping mark, as the mandrel will read it; null where nothing can be read. */
  stopAt: z
    .object({
      edgeDown: z.enum(['rim', 'cut', 'either']),
      insideDiameterMm: z.number(),
      mark: z.string(),
      otherWayRoundMm: z.number().optional(),
    })
    .nullable(),
  standing: z.enum(STANDINGS),
  toGo: z.object({ marks: z.number().int(), pulls: z.number().int().optional() }).optional(),
  advice: z.object({ code: z.enum(ADVICE_CODES), message: z.string() }),
  gauge: z.object({ cutEdge: z.number(), rimEdge: z.number() }),
  mayAnneal: z.boolean(),
  target: z.object({ insideDiameterMm: z.number(), mark: z.string() }),
  /** What comes after the step at hand. */
  rest: z.object({
    steps: z.array(
      z.object({
        kind: stepKind,
        title: z.string(),
        tool: z.string().optional(),
        stopAtMm: z.number().optional(),
      }),
    ),
    anneals: z.number().int(),
    handsOnMin: z.number(),
    waitMin: z.number(),
  }),
});
export type BenchAnswer = z.infer<typeof benchWordSchema>;

/** A ring as the bench's derivation looks at it: its plan and its events, and nothing else. */
export function ringAtBench(ring: RingWithEvents): RingAtBench {
  const { kind, steps, allowanceStrainLog, mayHeat, spentAtStart, events, prediction } = ring;
  return {
    kind,
    steps,
    mandrel: { mmPerUsSize: ring.mandrelMmPerUsSize },
    targetInsideDiameterMm: prediction.targetInsideDiameterMm,
    allowanceStrainLog,
    metal: ring.kind === 'coin' ? ring.coin.metal : ring.metal,
    mayHeat,
    spentAtStart,
    coin:
      ring.kind === 'coin'
        ? {
            coin: ring.coin,
            holeMm: ring.holeMm,
            wall: wallWishOf(ring),
            school: ring.school,
            face: ring.face,
          }
        : undefined,
    events,
  };
}
