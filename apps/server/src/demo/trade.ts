import type { OrderEventInput, OrderInput } from '@round-mint/contract/orders';
import type { PlanInput } from '@round-mint/contract/plans';
import { SIZE_SYSTEMS } from '@round-mint/core/size';
import { priceRing, quoteLetter, type ConsumableId, type OrderState } from '@round-mint/core/trade';
import { and, eq, lt, like, isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import { orders as orderTable, rings, scrap } from '../db/schema';
import { countSupply } from '../services/consumables';
import { orderCosts } from '../services/costs';
import { createOrders, logOrderEvents } from '../services/orders';
import { postMessage } from '../services/outbox';
import { createResources } from '../services/resources';
import { meltScrap } from '../services/scrap';
import { changeSettings } from '../services/settings';
import { demoId } from './demo-id';
import { DEMO_PEOPLE, personNamed } from './people';
import { DEMO_COINS } from './stock';

const DAY_MS = 86_400_000;

/** Dates that a customer waits for lie ahead whenever the demo is loaded. */
function inDays(days: number): string {
  return new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10);
}

interface DemoOrder {
  readonly person: string;
  readonly name: string;
  readonly wish?: Partial<OrderInput['wish']>;
  readonly askedAt: string;
  /** Days from now; left out, no date was named. */
  readonly wantedIn?: number;
  /** Start of the name of the ring that is made for it. */
  readonly ring?: string;
  /** A plan of its own, where no ring is begun. */
  readonly plan?: { readonly stock: string; readonly holeMm: number; readonly targetUs: number };
  readonly states: readonly OrderState[];
  readonly approvalWanted?: boolean;
  /** Which of the sizers it came of. */
  readonly sizer?: number;
}

const MADE = ['quoted', 'agreed', 'in-work'] as const;
const DONE = [...MADE, 'finishing', 'ready', 'sent', 'closed'] as const;

// A table, so it is kept as one.
// prettier-ignore
const ORDERS: readonly DemoOrder[] = [
  { person: 'Mirel', name: 'Ferry crew, no. 1', ring: 'Ferry crew, no. 1', askedAt: '2026-08-28T09:00:00.000Z', states: DONE },
  { person: 'Sanne', name: 'Anniversary, lighthouse', ring: 'Anniversary, lighthouse', askedAt: '2026-09-10T18:20:00.000Z', states: DONE, sizer: 7 },
  { person: 'Ilse', name: 'Little finger, Ilse', ring: 'Little finger, Ilse', askedAt: '2026-09-21T12:00:00.000Z', states: DONE, sizer: 1 },
  { person: 'Mirel', name: 'Ferry crew, no. 2', ring: 'Ferry crew, no. 2', askedAt: '2026-10-30T09:10:00.000Z', states: DONE },
  { person: 'Dorrin', name: 'Plain band, Dorrin', wish: { kind: 'strip', finish: 'satin' }, ring: 'Plain band', askedAt: '2026-11-02T17:30:00.000Z', states: DONE.slice(0, 6), sizer: 9 },
  { person: 'Calla', name: 'Wave spoon ring', wish: { kind: 'handle' }, ring: 'Wave spoon', askedAt: '2026-11-04T10:00:00.000Z', states: DONE.slice(0, 5), sizer: 8 },
  { person: 'Orrin', name: 'Bridge keeper’s ring', wish: { finish: 'satin' }, ring: 'Bridge keeper', askedAt: '2026-11-12T20:00:00.000Z', wantedIn: 4, states: MADE },
  { person: 'Mirel', name: 'Ferry crew, no. 3', wish: { wall: 'rounded', curlDeg: 25, finish: 'dark', dedication: 'To the night boat' }, ring: 'Ferry crew, no. 3', askedAt: '2026-11-13T09:00:00.000Z', wantedIn: 7, states: MADE, approvalWanted: true },
  { person: 'Pell', name: 'Harbour pilot’s ring', ring: 'Harbour pilot', askedAt: '2026-11-14T11:45:00.000Z', wantedIn: 9, states: MADE, sizer: 10 },
  { person: 'Hannick', name: 'Rope fork ring', wish: { kind: 'handle', finish: 'as-formed' }, ring: 'Rope fork', askedAt: '2026-11-15T16:00:00.000Z', wantedIn: 12, states: MADE, approvalWanted: true },
  { person: 'Pell', name: 'Wedding ring of the pass', wish: { year: 1948, dedication: 'P & A, over the pass' }, askedAt: '2026-11-19T19:00:00.000Z', wantedIn: 14, plan: { stock: 'Brennac Union 20 brenn', holeMm: 14.29, targetUs: 10 }, states: ['quoted', 'agreed'], approvalWanted: true },
  { person: 'Sanne', name: 'Second little ring', wish: { year: 1954 }, askedAt: '2026-11-21T08:30:00.000Z', wantedIn: 25, plan: { stock: 'Brennac Union 5 brenn, 1954', holeMm: 11.11, targetUs: 5 }, states: [] },
  { person: 'Calla', name: 'A ring of her birth year', wish: { year: 1974, widthMinMm: 9, widthMaxMm: 11 }, askedAt: '2026-11-23T21:10:00.000Z', wantedIn: 30, states: [] },
];

