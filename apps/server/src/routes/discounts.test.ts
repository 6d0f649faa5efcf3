import { discountListSchema, type DiscountInput, type StoredDiscount } from '@round-mint/contract/discounts';
import { orderCostsSchema, orderListSchema, orderSchema, type Order } from '@round-mint/contract/orders';
import { sizerListSchema } from '@round-mint/contract/sizers';
import { eq } from 'drizzle-orm';
import { randomUUID } from 'node:crypto';
import { discounts, people } from '../db/schema';
import { demoId } from '../demo/demo-id';
import { orderInputOf } from '../testing/order-input';
import { saleOf, shelfCalls } from '../testing/shelf-calls';
import { demoServer, path, type TestServer } from '../testing/test-server';

let server: TestServer;
let calls: ReturnType<typeof shelfCalls>;
beforeAll(async () => {
  server = await demoServer();
  calls = shelfCalls(server);
});
afterEach(async () => {
  await calls.clear();
  await server.db.delete(discounts).where(eq(discounts.code, 'HARBOUR'));
});
afterAll(() => server.close());

const DAY_MS = 86_400_000;
const inDays = (days: number) => new Date(Date.now() + days * DAY_MS).toISOString().slice(0, 10);

function input(change: Partial<DiscountInput> = {}): DiscountInput & { readonly id: string } {
  return {
    ...{ id: randomUUID(), code: 'HARBOUR', takes: { kind: 'share', share: 0.1 } },
    ...{ from: null, until: null, firstOrder: false, notes: '' },
    ...change,
  } as DiscountInput & { readonly id: string };
}
const add = (discount: DiscountInput) => server.api.post(path('/discounts')).send(discount);
const listed = async (): Promise<readonly StoredDiscount[]> =>
  discountListSchema.parse((await server.api.get(path('/discounts')).expect(200)).body).items;
/** Somebody who never ordered anything. */
async function newcomer(): Promise<string> {
  const id = randomUUID();
  const details = { phone: '', address: '', notes: '', fingers: [] };
  await server.db.insert(people).values({ id, name: 'Newcomer', email: '', details });
  return id;
}
const given = (id: string, off = 6, code = 'HARBOUR') => ({ by: 'code', id, code, off }) as const;

describe('discounts', () => {
  it('of the made-up workshop: one holds, one is for first orders, one is over', async () => {
    const today = inDays(0);
    const items = await listed();
    expect(items.map(({ code }) => code)).toEqual(['FIRSTRING', 'HIGHTIDE', 'LANTERN']);
    expect(items.map(({ until }) => until !== null && until < today)).toEqual([false, true, false]);
  });

  it('have a code each: another one with it is refused, however written; an archived one comes back only while it is free', async () => {
    const first = input();
    await add(first).expect(201);
    await add(first).expect(201);
    const { body } = await add(input({ code: 'harbour' })).expect(409);
    expect(body.error).toMatchObject({ code: 'code-taken', message: 'Another discount has this code.' });
    const other = (await listed()).find(({ code }) => code === 'LANTERN')!;
    await server.api
      .put(path(`/discounts/${other.id}`))
      .send(input({ id: other.id }))
      .expect(409);
    await server.api.delete(path(`/discounts/${first.id}`)).expect(204);
    await add(input()).expect(201);
    await server.api.post(path(`/discounts/${first.id}/restore`)).expect(409);
    expect((await listed()).filter(({ code }) => code === 'HARBOUR')).toHaveLength(1);
  });

  it('taken by two devices at once are one', async () => {
    const answers = await Promise.all([add(input()), add(input()), add(input())]);
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 409, 409]);
  });

  it('end after they begin, and take something', async () => {
    const { body } = await add(input({ from: '2026-03-02', until: '2026-03-01' })).expect(400);
    expect(body.error.fields).toEqual([{ path: 'until', message: 'must not end before it begins' }]);
    await add(input({ takes: { kind: 'share', share: 0 } })).expect(400);
    await add(input({ takes: { kind: 'share', share: 1.1 } })).expect(400);
  });
});

describe('a sale with a discount', () => {
  it('is kept with what was taken off, and counts in the books', async () => {
    const discount = input();
    await add(discount).expect(201);
    const { id } = await calls.putUp(60);
    const sale = saleOf({ price: 54, discount: given(discount.id) });
    const { body } = await calls.sell(id, sale).expect(201);
    expect(body.order.quote).toMatchObject({ price: 54, discount: given(discount.id) });
    const { body: numbers } = await server.api.get(path('/shop-numbers')).expect(200);
    expect(numbers.byDiscount).toContainEqual({ code: 'HARBOUR', by: 'code', sales: 1, off: 6 });
    const { text } = await server.api.get(path(`/shop-year.csv?year=${sale.at.slice(0, 4)}`)).expect(200);
    const [heads = '', ...lines] = text.trim().split('\r\n');
    const column = (name: string) => lines.at(-1)?.split(',')[heads.split(',').indexOf(name)];
    expect([column('price'), column('discount'), column('discountCode')]).toEqual(['54', '6', 'HARBOUR']);
  });

  it('is refused out of its days, for more than it takes, and without the discount; the ring stays', async () => {
    const discount = input({ from: inDays(-20), until: inDays(-10) });
    await add(discount).expect(201);
    const { id } = await calls.putUp(60);
    const sell = (change: object) =>
      calls.sell(id, saleOf({ price: 54, discount: given(discount.id), ...change }));
    const { body } = await sell({}).expect(409);
    expect(body.error).toMatchObject({
      code: 'discount-refused',
      message: `HARBOUR ended on ${inDays(-10)}.`,
    });
    await sell({ discount: given(randomUUID()) }).expect(404);
    // A sale of those days that comes late was seen by a maker whose server was away.
    const then = new Date(Date.now() - 15 * DAY_MS).toISOString();
    const { body: more } = await sell({ at: then, discount: given(discount.id, 7), price: 53 }).expect(409);
    expect(more.error.message).toBe('This discount takes less off than that.');
    expect((await calls.lying('gone=0')).map(({ id: lying }) => lying)).toEqual([id]);
    await sell({ at: then }).expect(201);
  });

  it('for a first order is given once, to somebody with a name', async () => {
    const discount = input({ firstOrder: true });
    await add(discount).expect(201);
    const { id } = await calls.putUp(60);
    const sell = (personId: string | null) =>
      calls.sell(id, saleOf({ price: 54, personId, discount: given(discount.id) }));
    const { body: nobody } = await sell(null).expect(409);
    expect(nobody.error.message).toBe('HARBOUR is for a first order: say who buys it.');
    const { body: regular } = await sell(demoId('person', 0)).expect(409);
    expect(regular.error.message).toBe('HARBOUR is for a first order, and this is not their first.');
    await sell(await newcomer()).expect(201);
  });
});

