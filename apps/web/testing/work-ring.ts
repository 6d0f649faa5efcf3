import type { RingEventInput, RingWithEvents } from '@round-mint/contract/rings';
import { REFERENCE_KIT } from '@round-mint/core/kit';
import { doneBody } from '@round-mint/core/ring';
import { planWork, type Work, type WorkPiece } from '@round-mint/core/work';
import { eventOf, ringOf } from './demo-ring';

type MadeOfOnePiece = Exclude<WorkPiece, { kind: 'coin' }>;

/** A ring of another kind of work, with a real route. */
function workRingOf(work: Work, piece: MadeOfOnePiece, events: RingEventInput[]): RingWithEvents {
  const { id, planId, stockId, status, mandrelMmPerUsSize, createdAt, finishedAt, version } = ringOf();
  const wish = { work, piece, targetInsideDiameterMm: 18.9, finish: 'polished' } as const;
  const { prediction, allowanceStrainLog, steps, totals } = planWork(wish, { kit: REFERENCE_KIT });
  return {
    ...{ id, planId, stockId, status, mandrelMmPerUsSize, createdAt, finishedAt, version },
    ...{ prediction, allowanceStrainLog, steps, totals, events },
    kind: work.kind,
    name: 'Of another kind',
    stockName: 'Test piece',
    work,
    metal: piece.metal,
  };
}

/** A ring from a handle whose ends lap. */
export function handleRingOf(events: RingEventInput[] = []): RingWithEvents {
  return workRingOf(
    { kind: 'handle', style: 'overlap', overlapMm: 8, keptEnd: 'tip', startMm: 0, ends: 'square' },
    {
      kind: 'handle',
      metal: 'silver-925',
      stations: [
        { atMm: 0, thicknessMm: 2.4, widthMm: 12 },
        { atMm: 60, thicknessMm: 2, widthMm: 9 },
        { atMm: 120, thicknessMm: 1.8, widthMm: 7 },
      ],
      enamel: [],
    },
    events,
  );
}

/** A ring from 3 mm wire that is rolled to 1.5 mm. */
export function rolledRingOf(events: RingEventInput[] = []): RingWithEvents {
  return workRingOf(
    { kind: 'strip', textured: false, rolledToMm: 1.5 },
    { kind: 'strip', metal: 'silver-925', section: 'round', thicknessMm: 3, widthMm: 3, lengthMm: 200 },
    events,
  );
}

/** Steps of a ring done as planned, up to one. */
export function doneUpTo({ steps }: RingWithEvents, end: number): RingEventInput[] {
  return steps.slice(0, end).map(({ kind }, step) => eventOf(step, doneBody(kind, step)));
}
