import type { Order } from '@round-mint/contract/orders';
import { SIZE_SYSTEMS } from '@round-mint/core/size';

/** A made-up order, for tests of what is shown of it. */
export function orderOf(change: Partial<Order> = {}): Order {
  return {
    id: '00000008-0000-4000-8000-000000000001',
    personId: '00000007-0000-4000-8000-000000000001',
    name: 'Test order',
    hand: 'right',
    finger: 'ring',
    sizeText: '10',
    insideDiameterMm: SIZE_SYSTEMS.us.toDiameterMm(10),
    measuredBy: 'gauge',
    gaugeWidthMm: null,
    knuckleInsideDiameterMm: null,
    wish: {
      kind: 'coin',
      year: 1948,
      metal: 'silver-900',
      face: null,
      widthMinMm: 8,
      widthMaxMm: 9,
      wall: 'straight',
      curlDeg: null,
      finish: 'polished',
      lining: 'none',
      dedication: 'To the night boat',
    },
    wantedBy: '2026-12-10',
    stockFrom: 'ours',
    stockId: null,
    exchange: null,
    approvalWanted: true,
    sizerId: null,
    planId: null,
    ringId: null,
    quote: null,
    notes: '',
    createdAt: '2026-11-20T10:00:00.000Z',
    updatedAt: '2026-11-20T10:00:00.000Z',
    state: 'asked',
    approval: 'none',
    ringFinished: false,
    holdReached: false,
    events: [],
    ...change,
  };
}
