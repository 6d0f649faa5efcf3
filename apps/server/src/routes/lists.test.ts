import { logEntrySchema, logListSchema, logSummarySchema, type LogEntry } from '@round-mint/contract/log';
import { orderListSchema, orderSchema, type OrderEventInput } from '@round-mint/contract/orders';
import { personListSchema } from '@round-mint/contract/people';
import { fullRingListSchema, ringListSchema } from '@round-mint/contract/rings';
import { stockListSchema } from '@round-mint/contract/stock';
import { ANSWER_WAYS, ORDER_STATES, orderProgress } from '@round-mint/core/trade';
import fc from 'fast-check';
import { randomUUID } from 'node:crypto';
import { orderEvents } from '../db/schema';
import { demoServer, path, type TestServer } from '../testing/test-server';

let server: TestServer;

beforeAll(async () => {
  server = await demoServer();
  await server.learn();
});
afterAll(() => server.close());

async function answer(call: string) {
  return (await server.api.get(path(call)).expect(200)).body;
}
const ordersOf = async (query: string) =>
  orderListSchema.parse(await answer(`/orders?limit=200&${query}`)).items;
const piecesOf = async (query: string) =>
  stockListSchema.parse(await answer(`/stock?limit=200&${query}`)).items;

type Body = OrderEventInput['body'];
const ID = '00000000-0000-4000-8000-000000000001';
/** What may happen to an order; what is taken back is chosen among what went before. */
const bodies = fc.oneof(
  fc.constantFrom(...ORDER_STATES).map((to): Body => ({ kind: 'moved', to })),
  fc.constant<Body>({ kind: 'approval-asked', messageId: ID }),
  fc
    .tuple(fc.boolean(), fc.constantFrom(...ANSWER_WAYS))
    .map(([yes, by]): Body => ({ kind: 'approval-answered', yes, by, words: '' })),
  fc.constant<Body>({ kind: 'approval-overridden', why: 'gone on' }),
  fc.constant<Body>({ kind: 'note', text: 'a note' }),
  fc.nat(20).map((back) => ({ back })),
);

/** Events a second apart, some of them at one and the same moment. */
function eventsOf(happened: readonly (Body | { readonly back: number })[]): OrderEventInput[] {
  const ids = happened.map(() => randomUUID());
  return happened.map((each, i) => ({
    id: ids[i] ?? '',
    at: new Date(Date.UTC(2026, 0, 5) + Math.floor(i / 2) * 1000).toISOString(),
    body: 'back' in each ? { kind: 'undone', eventId: ids[i - 1 - each.back] ?? randomUUID() } : each,
  }));
}

describe('a list of orders', () => {
  it('says where each stands as following its events does', async () => {
    const [first] = await ordersOf('over=0');
    const { body: whole } = await server.api.get(path(`/orders/${first?.id}`)).expect(200);
    const { personId, wish, name, hand, finger, sizeText, insideDiameterMm, measuredBy } = whole;
    const input = {
      ...{ personId, wish, name, hand, finger, sizeText, insideDiameterMm, measuredBy },
      ...{
        gaugeWidthMm: null,
        knuckleInsideDiameterMm: null,
        wantedBy: null,
        stockFrom: 'ours',
        stockId: null,
      },
      ...{
        exchange: null,
        approvalWanted: false,
        sizerId: null,
        planId: null,
        ringId: null,
        quote: null,
        notes: '',
      },
    };
    await fc.assert(
      fc.asyncProperty(fc.array(bodies, { maxLength: 14 }), async (happened) => {
        const id = randomUUID();
        await server.api
          .post(path('/orders'))
          .send({ ...input, id, name: id })
          .expect(201);
        const events = eventsOf(happened);
        if (events.length > 0)
          await server.db.insert(orderEvents).values(events.map((each) => ({ ...each, orderId: id })));
        const [listed] = await ordersOf(`q=${id}`);
        const told = orderSchema.parse(await answer(`/orders/${id}`));
        const { state, approval } = orderProgress(told.events);
        expect(listed).toMatchObject({ state, approval });
        expect(told).toMatchObject({ state, approval });
        expect(listed).not.toHaveProperty('events');
      }),
      { numRuns: 60 },
    );
  });

  it('is of those that are over, or of the others', async () => {
    const all = await ordersOf('');
    const over = await ordersOf('over=1');
    const open = await ordersOf('over=0');
    expect(over.length).toBeGreaterThan(0);
    expect(over.every(({ state }) => state === 'closed' || state === 'cancelled')).toBe(true);
    expect(open.some(({ state }) => state === 'closed' || state === 'cancelled')).toBe(false);
    expect(new Set([...over, ...open].map(({ id }) => id))).toEqual(new Set(all.map(({ id }) => id)));
  });

  it('is of a person, of a ring, or of those that came of a sizer', async () => {
    const all = await ordersOf('');
    const ids = (orders: typeof all) => orders.map(({ id }) => id);
    const { personId } = all[0] ?? {};
    expect(ids(await ordersOf(`personId=${personId}`))).toEqual(
      ids(all.filter((order) => order.personId === personId)),
    );
    const { ringId } = all.find((order) => order.ringId !== null) ?? {};
    expect(ids(await ordersOf(`ringId=${ringId}`))).toEqual(
      ids(all.filter((order) => order.ringId === ringId)),
    );
    const sized = all.filter(({ sizerId }) => sizerId !== null);
    expect(sized.length).toBeGreaterThan(0);
    expect(ids(await ordersOf('fromSizer=1'))).toEqual(ids(sized));
    await server.api.get(path('/orders?personId=nobody')).expect(400);
    await server.api.get(path('/orders?over=maybe')).expect(400);
  });
});

