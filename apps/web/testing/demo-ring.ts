import type { CoinRingWithEvents, RingEventInput } from '@round-mint/contract/rings';
import { REFERENCE_KIT } from '@round-mint/core/kit';
import { coinRoute } from '@round-mint/core/route';

const ROUTE = coinRoute(
  {
    coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' },
    holeMm: 12.7,
    targetInsideDiameterMm: 18.9,
    wall: { kind: 'straight' },
    school: 'over-stretch',
  },
  { kit: REFERENCE_KIT },
)!;

export const RING_ID = '00000004-0000-4000-8000-000000000009';

/** The index of the first step of a kind. */
export function stepIndex(kind: string): number {
  return ROUTE.steps.findIndex((step) => step.kind === kind);
}

/** Where a step begins and where the mandrel is to stop it, cut edge down, mm. */
export function courseOf(index: number): { readonly from: number; readonly mark: number } {
  const { before, reading, after } = ROUTE.steps[index]!;
  return {
    from: before.cutInsideDiameterMm,
    mark: reading?.cutDownMm ?? after.cutInsideDiameterMm,
  };
}

/** An event with an id made from its number. */
export function eventOf(n: number, body: RingEventInput['body']): RingEventInput {
  const id = `00000005-0000-4000-8000-${String(n).padStart(12, '0')}`;
  return { id, at: `2026-03-01T10:${String(n % 60).padStart(2, '0')}:00.000Z`, body };
}

/** Steps done as planned, up to one. */
export function workedTo(end: number): RingEventInput[] {
  return ROUTE.steps
    .slice(0, end)
    .map(({ kind }, step) =>
      eventOf(step, kind === 'anneal' ? { kind: 'anneal-done', step } : { kind: 'step-done', step }),
    );
}

/** A ring at the bench with a real route. */
export function ringOf(
  events: RingEventInput[] = [],
  change: Partial<CoinRingWithEvents> = {},
): CoinRingWithEvents {
  return {
    id: RING_ID,
    planId: '00000003-0000-4000-8000-000000000009',
    stockId: '00000001-0000-4000-8000-000000000001',
    kind: 'coin',
    name: 'For Ilse',
    stockName: 'Test brenn, 1948',
    coin: { diameterMm: 30, rimThicknessMm: 2, metal: 'silver-900' },
    holeMm: 12.7,
    wall: 'straight',
    curlDeg: null,
    status: 'in-work',
    prediction: {
      targetInsideDiameterMm: 18.9,
      bandWidthMm: 9.1,
      axialHeightMm: 9.1,
      thicknessCutEdgeMm: 1.4,
      thicknessRimEdgeMm: 2.2,
      slugMassG: 2.2,
      ringMassG: 10.3,
      annealCount: ROUTE.totals.anneals,
    },
    allowanceStrainLog: ROUTE.allowanceStrainLog,
    mandrelMmPerUsSize: 12.7,
    steps: [...ROUTE.steps],
    totals: ROUTE.totals,
    createdAt: '2026-03-01T09:00:00.000Z',
    finishedAt: null,
    version: 1,
    events,
    ...change,
  };
}