const SIZER_ROWS: readonly (readonly [person: string, sentOn: string, paid: number, coupon: number])[] = [
  ['Mirel', '2026-03-02', 0, 0],
  ['Ilse', '2026-03-20', 0, 0],
  ['Hannick', '2026-04-11', 0, 0],
  ['Orrin', '2026-05-05', 0, 0],
  ['Dorrin', '2026-05-19', 0, 0],
  ['Pell', '2026-06-08', 0, 0],
  ['Ilse', '2026-07-01', 6, 9],
  ['Sanne', '2026-08-30', 6, 9],
  ['Calla', '2026-10-25', 6, 9],
  ['Dorrin', '2026-10-26', 6, 9],
  ['Pell', '2026-11-06', 6, 9],
  ['Hannick', '2026-11-09', 6, 9],
];
const SIZER_COST = 3.4;

const COUNTED_AT = '2026-11-01T07:30:00.000Z';
/** Kind, counted, buy at, pack, price of a pack. */
const SUPPLIES: readonly (readonly [ConsumableId, number, number, number, number])[] = [
  ['tape', 30, 12, 12, 1.6],
  ['wax', 180, 40, 200, 6],
  ['gas', 380, 300, 400, 9],
  ['abrasive', 7, 6, 10, 7],
  ['wool', 4, 1, 8, 5],
  ['compound', 60, 20, 100, 8],
  ['acid', 220, 100, 500, 7.5],
  ['sulphur', 28, 10, 50, 11],
  ['solder', 140, 60, 200, 12],
  ['gold', 6, 2, 10, 98],
];

function wishOf(change: DemoOrder['wish'] = {}): OrderInput['wish'] {
  return {
    kind: 'coin',
    year: null,
    metal: null,
    face: null,
    widthMinMm: null,
    widthMaxMm: null,
    wall: 'straight',
    curlDeg: null,
    finish: 'polished',
    lining: 'none',
    dedication: '',
    ...change,
  };
}

function planOf(
  { stock, holeMm, targetUs }: NonNullable<DemoOrder['plan']>,
  order: DemoOrder,
  index: number,
) {
  const piece = DEMO_COINS.find(({ name }) => name.startsWith(stock));
  if (!piece) throw new Error(`the demo drawer holds no ${stock}`);
  const plan: PlanInput & { readonly id: string } = {
    id: demoId('plan', 80 + index),
    kind: 'coin',
    name: order.name,
    stockId: piece.id,
    targetInsideDiameterMm: SIZE_SYSTEMS.us.toDiameterMm(targetUs),
    finish: 'polished',
    holeMm,
    wall: 'straight',
    curlDeg: null,
    school: 'over-stretch',
  };
  return plan;
}

async function ringOf(tx: Database, name: string) {
  const [ring] = await tx
    .select({ id: rings.id, planId: rings.planId, finishedAt: rings.finishedAt })
    .from(rings)
    .where(like(rings.name, `${name}%`));
  if (!ring) throw new Error(`no ring of the made-up workshop is called ${name}`);
  return ring;
}

/** When an order moved on: a day apart, and through with its ring where it is finished. */
function movedAt(order: DemoOrder, step: number, finishedAt: string | null): string {
  const state = order.states[step];
  const over = state === 'ready' || state === 'sent' || state === 'closed';
  const from = over && finishedAt ? Date.parse(finishedAt) : Date.parse(order.askedAt);
  return new Date(from + (over ? step - 3 : step + 1) * DAY_MS).toISOString();
}

