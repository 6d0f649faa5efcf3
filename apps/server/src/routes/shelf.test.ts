import { orderInputSchema } from '@round-mint/contract/orders';
import { nextListSchema, ringCostsSchema } from '@round-mint/contract/shelf';
import { priceRing } from '@round-mint/core/trade';
import { randomUUID } from 'node:crypto';
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

describe('the shelf', () => {
  it('offers finished rings that nobody ordered, with what they are and what they cost', async () => {
    const free = await calls.unplaced();
    expect(free).toMatchObject([
      {
        orderCancelled: false,
        ring: {
          ...{ name: 'Copper trial', metal: 'copper', kind: 'coin', wall: 'tapered', finish: 'satin' },
          measured: { size: true, width: true, thickness: true, mass: false },
        },
      },
    ]);
    const [{ ring, ringId }] = free as [(typeof free)[0]];
    expect(ring.fits.usual.fromMm).toBeLessThan(ring.insideDiameterMm);
    expect(ring.fits.usual.toMm).toBeGreaterThanOrEqual(ring.fits.safe.toMm);
    const { body } = await server.api.get(path(`/rings/${ringId}/costs`)).expect(200);
    const { actual } = ringCostsSchema.parse(body);
    expect(actual.minutes).toBeCloseTo(ring.workedMin, 6);
    expect(priceRing(actual).price).toBeGreaterThan(actual.stockCost);
  });

  it('takes a ring once, and only a finished one without an order', async () => {
    const { id, ringId } = await calls.putUp();
    expect((await calls.unplaced()).map((one) => one.ringId)).not.toContain(ringId);
    expect(await calls.lying('gone=0')).toMatchObject([{ id, state: 'for-sale', price: 60, finished: true }]);
    const again = { ringId, price: 50, story: '' };
    const twice = await server.api.post(path('/shelf')).send(again).expect(409);
    expect(twice.body.error.code).toBe('on-shelf-already');
    const repeat = await server.api
      .post(path('/shelf'))
      .send({ ...again, id })
      .expect(201);
    expect(repeat.body).toMatchObject({ id, price: 60 });
    const { body: rings } = await server.api.get(path('/rings?limit=100')).expect(200);
    const ringNamed = (name: string) => rings.items.find((ring: { name: string }) => ring.name === name).id;
    const refusalOf = async (name: string) =>
      (
        await server.api
          .post(path('/shelf'))
          .send({ ...again, ringId: ringNamed(name) })
          .expect(409)
      ).body.error;
    expect(await refusalOf('Ferry crew, no. 1')).toMatchObject({ code: 'has-order' });
    expect(await refusalOf('Rope fork ring, Hannick')).toMatchObject({
      code: 'not-yet',
      message: 'Finish the ring at the bench first.',
    });
  });

  it('prices, reserves until a day, releases, gives away; each can be undone, the last first', async () => {
    const { id } = await calls.putUp();
    const priced = eventOf({ kind: 'priced', price: 72 });
    const reserved = eventOf({ kind: 'reserved', until: '2199-01-01', who: 'Orrin' });
    expect((await calls.tell(id, priced, reserved).expect(200)).body).toMatchObject({
      ...{ state: 'reserved', price: 72, reserved: { until: '2199-01-01', who: 'Orrin' } },
    });
    const early = await calls.tell(id, eventOf({ kind: 'undone', eventId: priced.id })).expect(409);
    expect(early.body.error.message).toBe('Only what happened last can be undone.');
    const undo = eventOf({ kind: 'undone', eventId: reserved.id });
    expect((await calls.tell(id, undo).expect(200)).body).toMatchObject({
      state: 'for-sale',
      reserved: null,
    });
    // Two devices undo the same: the second does no harm.
    await calls.tell(id, eventOf({ kind: 'undone', eventId: reserved.id }), undo).expect(200);
    const past = eventOf({ kind: 'reserved', until: '2020-01-01', who: 'Orrin' });
    expect((await calls.tell(id, past).expect(200)).body).toMatchObject({
      state: 'for-sale',
      reserved: null,
    });
    await calls.tell(id, eventOf({ kind: 'given-away', who: 'a niece' })).expect(200);
    expect(await calls.lying('gone=0')).toEqual([]);
    expect(await calls.lying('gone=1')).toMatchObject([{ state: 'given-away' }]);
    const gone = await calls.tell(id, eventOf({ kind: 'priced', price: 1 })).expect(409);
    expect(gone.body.error.code).toBe('gone-already');
  });

  it('lays the metal of a ring that is taken apart into the tin, and takes it out again', async () => {
    const { id } = await calls.putUp();
    const apart = eventOf({ kind: 'taken-apart', massG: 5.5 });
    await calls.tell(id, apart, apart).expect(200);
    const tin = async () =>
      (await server.api.get(path('/scrap?inTin=1&limit=200')).expect(200)).body.items.filter(
        (thing: { id: string }) => thing.id === apart.id,
      );
    expect(await tin()).toMatchObject([
      { massG: 5.5, metal: 'copper', source: 'scale', note: 'Copper trial' },
    ]);
    await calls.tell(id, eventOf({ kind: 'undone', eventId: apart.id })).expect(200);
    expect(await tin()).toEqual([]);
    expect(await calls.lying('gone=0')).toHaveLength(1);
  });

  it('refuses to undo the taking apart once the metal was melted', async () => {
    const { id } = await calls.putUp();
    const apart = eventOf({ kind: 'taken-apart', massG: 5.5 });
    await calls.tell(id, apart).expect(200);
    const melt = { id: randomUUID(), at: apart.at, scrapIds: [apart.id], buttonMassG: 5.4, note: '' };
    await server.api.post(path('/scrap/melt-out')).send(melt).expect(201);
    const refused = await calls.tell(id, eventOf({ kind: 'undone', eventId: apart.id })).expect(409);
    expect(refused.body.error.code).toBe('already-melted');
    expect(await calls.lying('gone=1')).toHaveLength(1);
  });

  it('goes out as a table, with what a buyer reads: worked out, or as the maker changed it', async () => {
    const { id, version } = await calls.putUp();
    const csv = async () => (await server.api.get(path('/shelf.csv')).expect(200)).text.split('\r\n');
    const [heads = '', row = ''] = await csv();
    expect(heads).toMatch(/^id,name,state,price,us,uk,eu,swiss,jp,insideDiameterMm/);
    expect(row).toContain('Copper trial,for-sale,60,11¼');
    expect(row).toContain('Ring made from a coin of Quillon Isles');
    const texts = { short: 'My own words.', long: 'More of them.' };
    await server.api
      .put(path(`/shelf/${id}`))
      .set('If-Match', `"${version}"`)
      .send({ story: '', texts })
      .expect(200);
    expect((await csv())[1]).toContain('My own words.,More of them.');
  });

  it('comes off the shelf and back on it; a stale change of its words is refused', async () => {
    const { id, ringId, version } = await calls.putUp();
    const put = (story: string, asOf: number) =>
      server.api
        .put(path(`/shelf/${id}`))
        .set('If-Match', `"${asOf}"`)
        .send({ story, texts: null });
    expect((await put('New words.', version).expect(200)).body.story).toBe('New words.');
    await put('Others.', version).expect(412);
    await server.api.delete(path(`/shelf/${id}`)).expect(204);
    expect((await calls.unplaced()).map((one) => one.ringId)).toContain(ringId);
    await server.api.post(path(`/shelf/${id}/restore`)).expect(200);
    await server.api.delete(path(`/shelf/${id}`)).expect(204);
    await server.api.post(path('/shelf')).send({ ringId, price: 1, story: '' }).expect(201);
    const refused = await server.api.post(path(`/shelf/${id}/restore`)).expect(409);
    expect(refused.body.error.code).toBe('on-shelf-already');
  });

  it('takes the ring of a cancelled order, but not one whose piece was the customer’s', async () => {
    const { body } = await server.api.get(path('/orders?q=Wave')).expect(200);
    const { id, ringId } = body.items[0];
    const move = (to: string) =>
      server.api
        .post(path(`/orders/${id}/events`))
        .send({ events: [eventOf({ kind: 'moved', to })] })
        .expect(200);
    await move('cancelled');
    expect((await calls.unplaced()).find((one) => one.ringId === ringId)).toMatchObject({
      orderCancelled: true,
    });
    await server.api.post(path('/shelf')).send({ ringId, price: 60, story: '' }).expect(201);
    // The customer comes back: whoever put it up has to take it off first.
    await move('ready');
    const sale = await calls.sell((await calls.lying())[0]!.id, saleOf()).expect(409);
    expect(sale.body.error.code).toBe('has-order');
    await server.api.delete(path(`/shelf/${(await calls.lying())[0]!.id}`)).expect(204);
    const { body: order } = await server.api.get(path(`/orders/${id}`)).expect(200);
    const input = orderInputSchema.parse(
      Object.fromEntries(Object.entries(order).filter(([key]) => key in orderInputSchema.shape)),
    );
    await server.api
      .put(path(`/orders/${id}`))
      .send({ ...input, stockFrom: 'sent-in' })
      .expect(200);
    await move('cancelled');
    expect((await calls.unplaced()).map((one) => one.ringId)).not.toContain(ringId);
    const theirs = await server.api.post(path('/shelf')).send({ ringId, price: 60, story: '' }).expect(409);
    expect(theirs.body.error.message).toContain('customer’s own');
  });
});