describe('a quote with a discount', () => {
  const orderNamed = async (name: string): Promise<Order> => {
    const { items } = orderListSchema.parse((await server.api.get(path('/orders')).expect(200)).body);
    const { id } = items.find((one) => one.name === name)!;
    return orderSchema.parse((await server.api.get(path(`/orders/${id}`)).expect(200)).body);
  };
  const put = (order: Order, change: object) =>
    server.api.put(path(`/orders/${order.id}`)).send({ ...orderInputOf(order), ...change });
  const costsOf = async (id: string) =>
    orderCostsSchema.parse((await server.api.get(path(`/orders/${id}/costs`)).expect(200)).body).planned!;

  it('keeps a discount that held when it was told, though that is over since', async () => {
    const discount = input();
    await add(discount).expect(201);
    const order = await orderNamed('Second little ring');
    const quote = {
      ...{ at: new Date().toISOString(), price: 54, readyBy: null, input: await costsOf(order.id) },
      discount: given(discount.id),
    };
    await put(order, { quote }).expect(200);
    await server.api
      .put(path(`/discounts/${discount.id}`))
      .send({ ...discount, until: inDays(-10) })
      .expect(200);
    const { body } = await put(order, { quote, notes: 'Blue box.' }).expect(200);
    expect(body.quote.discount).toEqual(given(discount.id));
    // Told anew, it is over.
    const anew = { ...quote, at: new Date().toISOString() };
    await put(order, { quote: anew }).expect(409);
    await put(order, { quote: order.quote }).expect(200);
  });

  it('takes the coupon of the person’s own sizer, for one order', async () => {
    const { items } = sizerListSchema.parse((await server.api.get(path('/sizers')).expect(200)).body);
    const order = await orderNamed('Second little ring');
    const foreign = items.find(({ personId, coupon }) => personId !== order.personId && coupon > 0)!;
    const own = { ...foreign, id: randomUUID(), personId: order.personId, couponUsed: false };
    const { createdAt: _c, updatedAt: _u, version: _v, ...posted } = own;
    await server.api.post(path('/sizers')).send(posted).expect(201);
    const quoted = (id: string, off = own.coupon) => ({
      ...{ at: new Date().toISOString(), price: 54, readyBy: null },
      input: order.quote!.input,
      discount: { by: 'sizer', id, code: own.couponCode, off },
    });
    const refusal = async (change: object) => (await put(order, change).expect(409)).body.error.message;
    expect(await refusal({ quote: quoted(foreign.id), sizerId: foreign.id })).toBe(
      'This coupon went to somebody else.',
    );
    expect(await refusal({ quote: quoted(own.id) })).toBe(
      'An order with a sizer’s coupon has to name that sizer.',
    );
    expect(await refusal({ quote: quoted(own.id, own.coupon + 1), sizerId: own.id })).toBe(
      'This discount takes less off than that.',
    );
    await put(order, { quote: quoted(own.id), sizerId: own.id }).expect(200);
    const { id } = await calls.putUp(60);
    const discount = { ...quoted(own.id).discount, by: 'sizer' as const };
    const agreed = { id: randomUUID(), at: new Date().toISOString(), body: { kind: 'moved', to: 'agreed' } };
    await server.api
      .post(path(`/orders/${order.id}/events`))
      .send({ events: [agreed] })
      .expect(200);
    const { body } = await calls
      .sell(id, saleOf({ price: 52, personId: order.personId, discount }))
      .expect(409);
    expect(body.error.message).toBe('Another order uses this coupon.');
    await server.api
      .post(path(`/orders/${order.id}/events`))
      .send({ events: [{ ...agreed, id: randomUUID(), body: { kind: 'undone', eventId: agreed.id } }] })
      .expect(200);
    const { body: sold } = await calls
      .sell(id, saleOf({ price: 52, personId: order.personId, discount }))
      .expect(201);
    expect(sold.order).toMatchObject({ sizerId: own.id, state: 'closed' });
    const { body: sizer } = await server.api.get(path(`/sizers/${own.id}`)).expect(200);
    expect(sizer.couponUsed).toBe(true);
  });
});