async function loadOrder(tx: Database, entry: DemoOrder, index: number): Promise<void> {
  const orders = createOrders(tx);
  const person = personNamed(entry.person);
  const [finger] = person.fingers;
  if (!finger) throw new Error(`${person.name} has no finger`);
  const plan = entry.plan ? planOf(entry.plan, entry, index) : undefined;
  if (plan) await createResources(tx).plans.create(plan);
  const ring = entry.ring ? await ringOf(tx, entry.ring) : undefined;
  const id = demoId('order', index);
  const input: OrderInput = {
    id,
    personId: person.id,
    name: entry.name,
    ...finger,
    wish: wishOf(entry.wish),
    wantedBy: entry.wantedIn === undefined ? null : inDays(entry.wantedIn),
    stockFrom: 'ours',
    stockId: null,
    exchange: null,
    approvalWanted: entry.approvalWanted ?? false,
    sizerId: entry.sizer === undefined ? null : demoId('sizer', entry.sizer),
    planId: ring?.planId ?? plan?.id ?? null,
    ringId: ring?.id ?? null,
    quote: null,
    notes: '',
  };
  await orders.create(input);
  await tx.update(orderTable).set({ createdAt: entry.askedAt }).where(eq(orderTable.id, id));
  const order = await orders.get(id);
  const { planned } = await orderCosts(tx, order);
  if (planned) {
    const quote = {
      at: entry.askedAt,
      price: priceRing(planned).price,
      input: planned,
      readyBy: input.wantedBy,
    };
    await orders.replace(id, { ...input, quote });
  }
  const events = entry.states.map((to, step): OrderEventInput => ({
    id: demoId('order-event', index * 100 + step),
    at: movedAt(entry, step, ring?.finishedAt ?? null),
    body: { kind: 'moved', to },
  }));
  if (events.length > 0) await logOrderEvents(tx, id, events);
}

/** The slugs of the first half year were melted once. */
async function loadMelt(tx: Database): Promise<void> {
  const old = await tx
    .select({ id: scrap.id, massG: scrap.massG })
    .from(scrap)
    .where(
      and(
        eq(scrap.kind, 'slug'),
        lt(scrap.at, '2026-07-01'),
        like(scrap.metal, 'silver-%'),
        isNull(scrap.archivedAt),
      ),
    );
  if (old.length === 0) return;
  const massG = old.reduce((sum, one) => sum + one.massG, 0);
  await meltScrap(tx, {
    id: demoId('scrap', 1),
    at: '2026-07-04T16:00:00.000Z',
    scrapIds: old.map(({ id }) => id),
    buttonMassG: Math.round(massG * 0.985 * 100) / 100,
    note: 'Half a year of slugs',
  });
}

async function loadQuote(tx: Database): Promise<void> {
  const order = await createOrders(tx).get(
    demoId(
      'order',
      ORDERS.findIndex(({ name }) => name.startsWith('Second')),
    ),
  );
  if (!order.quote) return;
  const person = personNamed('Sanne');
  const { subject, text } = quoteLetter({
    person: person.name,
    workshop: WORKSHOP,
    money: (amount) => `${amount.toFixed(2)} cr`,
    ring: order.name,
    price: order.quote.price,
    readyBy: undefined,
    validDays: 14,
    hasPicture: false,
  });
  const letter = {
    kind: 'quote',
    personId: person.id,
    orderId: order.id,
    subject,
    text,
    photoIds: [],
  } as const;
  await postMessage(tx, { id: demoId('message', 1), ...letter, photoIds: [] }, undefined);
}

const WORKSHOP = 'The Quay Workshop';

/** One that always holds, one that holds now, one that is over. */
const DISCOUNTS = [
  ['FIRSTRING', { kind: 'share', share: 0.1 }, null, null, true],
  ['LANTERN', { kind: 'sum', amount: 6 }, -20, 40, false],
  ['HIGHTIDE', { kind: 'share', share: 0.15 }, -120, -60, false],
] as const;

async function loadDiscounts(tx: Database): Promise<void> {
  const { discounts } = createResources(tx);
  for (const [index, [code, takes, from, until, firstOrder]] of DISCOUNTS.entries()) {
    await discounts.create({
      ...{ id: demoId('discount', index), code, takes, firstOrder, notes: '' },
      ...{ from: from === null ? null : inDays(from), until: until === null ? null : inDays(until) },
    });
  }
}

/** People, orders in every state, sizers, supplies and letters of the made-up workshop. @param history whether there is a first year */
export async function loadTrade(tx: Database, history: boolean): Promise<void> {
  const resources = createResources(tx);
  await changeSettings(tx, { workshopName: WORKSHOP });
  for (const person of DEMO_PEOPLE) await resources.people.create(person);
  for (const [index, [person, sentOn, paid, coupon]] of SIZER_ROWS.entries()) {
    await resources.sizers.create({
      id: demoId('sizer', index),
      personId: personNamed(person).id,
      sentOn,
      cost: SIZER_COST,
      paid,
      coupon,
      couponCode: coupon > 0 ? `RING${100 + index}` : '',
      couponUsed: ORDERS.some(({ sizer }) => sizer === index) && coupon > 0,
      guarantee: paid > 0,
      notes: '',
    });
  }
  for (const [id, countedAmount, buyAtAmount, packAmount, packPrice] of SUPPLIES) {
    await countSupply(tx, id, { countedAmount, countedAt: COUNTED_AT, buyAtAmount, packAmount, packPrice });
  }
  for (const [index, entry] of ORDERS.entries()) await loadOrder(tx, entry, index);
  await loadDiscounts(tx);
  await loadQuote(tx);
  if (history) await loadMelt(tx);
}