describe('what to make next', () => {
  const next = async (query = '') =>
    nextListSchema.parse((await server.api.get(path(`/next-rings?${query}`)).expect(200)).body);

  it('is made of what is in stock, no more of a piece than there are, the best use of an hour first', async () => {
    const { items, basis } = await next('count=6');
    expect(items).toHaveLength(6);
    const { body: stock } = await server.api.get(path('/stock?limit=200')).expect(200);
    for (const { stockId } of items.filter(({ kind }) => kind === 'coin')) {
      const piece = stock.items.find(({ id }: { id: string }) => id === stockId);
      expect(items.filter((one) => one.stockId === stockId).length).toBeLessThanOrEqual(piece.quantity);
    }
    const hourly = items.map(({ gainPerHour }) => gainPerHour);
    expect(hourly).toEqual(hourly.toSorted((a, b) => b - a));
    expect(items.every(({ asked }) => asked.low < asked.mean && asked.mean < asked.high)).toBe(true);
    // The made-up workshop has thirteen orders.
    expect(basis.asked).toBeGreaterThanOrEqual(13);
  });

  it('looks as far ahead as it is asked to', async () => {
    const [[soon], [late]] = [(await next('months=1&count=1')).items, (await next('months=6&count=1')).items];
    expect(late!.sellChance).toBeGreaterThan(soon!.sellChance);
    await server.api.get(path('/next-rings?months=99')).expect(400);
  });
});
