import type { SupplyAnswer } from '@round-mint/contract/consumables';
import type { DayPlan } from '@round-mint/contract/day-plan';
import type { MetalPrices } from '@round-mint/contract/metal-prices';
import type { Order, OrderCosts } from '@round-mint/contract/orders';
import type { Message } from '@round-mint/contract/outbox';
import type { PersonInList } from '@round-mint/contract/people';
import type { ShelfRing } from '@round-mint/contract/shelf';
import type { StoredScrap } from '@round-mint/contract/scrap';
import type { StoredSizer } from '@round-mint/contract/sizers';
import { MM_PER_US_SIZE, SIZE_SYSTEMS } from '@round-mint/core/size';
import { listOf, pieceOf, punchOf, type Answers } from './fake-server';

/** A made-up order, for tests of what is shown of it. */
export function orderOf(change: Partial<Order> = {}): Order {
  return {
    personName: 'Calla Venn',
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
    version: 1,
    state: 'asked',
    approval: 'none',
    ringFinished: false,
    holdReached: false,
    ringLost: false,
    events: [],
    ...change,
  };
}

const LIFE = { createdAt: '2026-11-20T10:00:00.000Z', updatedAt: '2026-11-20T10:00:00.000Z', version: 1 };

export function personOf(change: Partial<PersonInList> = {}): PersonInList {
  return {
    orders: 0,
    id: '00000007-0000-4000-8000-000000000001',
    name: 'Calla Venn',
    email: 'calla@venn.example',
    phone: '',
    address: '',
    notes: '',
    fingers: [
      {
        hand: 'right',
        finger: 'ring',
        sizeText: '10',
        insideDiameterMm: SIZE_SYSTEMS.us.toDiameterMm(10),
        measuredBy: 'gauge',
        gaugeWidthMm: 6,
        knuckleInsideDiameterMm: null,
      },
    ],
    ...LIFE,
    ...change,
  };
}

export function sizerOf(n: number, change: Partial<StoredSizer> = {}): StoredSizer {
  return {
    id: `0000000a-0000-4000-8000-00000000000${n}`,
    personId: personOf().id,
    sentOn: '2026-11-02',
    cost: 3,
    paid: 0,
    coupon: 0,
    couponCode: '',
    couponUsed: false,
    guarantee: false,
    notes: '',
    ...LIFE,
    ...change,
  };
}

/** A made-up ring of the shelf; a ring of 1.6 mm that goes a size safely, two usually. */
export function shelfRingOf(
  n = 1,
  { ring, ...change }: Omit<Partial<ShelfRing>, 'ring'> & { readonly ring?: Partial<ShelfRing['ring']> } = {},
): ShelfRing {
  const id = `0000000f-0000-4000-8000-00000000000${n}`;
  const insideDiameterMm = ring?.insideDiameterMm ?? SIZE_SYSTEMS.us.toDiameterMm(8);
  const us = (sizes: number) => insideDiameterMm + sizes * MM_PER_US_SIZE;
  return {
    id,
    ringId: `00000004-0000-4000-8000-00000000000${n}`,
    ...{ story: '', texts: null },
    events: [{ id: `${id.slice(0, -2)}f${n}`, at: LIFE.createdAt, body: { kind: 'put-up', price: 60 } }],
    ...LIFE,
    ...{ state: 'for-sale', price: 60, putUpAt: LIFE.createdAt, goneAt: null, reserved: null, sale: null },
    finished: true,
    ...change,
    ring: {
      planId: '00000003-0000-4000-8000-000000000001',
      stockId: '00000001-0000-4000-8000-000000000001',
      ...{ name: `Quay ring ${n}`, kind: 'coin', stockName: 'Test brenn, 1948', issuer: 'Testland' },
      ...{ year: 1948, metal: 'silver-900', finish: 'dark', face: 'reverse', wall: 'straight' },
      ...{ insideDiameterMm, widthMm: 9.1, heightMm: 8.6, thicknessMm: 1.6, massG: 8.4 },
      measured: { size: true, width: true, thickness: false, mass: false },
      ...{ patterned: true, lined: false, seam: 'none' },
      fits: {
        safe: { fromMm: us(-1), toMm: us(1) },
        usual: { fromMm: us(-2), toMm: us(2) },
      },
      photoIds: [],
      finishedAt: LIFE.createdAt,
      workedMin: 95,
      floor: 9,
      ...ring,
    },
  };
}

export function scrapOf(n: number, change: Partial<StoredScrap> = {}): StoredScrap {
  return {
    id: `0000000c-0000-4000-8000-00000000000${n}`,
    at: '2026-11-20T10:00:00.000Z',
    kind: 'slug',
    metal: 'silver-900',
    massG: 2.5,
    fineness: null,
    source: 'plan',
    ringId: null,
    meltedIntoId: null,
    note: `Ring ${n}`,
    ...LIFE,
    ...change,
  };
}

export const TEST_PRICES: MetalPrices = {
  day: '2026-11-25',
  items: (['silver', 'gold', 'platinum'] as const).map((metal, i) => ({
    metal,
    perG: [1, 70, 30][i] ?? 0,
    source: 'feed' as const,
    days: [
      { day: '2026-11-24', perG: [0.9, 69, 31][i] ?? 0 },
      { day: '2026-11-25', perG: [1, 70, 30][i] ?? 0 },
    ],
  })),
};

export function supplyOf(change: Partial<SupplyAnswer> = {}): SupplyAnswer {
  return {
    id: 'tape',
    name: 'PTFE tape',
    unit: 'm',
    countedAmount: 24,
    countedAt: '2026-11-01T08:00:00.000Z',
    buyAtAmount: 10,
    packAmount: 12,
    packPrice: 3,
    usedAmount: 4,
    leftAmount: 20,
    buy: false,
    packs: 0,
    ...change,
  };
}

export function messageOf(change: Partial<Message> = {}): Message {
  return {
    id: '0000000b-0000-4000-8000-000000000001',
    at: '2026-11-24T10:00:00.000Z',
    kind: 'quote',
    personId: personOf().id,
    orderId: null,
    toName: 'Calla Venn',
    toAddress: 'calla@venn.example',
    subject: 'Quote for your ring',
    text: 'Dear Calla Venn,',
    photoIds: [],
    ...change,
  };
}

/** What a ring comes to: round figures. */
export const TEST_COSTS: OrderCosts = {
  planned: {
    stockCost: 20,
    meltValue: 12,
    consumablesCost: 3,
    minutes: 90,
    hourlyRate: 40,
    scrapValue: 4,
    refinerShare: 0.9,
    post: 6,
    feeShare: 0.05,
    feeFixed: 0.5,
    marginShare: 0.25,
  },
  actual: null,
  steps: [],
};

const EMPTY_DAY: DayPlan = { plan: null, jobs: [], problems: [] };

/** What every screen of the place asks for, with nothing in it. */
export const QUIET_TRADE: Answers = {
  'GET /people': listOf(personOf()),
  'GET /orders': listOf(),
  'GET /outbox': listOf(),
  'GET /sizers': listOf(),
  'GET /discounts': listOf(),
  'GET /day-plan': EMPTY_DAY,
  'GET /shop-numbers': {},
  'GET /stock': listOf(pieceOf()),
  'GET /kit': listOf(punchOf(14.3, 1), punchOf(15.9, 2)),
  'GET /learnt': { used: false },
};
