import { orderSchema } from '@round-mint/contract/orders';
import { ringCostsSchema, saleSchema, WALK_IN_ID } from '@round-mint/contract/shelf';
import { marginAt, priceRing } from '@round-mint/core/trade';
import { saleOf, shelfCalls } from '../testing/shelf-calls';
import { demoServer, eventOf, path, type TestServer } from '../testing/test-server';

let server: TestServer;
let calls: ReturnType<typeof shelfCalls>;
beforeAll(async () => {
  server = await demoServer();
  calls = shelfCalls(server);
});
afterEach(() => calls.clear());
afterAll(() => server.close());

describe('a sale', () => {
  it('makes a closed order where the ring is handed over, and counts in the shop’s numbers', async () => {
    const { id, ringId } = await calls.putUp();
    const sale = saleOf({ personId: null });
    const answer = saleSchema.parse((await calls.sell(id, sale).expect(201)).body);
    expect(answer.shelfRing).toMatchObject({
      ...{ state: 'sold', price: 55, sale: { orderId: sale.orderId, way: 'market' } },
    });
    const { order } = answer;
    expect(order).toMatchObject({
      ...{ id: sale.orderId, name: 'Copper trial', ringId, personId: WALK_IN_ID, state: 'closed' },
      ...{ personName: 'Walk-in buyer', sizeText: 'US 11¼', way: 'market', quote: { price: 55 } },
    });
    const { actual } = ringCostsSchema.parse(
      (await server.api.get(path(`/rings/${ringId}/costs`)).expect(200)).body,
    );
    expect(marginAt(order.quote!.input, 55)).toBeCloseTo(marginAt({ ...actual, post: 0 }, 55), 6);
    const { body: numbers } = await server.api.get(path('/shop-numbers')).expect(200);
    expect(numbers.months.at(-1).income).toBe(55);
    expect(numbers.byWay.find((one: { way: string }) => one.way === 'market')).toMatchObject({
      sales: 1,
      income: 55,
      margin: expect.closeTo(marginAt(order.quote!.input, 55), 6),
    });
    expect(numbers.shelf).toEqual({ rings: 0, atPrice: 0, atCost: 0 });
    const year = sale.at.slice(0, 4);
    const { text } = await server.api.get(path(`/shop-year.csv?year=${year}`)).expect(200);
    const [heads = '', ...lines] = text.trim().split('\r\n');
    expect(heads).toMatch(/^day,orderId,ring,buyer,way,price,discount,discountCode,fees,post/);
    expect(lines.at(-1)).toContain(`${sale.orderId},Copper trial,Walk-in buyer,market,55,0,,`);
    await server.api.get(path('/shop-year.csv?year=12')).expect(400);
  });

  it('takes the fees of its way', async () => {
    const { id } = await calls.putUp();
    const settings = (wayFees: object) => server.api.patch(path('/settings')).send({ wayFees }).expect(200);
    await settings({ market: { feeShare: 0, feeFixed: 5 } });
    const { body } = await calls.sell(id, saleOf()).expect(201);
    expect(body.order.quote.input).toMatchObject({ feeShare: 0, feeFixed: 5, post: 0 });
    await settings({});
  });

  it('of what lies there is worth its price and what it cost', async () => {
    const { ringId } = await calls.putUp(60);
    const { body } = await server.api.get(path(`/rings/${ringId}/costs`)).expect(200);
    const { body: numbers } = await server.api.get(path('/shop-numbers')).expect(200);
    expect(numbers.shelf).toMatchObject({
      ...{ rings: 1, atPrice: 60 },
      atCost: expect.closeTo(priceRing(ringCostsSchema.parse(body).actual).cost, 6),
    });
  });

  it('leaves one that is to be posted ready to be sent', async () => {
    const { id } = await calls.putUp();
    const { body } = await calls
      .sell(id, saleOf({ handedOver: false, way: 'own-page', post: 7.5 }))
      .expect(201);
    expect(body.order).toMatchObject({ state: 'ready', personName: 'Calla Venn' });
  });

  it('sent twice is one; a second one from elsewhere is told that the ring is gone', async () => {
    const { id } = await calls.putUp();
    const sale = saleOf();
    const answers = await Promise.all([calls.sell(id, sale), calls.sell(id, saleOf()), calls.sell(id, sale)]);
    const states = answers.map(({ status }) => status).sort();
    // Whichever comes first wins; a repeat of the winner is no other sale.
    expect([
      [201, 201, 409],
      [201, 409, 409],
    ]).toContainEqual(states);
    const lost = answers.find(({ status }) => status === 409);
    expect(lost?.body.error.code).toBe('gone-already');
    const { body } = await server.api.get(path('/orders?q=Copper')).expect(200);
    expect(body.items).toHaveLength(1);
  });

  it('undone puts the ring back and cancels the order, even a closed one', async () => {
    const { id } = await calls.putUp();
    const sale = saleOf();
    await calls.sell(id, sale).expect(201);
    const { body } = await calls.tell(id, eventOf({ kind: 'undone', eventId: sale.id })).expect(200);
    expect(body).toMatchObject({ state: 'for-sale', price: 60, sale: null });
    const order = orderSchema.parse((await server.api.get(path(`/orders/${sale.orderId}`)).expect(200)).body);
    expect(order.state).toBe('cancelled');
    await calls.sell(id, saleOf()).expect(201);
  });

  it('whose order is cancelled or archived puts the ring back; taken back, it is sold again or refused', async () => {
    const { id } = await calls.putUp();
    const sale = saleOf({ handedOver: false });
    await calls.sell(id, sale).expect(201);
    const cancel = eventOf({ kind: 'moved', to: 'cancelled' });
    const events = (event: object) =>
      server.api.post(path(`/orders/${sale.orderId}/events`)).send({ events: [event] });
    const state = async () => (await server.api.get(path(`/shelf/${id}`)).expect(200)).body.state;
    await events(cancel).expect(200);
    expect(await state()).toBe('for-sale');
    await events(eventOf({ kind: 'undone', eventId: cancel.id })).expect(200);
    expect(await state()).toBe('sold');
    await server.api.delete(path(`/orders/${sale.orderId}`)).expect(204);
    expect(await state()).toBe('for-sale');
    await calls.tell(id, eventOf({ kind: 'given-away', who: '' })).expect(200);
    const refused = await server.api.post(path(`/orders/${sale.orderId}/restore`)).expect(409);
    expect(refused.body.error.code).toBe('gone-already');
  });

  it('stays what it is in a table of orders', async () => {
    const { id } = await calls.putUp();
    const sale = saleOf();
    await calls.sell(id, sale).expect(201);
    const { text } = await server.api.get(path('/orders.csv')).expect(200);
    const { body } = await server.api.post(path('/orders/import?dryRun=1')).send({ csv: text }).expect(200);
    const row = body.rows.find((one: { name: string }) => one.name === 'Copper trial');
    expect(row).toMatchObject({ action: 'same', problems: [] });
  });

  it('goes into an archive with its ring, and comes back as it was', async () => {
    const { id } = await calls.putUp();
    await calls.sell(id, saleOf()).expect(201);
    const { body: archive } = await server.api.get(path('/export')).expect(200);
    expect(archive.shelf).toMatchObject([{ id, story: 'A trial that came out well.' }]);
    const other = await demoServer();
    await other.api.post(path('/import')).send(archive).expect(200);
    expect((await other.api.get(path(`/shelf/${id}`)).expect(200)).body).toMatchObject({
      ...{ state: 'sold', price: 55 },
    });
    await other.close();
  });

  it('waits for a ring that is back at the bench', async () => {
    const { id, ringId } = await calls.putUp();
    const { body: ring } = await server.api.get(path(`/rings/${ringId}`)).expect(200);
    const finished = ring.events.find((event: { body: { kind: string } }) => event.body.kind === 'finished');
    const undo = eventOf({ kind: 'undone', eventId: finished.id });
    await server.api
      .post(path(`/rings/${ringId}/events`))
      .send({ events: [undo] })
      .expect(200);
    expect(await calls.lying()).toMatchObject([{ id, finished: false }]);
    const { body } = await calls.sell(id, saleOf()).expect(409);
    expect(body.error).toMatchObject({ code: 'not-yet', message: 'Finish the ring at the bench first.' });
  });
});
