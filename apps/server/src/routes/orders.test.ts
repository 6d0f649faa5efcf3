import type { RouteStep } from '@round-mint/core/steps';
import { orderCostsSchema, orderListSchema, orderSchema, type Order } from '@round-mint/contract/orders';
import { personListSchema } from '@round-mint/contract/people';
import { ringWithEventsSchema } from '@round-mint/contract/rings';
import { sizerSchema } from '@round-mint/contract/sizers';
import { doneBody } from '@round-mint/core/ring';
import { approvalStep } from '@round-mint/core/trade';
import { randomUUID } from 'node:crypto';
import { orderInputOf } from '../testing/order-input';
import { demoServer, eventOf, path } from '../testing/test-server';

let server: Awaited<ReturnType<typeof demoServer>>;
beforeAll(async () => {
  server = await demoServer();
});
afterAll(() => server.close());

const orders = async () =>
  orderListSchema.parse((await server.api.get(path('/orders')).expect(200)).body).items;
async function orderNamed(name: string): Promise<Order> {
  const found = (await orders()).find((order) => order.name === name);
  if (!found) throw new Error(`no order ${name}`);
  return orderSchema.parse((await server.api.get(path(`/orders/${found.id}`)).expect(200)).body);
}
const send = (id: string, ...events: object[]) =>
  server.api.post(path(`/orders/${id}/events`)).send({ events });

describe('people', () => {
  it('are a plain resource with their fingers', async () => {
    const { items } = personListSchema.parse(
      (await server.api.get(path('/people?q=calla')).expect(200)).body,
    );
    expect(items).toMatchObject([{ name: 'Calla Venn', fingers: [{ sizeText: '8' }] }]);
    const { body } = await server.api
      .post(path('/people'))
      .send({
        ...items[0],
        id: randomUUID(),
        email: 'no address',
        createdAt: undefined,
        updatedAt: undefined,
      })
      .expect(400);
    expect(body.error.fields[0]).toMatchObject({
      path: 'email',
      message: expect.stringContaining('mail address'),
    });
  });
});

