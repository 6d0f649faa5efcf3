import type { RingEventInput, RingWithEvents } from '@round-mint/contract/rings';
import { REFERENCE_KIT } from '@round-mint/core/kit';
import { planWork } from '@round-mint/core/work';
import { ringOf } from './demo-ring';

const WORK = {
  kind: 'handle',
  style: 'overlap',
  overlapMm: 8,
  keptEnd: 'tip',
  startMm: 0,
  ends: 'square',
} as const;

const PLAN = planWork(
  {
    work: WORK,
    piece: {
      kind: 'handle',
      metal: 'silver-925',
      stations: [
        { atMm: 0, thicknessMm: 2.4, widthMm: 12 },
        { atMm: 60, thicknessMm: 2, widthMm: 9 },
        { atMm: 120, thicknessMm: 1.8, widthMm: 7 },
      ],
      enamel: [],
    },
    targetInsideDiameterMm: 18.9,
    finish: 'polished',
  },
  { kit: REFERENCE_KIT },
);

/** A ring from a handle whose ends lap, with a real route. */
export function handleRingOf(events: RingEventInput[] = []): RingWithEvents {
  const { id, planId, stockId, status, mandrelMmPerUsSize, createdAt, finishedAt } = ringOf();
  const { prediction, allowanceStrainLog, steps, totals } = PLAN;
  return {
    ...{ id, planId, stockId, status, mandrelMmPerUsSize, createdAt, finishedAt },
    ...{ prediction, allowanceStrainLog, steps, totals, events },
    kind: 'handle',
    name: 'Lapped',
    stockName: 'Test fork',
    work: WORK,
    metal: 'silver-925',
  };
}