describe('a list of people', () => {
  it('has how many orders each has', async () => {
    const orders = await ordersOf('');
    const people = personListSchema.parse(await answer('/people?limit=200')).items;
    expect(people.some((person) => person.orders > 1)).toBe(true);
    for (const person of people) {
      expect(person.orders).toBe(orders.filter(({ personId }) => personId === person.id).length);
      expect(
        orders.every(({ personId, personName }) => personId !== person.id || personName === person.name),
      ).toBe(true);
    }
  });
});

describe('a list of pieces', () => {
  it('is of one kind where that is asked for', async () => {
    const all = await piecesOf('');
    const coins = await piecesOf('kind=coin');
    expect(coins).toEqual(all.filter(({ kind }) => kind === 'coin'));
    expect(coins.length).toBeLessThan(all.length);
    await server.api.get(path('/stock?kind=spoon')).expect(400);
  });

  it('is found by what metal and kind are called, and by the year', async () => {
    const silverware = await piecesOf('q=silverware');
    expect(silverware.map(({ kind }) => kind)).toContain('handle');
    const copper = await piecesOf('q=copper');
    expect(copper.some(({ metal }) => metal === 'copper')).toBe(true);
    const { year } = (await piecesOf('')).find((piece) => piece.year !== null) ?? {};
    expect((await piecesOf(`q=${year}`)).some((piece) => piece.year === year)).toBe(true);
  });

  it('has those without a figure last, whichever way round it is sorted', async () => {
    for (const sort of ['diameterMm', '-diameterMm']) {
      const known = (await piecesOf(`sort=${sort}`)).map((piece) => piece.kind === 'coin');
      expect(known.lastIndexOf(true)).toBeLessThan(known.indexOf(false));
    }
  });
});

describe('a list of rings', () => {
  it('has a line of each, without its plan, its steps and its history; those are asked for', async () => {
    const lines = ringListSchema.parse(await answer('/rings?limit=200')).items;
    const whole = fullRingListSchema.parse(await answer('/rings/in-full?limit=200')).items;
    expect(lines).toEqual(
      whole.map(({ id, planId, stockId, name, stockName, kind, status, prediction, ...rest }) => {
        const { createdAt, finishedAt, version } = rest;
        const { targetInsideDiameterMm } = prediction;
        return {
          ...{ id, planId, stockId, name, stockName, kind, status, targetInsideDiameterMm },
          ...{ createdAt, finishedAt, version },
        };
      }),
    );
    for (const line of (await answer('/rings?limit=200')).items) expect(line).not.toHaveProperty('steps');
  });
});

describe('the log', () => {
  const mean = (values: readonly number[]) => values.reduce((sum, value) => sum + value, 0) / values.length;
  const sizeErrors = (log: readonly LogEntry[]) => log.flatMap(({ sizeErrorUs }) => sizeErrorUs ?? []);

  it('is summed up over all of it', async () => {
    const log = logListSchema.parse(await answer('/log?limit=200')).items;
    const summary = logSummarySchema.parse(await answer('/log/summary'));
    const errors = sizeErrors(log);
    expect(summary.rings).toBe(log.length);
    expect(summary.meanSizeErrorUs).toBeCloseTo(mean(errors.map(Math.abs)), 9);
    const widths = log.flatMap(({ actualWidthMm, predictedWidthMm }) =>
      actualWidthMm === null ? [] : Math.abs(actualWidthMm / predictedWidthMm - 1),
    );
    expect(summary.meanWidthError).toBeCloseTo(mean(widths), 9);
    expect(summary.sizeErrors.reduce((sum, { rings }) => sum + rings, 0)).toBe(errors.length);
    const told = summary.sizeErrors.flatMap(({ sizeErrorUs, rings }) =>
      Array<number>(rings).fill(sizeErrorUs),
    );
    for (const [i, error] of errors.toSorted((a, b) => a - b).entries()) {
      expect(Math.abs(error - (told[i] ?? NaN))).toBeLessThanOrEqual(0.0251);
    }
  });

  it('tells of one ring, and of none that is not finished', async () => {
    const log = logListSchema.parse(await answer('/log')).items;
    const { ringId } = log[2] ?? {};
    expect(logEntrySchema.parse(await answer(`/log/${ringId}`))).toEqual(log[2]);
    const [inWork] = (await answer('/rings?status=in-work')).items;
    await server.api.get(path(`/log/${inWork.id}`)).expect(404);
  });
});

describe('the scrap tin', () => {
  it('is listed with or without what was melted out of it', async () => {
    const all = (await answer('/scrap?limit=200')).items;
    const [a, b] = all.filter(({ meltedIntoId }: { meltedIntoId: string | null }) => meltedIntoId === null);
    const melt = { id: randomUUID(), at: new Date().toISOString(), scrapIds: [a.id, b.id], note: '' };
    await server.api
      .post(path('/scrap/melt-out'))
      .send({ ...melt, buttonMassG: Math.min(a.massG, b.massG) })
      .expect(201);
    const idsOf = async (query: string) =>
      (await answer(`/scrap?${query}`)).items.map(({ id }: { id: string }) => id);
    expect(await idsOf('limit=200')).toEqual(expect.arrayContaining([a.id, melt.id]));
    const left = await idsOf('limit=200&inTin=1');
    expect(left).toContain(melt.id);
    expect(left).not.toContain(a.id);
  });
});