describe('orders', () => {
  it('stand where their history has brought them', async () => {
    const states = new Set((await orders()).map(({ state }) => state));
    expect([...states].sort()).toEqual(['agreed', 'asked', 'closed', 'in-work', 'quoted', 'ready', 'sent']);
  });

  it('do not move on without what the next state needs, and say what that is', async () => {
    const { id } = await orderNamed('A ring of her birth year');
    const { body } = await send(id, eventOf({ kind: 'moved', to: 'quoted' })).expect(409);
    expect(body.error).toMatchObject({
      code: 'not-yet',
      message: 'Before it is quoted it needs a way to make it; a quote.',
    });
    expect((await orderNamed('A ring of her birth year')).events).toEqual([]);
  });

  it('move, take a move back, and are not moved twice by a repeat', async () => {
    const { id } = await orderNamed('Second little ring');
    const agreed = eventOf({ kind: 'moved', to: 'agreed' });
    await send(id, agreed).expect(200);
    const again = orderSchema.parse((await send(id, agreed).expect(200)).body);
    expect(again).toMatchObject({ state: 'agreed' });
    expect(again.events).toHaveLength(2);
    const back = await send(id, eventOf({ kind: 'undone', eventId: agreed.id })).expect(200);
    expect(back.body.state).toBe('quoted');
  });

  it('use the coupon of their sizer from when their price holds, and no other order has it meanwhile', async () => {
    const [first, second] = [
      await orderNamed('Second little ring'),
      await orderNamed('A ring of her birth year'),
    ];
    const sizer = sizerSchema.parse(
      (
        await server.api
          .post(path('/sizers'))
          .send({
            ...{
              id: randomUUID(),
              personId: first.personId,
              sentOn: '2026-11-02',
              cost: 3,
              paid: 5,
              coupon: 8,
            },
            ...{ couponCode: 'RING900', couponUsed: false, guarantee: false, notes: '' },
          })
          .expect(201)
      ).body,
    );
    const used = async () =>
      sizerSchema.parse((await server.api.get(path(`/sizers/${sizer.id}`)).expect(200)).body).couponUsed;
    for (const order of [first, second]) {
      await server.api
        .put(path(`/orders/${order.id}`))
        .send({ ...orderInputOf(order), sizerId: sizer.id })
        .expect(200);
    }
    const coupon = async (id: string) =>
      (await server.api.get(path(`/orders/${id}/costs`)).expect(200)).body.planned?.coupon;
    expect([await used(), await coupon(first.id)]).toEqual([false, 8]);
    const agreed = eventOf({ kind: 'moved', to: 'agreed' });
    await send(first.id, agreed).expect(200);
    expect([await used(), await coupon(first.id)]).toEqual([true, 8]);
    // The other order of this sizer has it no more.
    const other = { ...orderInputOf(second), sizerId: sizer.id, planId: first.planId };
    await server.api
      .put(path(`/orders/${second.id}`))
      .send(other)
      .expect(200);
    expect(await coupon(second.id)).toBe(0);
    await send(first.id, eventOf({ kind: 'undone', eventId: agreed.id })).expect(200);
    expect([await used(), await coupon(second.id)]).toEqual([false, 8]);
    for (const order of [first, second]) {
      await server.api
        .put(path(`/orders/${order.id}`))
        .send(orderInputOf(order))
        .expect(200);
    }
  });

  it('know when their ring was spoilt or archived, and when it is back', async () => {
    const { id, ringId } = await orderNamed('Rope fork ring');
    const lost = async () => (await orderNamed('Rope fork ring')).ringLost;
    expect(await lost()).toBe(false);
    const spoilt = eventOf({ kind: 'spoilt', cause: 'crack-at-cut-edge' });
    await server.api
      .post(path(`/rings/${ringId}/events`))
      .send({ events: [spoilt] })
      .expect(200);
    expect(await lost()).toBe(true);
    const costs = (await server.api.get(path(`/orders/${id}/costs`)).expect(200)).body;
    expect(costs.actual).toBeNull();
    const back = eventOf({ kind: 'undone', eventId: spoilt.id });
    await server.api
      .post(path(`/rings/${ringId}/events`))
      .send({ events: [back] })
      .expect(200);
    expect(await lost()).toBe(false);
    await server.api.delete(path(`/rings/${ringId}`)).expect(204);
    expect(await lost()).toBe(true);
    await server.api.post(path(`/rings/${ringId}/restore`)).expect(200);
    expect(await lost()).toBe(false);
  });

  it('cost what plan and ring come to; a customer’s own piece costs nothing', async () => {
    const order = await orderNamed('Harbour pilot’s ring');
    const costs = orderCostsSchema.parse(
      (await server.api.get(path(`/orders/${order.id}/costs`)).expect(200)).body,
    );
    expect(costs.planned).toMatchObject({ stockCost: 15, coupon: 9 });
    expect(costs.planned!.consumablesCost).toBeGreaterThan(1);
    expect(costs.planned!.meltValue).toBeGreaterThan(8);
    // Only half of its steps are done.
    expect(costs.actual!.minutes).toBeLessThan(costs.planned!.minutes);
    await server.api
      .put(path(`/orders/${order.id}`))
      .send({ ...orderInputOf(order), stockFrom: 'sent-in' })
      .expect(200);
    const own = (await server.api.get(path(`/orders/${order.id}/costs`)).expect(200)).body;
    expect(own.planned.stockCost).toBe(0);
  });

  it('count the minutes and the gold of a lining, as the bench will do it', async () => {
    const order = await orderNamed('Wedding ring of the pass');
    const cost = async () =>
      (await server.api.get(path(`/orders/${order.id}/costs`)).expect(200)).body.planned.consumablesCost;
    const before = await cost();
    const wish = { ...order.wish, lining: 'gold' };
    await server.api
      .put(path(`/orders/${order.id}`))
      .send({ ...orderInputOf(order), wish })
      .expect(200);
    expect(await cost()).toBeGreaterThan(before + 1);
  });

  it('are made as they were wished: face, dedication, surface and lining are in the route', async () => {
    const order = await orderNamed('Wedding ring of the pass');
    const wish = { ...order.wish, finish: 'dark', face: 'reverse', lining: 'gold' };
    await server.api
      .put(path(`/orders/${order.id}`))
      .send({ ...orderInputOf(order), wish })
      .expect(200);
    const id = randomUUID();
    const begun = await server.api
      .post(path('/rings'))
      .send({ id, planId: order.planId, name: order.name })
      .expect(201);
    const { steps, face } = begun.body as { steps: RouteStep[]; face: string };
    const titles = steps.map(({ title }) => title);
    expect(face).toBe('reverse');
    expect(steps.find(({ kind }) => kind === 'fold')?.instruction).toContain(
      'everse down (it becomes the outside)',
    );
    expect(steps.find(({ verb }) => verb === 'Engrave')?.instruction).toContain('P & A, over the pass');
    expect(titles.slice(-5)).toEqual([
      'Engrave the dedication',
      'Darken in liver of sulphur',
      'Polish',
      'Line it with gold',
      'Read the finished ring',
    ]);
    await server.api.delete(path(`/rings/${id}`)).expect(204);
  });
});

describe('a step that cannot be undone', () => {
  it('waits for the customer’s word, whoever logs it; what is behind never does', async () => {
    const { id, ringId } = await orderNamed('Ferry crew, no. 3');
    const log = (...bodies: readonly object[]) =>
      server.api
        .post(path(`/rings/${ringId}/events`))
        .send({ events: bodies.map((body) => ({ id: randomUUID(), at: new Date().toISOString(), body })) });
    const bench = async () => (await server.api.get(path(`/rings/${ringId}/bench`)).expect(200)).body.step;
    let step = await bench();
    const doneTo = (kind: string) => ({
      kind: kind === 'anneal' ? 'anneal-done' : 'step-done',
      step: step.index,
    });
    let refused = await log(doneTo(step.kind));
    for (let guard = 0; guard < 40 && refused.status === 200; guard++) {
      step = await bench();
      refused = await log(doneTo(step.kind));
    }
    expect(refused.body.error).toMatchObject({ code: 'awaits-approval' });
    // Nothing of a call that is refused is kept.
    expect((await log({ kind: 'note', text: 'held' }, doneTo(step.kind))).status).toBe(409);
    const { body } = await server.api.get(path(`/rings/${ringId}/events`)).expect(200);
    expect(JSON.stringify(body)).not.toContain('held');
    const without = eventOf({ kind: 'approval-overridden', why: 'asked by voice' });
    await send(id, without).expect(200);
    const done = eventOf({ kind: 'step-done', step: step.index });
    await server.api
      .post(path(`/rings/${ringId}/events`))
      .send({ events: [done] })
      .expect(200);
    // Sent again, or with the word taken back, it is behind.
    await send(id, eventOf({ kind: 'undone', eventId: without.id })).expect(200);
    await server.api
      .post(path(`/rings/${ringId}/events`))
      .send({ events: [done] })
      .expect(200);
    const { index } = await bench();
    await log({ kind: 'step-done', step: index }).expect(200);
  });
});

describe('a ring that waits for its owner’s word', () => {
  const rope = async () => (await orders()).find(({ name }) => name === 'Rope fork ring')!;

  it('has come there once the steps before are done, and not before; a step undone is seen, too', async () => {
    const { ringId, holdReached } = await rope();
    expect(holdReached).toBe(false);
    const ring = ringWithEventsSchema.parse(
      (await server.api.get(path(`/rings/${ringId}`)).expect(200)).body,
    );
    const wait = approvalStep(ring.steps)!;
    const log = (...events: readonly ReturnType<typeof eventOf>[]) =>
      server.api
        .post(path(`/rings/${ringId}/events`))
        .send({ events })
        .expect(200);
    const done = ring.steps.slice(0, wait).map(({ kind }, step) => eventOf(doneBody(kind, step)));
    for (const one of done.slice(0, -1)) await log(one);
    expect((await rope()).holdReached).toBe(false);
    await log(done.at(-1)!);
    expect((await rope()).holdReached).toBe(true);
    expect((await rope()).holdReached).toBe(true);
    await log(eventOf({ kind: 'undone', eventId: done.at(-1)!.id }));
    expect((await rope()).holdReached).toBe(false);
  });
});
