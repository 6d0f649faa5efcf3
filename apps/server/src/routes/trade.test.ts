import { dayPlanSchema } from '@round-mint/contract/day-plan';
import { metalPricesSchema } from '@round-mint/contract/metal-prices';
import { orderCostsSchema, orderListSchema, orderSchema, type Order } from '@round-mint/contract/orders';
import { messageListSchema } from '@round-mint/contract/outbox';
import { personListSchema } from '@round-mint/contract/people';
import { scrapListSchema, type StoredScrap } from '@round-mint/contract/scrap';
import { shelfListSchema } from '@round-mint/contract/consumables';
import { shopNumbersSchema } from '@round-mint/contract/shop';
import { randomUUID } from 'node:crypto';
import { mkdtemp, readdir, readFile, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import request from 'supertest';
import { createApp } from '../app';
import { openDatabase, type OpenDatabase } from '../db/database';
import { demoId } from '../demo/demo-id';
import { loadDemo } from '../demo/load';

let database: OpenDatabase;
let outboxDir: string;
let api: ReturnType<typeof request>;

beforeAll(async () => {
  database = await openDatabase({ memory: true });
  await loadDemo(database.db, { history: false });
  outboxDir = await mkdtemp(join(tmpdir(), 'round-mint-outbox-'));
  api = request(createApp({ database, version: 'test', outboxDir }));
});
afterAll(async () => {
  await database.close();
  await rm(outboxDir, { recursive: true, force: true });
});

const path = (rest: string) => `/api/v1${rest}`;
const orders = async () => orderListSchema.parse((await api.get(path('/orders')).expect(200)).body).items;
async function orderNamed(name: string): Promise<Order> {
  const found = (await orders()).find((order) => order.name === name);
  if (!found) throw new Error(`no order ${name}`);
  return found;
}
const event = (body: object, id = randomUUID()) => ({ id, at: '2026-11-25T10:00:00.000Z', body });
const send = (id: string, ...events: object[]) => api.post(path(`/orders/${id}/events`)).send({ events });
const inputOf = ({
  state: _s,
  approval: _a,
  ringFinished: _r,
  events: _e,
  createdAt: _c,
  updatedAt: _u,
  ...input
}: Order) => input;
const tin = async () =>
  scrapListSchema.parse((await api.get(path('/scrap?limit=200')).expect(200)).body).items;

describe('people', () => {
  it('are a plain resource with their fingers', async () => {
    const { items } = personListSchema.parse((await api.get(path('/people?q=calla')).expect(200)).body);
    expect(items).toMatchObject([{ name: 'Calla Venn', fingers: [{ sizeText: '8' }] }]);
    const { body } = await api
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
    const { body } = await send(id, event({ kind: 'moved', to: 'quoted' })).expect(409);
    expect(body.error).toMatchObject({
      code: 'not-yet',
      message: 'Before it is quoted: choose a way to make it; make a quote.',
    });
    expect((await orderNamed('A ring of her birth year')).events).toEqual([]);
  });

  it('move, take a move back, and are not moved twice by a repeat', async () => {
    const { id } = await orderNamed('Second little ring');
    const agreed = event({ kind: 'moved', to: 'agreed' });
    await send(id, agreed).expect(200);
    const again = orderSchema.parse((await send(id, agreed).expect(200)).body);
    expect(again).toMatchObject({ state: 'agreed' });
    expect(again.events).toHaveLength(2);
    const back = await send(id, event({ kind: 'undone', eventId: agreed.id })).expect(200);
    expect(back.body.state).toBe('quoted');
  });

  it('cost what plan and ring come to; a customer’s own piece costs nothing', async () => {
    const order = await orderNamed('Harbour pilot’s ring');
    const costs = orderCostsSchema.parse((await api.get(path(`/orders/${order.id}/costs`)).expect(200)).body);
    expect(costs.planned).toMatchObject({ stockCost: 15, coupon: 9 });
    expect(costs.planned!.consumablesCost).toBeGreaterThan(1);
    expect(costs.planned!.meltValue).toBeGreaterThan(8);
    // Only half of its steps are done.
    expect(costs.actual!.minutes).toBeLessThan(costs.planned!.minutes);
    await api
      .put(path(`/orders/${order.id}`))
      .send({ ...inputOf(order), stockFrom: 'sent-in' })
      .expect(200);
    const own = (await api.get(path(`/orders/${order.id}/costs`)).expect(200)).body;
    expect(own.planned.stockCost).toBe(0);
  });

  it('count a gold lining that the route does not name', async () => {
    const order = await orderNamed('Wedding ring of the half');
    const cost = async () =>
      (await api.get(path(`/orders/${order.id}/costs`)).expect(200)).body.planned.consumablesCost;
    const before = await cost();
    const wish = { ...order.wish, lining: 'gold' };
    await api
      .put(path(`/orders/${order.id}`))
      .send({ ...inputOf(order), wish })
      .expect(200);
    expect(await cost()).toBeGreaterThan(before + 1);
  });
});

describe('the outbox', () => {
  it('keeps a letter as a mail file, moves its order, and sends nothing twice', async () => {
    const order = await orderNamed('Ferry crew, no. 3');
    const letter = {
      id: randomUUID(),
      kind: 'approval',
      personId: order.personId,
      orderId: order.id,
      subject: 'Please look at your ring: no. 3 – “night boat”',
      text: 'Is it as you want it?\nRim edge US 9¾',
      photoIds: [],
    };
    await api.post(path('/outbox')).send(letter).expect(201);
    await api.post(path('/outbox')).send(letter).expect(201);
    expect(await orderNamed('Ferry crew, no. 3')).toMatchObject({
      state: 'awaiting-approval',
      approval: 'asked',
    });
    const { items } = messageListSchema.parse((await api.get(path('/outbox?q=night')).expect(200)).body);
    expect(items).toMatchObject([{ id: letter.id, toName: 'Mirel Oss' }]);
    const files = await readdir(outboxDir);
    expect(files).toHaveLength(1);
    const file = await readFile(join(outboxDir, files[0]!), 'utf8');
    expect(file).toMatch(/^To: Mirel Oss <mirel\.oss@ferry\.example>\r$/m);
    const served = await api
      .get(path(`/outbox/${letter.id}/message.eml`))
      .buffer(true)
      .parse((response, done) => {
        let text = '';
        response.on('data', (data: Buffer) => (text += data.toString()));
        response.on('end', () => done(null, text));
      });
    expect(served.headers['content-type']).toContain('message/rfc822');
    expect(served.body).toBe(file);
  });

  it('takes the answer, and lets the ring go on', async () => {
    const { id } = await orderNamed('Ferry crew, no. 3');
    await send(
      id,
      event({ kind: 'approval-answered', yes: false, words: 'a little wider', by: 'mail' }),
    ).expect(200);
    expect((await orderNamed('Ferry crew, no. 3')).state).toBe('in-work');
    await send(id, event({ kind: 'approval-answered', yes: true, words: 'fine', by: 'told' })).expect(200);
    expect(await orderNamed('Ferry crew, no. 3')).toMatchObject({ state: 'finishing', approval: 'yes' });
  });

  it('says who has no address, and keeps nothing of a letter that cannot go', async () => {
    const person = (
      await api
        .post(path('/people'))
        .send({ name: 'Nobody', email: '', phone: '', address: '', notes: '', fingers: [] })
        .expect(201)
    ).body;
    const letter = {
      id: randomUUID(),
      kind: 'other',
      personId: person.id,
      orderId: null,
      subject: 'Hello',
      text: 'Hello',
      photoIds: [],
    };
    const { body } = await api.post(path('/outbox')).send(letter).expect(409);
    expect(body.error.message).toContain('no mail address');
    await api.get(path(`/outbox/${letter.id}`)).expect(404);
    await api
      .post(path('/outbox'))
      .send({ ...letter, personId: demoId('person', 0), photoIds: [randomUUID()] })
      .expect(404);
  });
});

describe('the scrap tin', () => {
  it('holds every slug and filing under the event that made it', async () => {
    const things = await tin();
    expect(things.filter(({ kind }) => kind === 'slug').length).toBeGreaterThanOrEqual(5);
    expect(things.filter(({ kind }) => kind === 'spoilt')).toHaveLength(2);
    expect(new Set(things.map(({ id }) => id)).size).toBe(things.length);
  });

  it('loses what an undone step had laid there', async () => {
    const ringId = demoId('ring', 7);
    const mine = async () => (await tin()).filter((thing) => thing.ringId === ringId);
    const [slug] = await mine();
    expect(slug?.kind).toBe('slug');
    await api
      .post(path(`/rings/${ringId}/events`))
      .send({ events: [event({ kind: 'undone', eventId: slug!.id })] })
      .expect(200);
    expect(await mine()).toEqual([]);
  });

  it('keeps what the scale says', async () => {
    const [slug] = (await tin()).filter(({ kind }) => kind === 'slug');
    const { createdAt: _c, updatedAt: _u, ...input } = slug!;
    await api
      .put(path(`/scrap/${slug!.id}`))
      .send({ ...input, massG: 2.41, source: 'scale' })
      .expect(200);
    await api
      .post(path(`/rings/${slug!.ringId}/events`))
      .send({ events: [event({ kind: 'note', text: 'weighed' })] })
      .expect(200);
    expect((await tin()).find(({ id }) => id === slug!.id)).toMatchObject({ massG: 2.41, source: 'scale' });
  });

  it('melts silver into one button of its fineness, once, and gives it back', async () => {
    const inTin = (things: readonly StoredScrap[]) => {
      const buttons = new Set(things.map(({ id }) => id));
      return things.filter(({ meltedIntoId }) => meltedIntoId === null || !buttons.has(meltedIntoId));
    };
    const silver = inTin(await tin()).filter(({ metal, kind }) => metal === 'silver-900' && kind === 'slug');
    const mass = silver.reduce((sum, { massG }) => sum + massG, 0);
    const melt = {
      id: randomUUID(),
      at: '2026-11-25T15:00:00.000Z',
      scrapIds: silver.map(({ id }) => id),
      buttonMassG: mass * 0.98,
      note: '',
    };
    const button = (await api.post(path('/scrap/melt-out')).send(melt).expect(201)).body;
    expect(button).toMatchObject({ kind: 'button', fineness: expect.closeTo(0.9, 9) });
    await api.post(path('/scrap/melt-out')).send(melt).expect(201);
    expect(inTin(await tin()).map(({ id }) => id)).not.toContain(silver[0]!.id);
    await api
      .post(path('/scrap/melt-out'))
      .send({ ...melt, id: randomUUID() })
      .expect(409);
    await api.delete(path(`/scrap/${melt.id}`)).expect(204);
    expect(inTin(await tin()).map(({ id }) => id)).toContain(silver[0]!.id);
    const { body } = await api
      .post(path('/scrap/melt-out'))
      .send({ ...melt, id: randomUUID(), buttonMassG: mass * 2 })
      .expect(400);
    expect(body.error.message).toContain('cannot weigh more');
  });
});

describe('consumables', () => {
  const shelf = async (id: string) =>
    shelfListSchema
      .parse((await api.get(path('/consumables')).expect(200)).body)
      .items.find((one) => one.id === id)!;

  it('fall by what the rings use, and ask to be bought', async () => {
    const gas = await shelf('gas');
    expect(gas.usedAmount).toBeGreaterThan(60);
    expect(gas.leftAmount).toBeCloseTo(380 - gas.usedAmount, 9);
    expect(gas).toMatchObject({ buy: gas.leftAmount <= 300, name: 'torch gas', unit: 'g' });
    const before = gas.usedAmount;
    await api
      .post(path(`/rings/${demoId('ring', 6)}/events`))
      .send({ events: [event({ kind: 'anneal-done' })] })
      .expect(200);
    expect((await shelf('gas')).usedAmount).toBeCloseTo(before + 8, 9);
  });

  it('are counted anew, and bought by the pack', async () => {
    const input = {
      countedAmount: 5,
      countedAt: '2026-12-30T08:00:00.000Z',
      buyAtAmount: 6,
      packAmount: 10,
      packPrice: 7,
    };
    const counted = (await api.put(path('/consumables/abrasive')).send(input).expect(200)).body;
    expect(counted).toMatchObject({ leftAmount: 5, buy: true, packs: 1 });
    const bought = (await api.post(path('/consumables/abrasive/bought')).send({ packs: 2 }).expect(200)).body;
    expect(bought).toMatchObject({ leftAmount: 25, buy: false });
    await api.put(path('/consumables/champagne')).send(input).expect(404);
    await api
      .put(path('/consumables/tape'))
      .send({ ...input, packAmount: 0 })
      .expect(400);
  });
});

describe('metal prices', () => {
  it('come from the feed until the maker types one', async () => {
    const read = async () => metalPricesSchema.parse((await api.get(path('/metal-prices')).expect(200)).body);
    const [silver] = (await read()).items;
    expect(silver).toMatchObject({ metal: 'silver', source: 'feed' });
    expect(silver!.days).toHaveLength(90);
    expect(silver!.days.at(-1)!.perG).toBe(silver!.perG);
    await api
      .patch(path('/settings'))
      .send({ spotTyped: { silver: 2 } })
      .expect(200);
    expect((await read()).items[0]).toMatchObject({ perG: 2, source: 'typed' });
    await api
      .patch(path('/settings'))
      .send({ spotTyped: { silver: -1 } })
      .expect(400);
    await api.patch(path('/settings')).send({ spotTyped: {} }).expect(200);
  });
});

describe('the day plan', () => {
  it('knows what is left of every ring in work and of agreed orders', async () => {
    const { jobs, problems } = dayPlanSchema.parse((await api.get(path('/day-plan')).expect(200)).body);
    expect(jobs.map(({ name }) => name)).toEqual(
      expect.arrayContaining(['Wedding ring of the half', 'Bridge keeper’s ring']),
    );
    expect(problems).toEqual([]);
    const wedding = jobs.find(({ name }) => name.startsWith('Wedding'))!;
    expect(wedding).toMatchObject({ ringId: null, held: false });
    expect(wedding.steps.filter(({ leadMin }) => leadMin > 0)).toHaveLength(1);
    const bridge = jobs.find(({ name }) => name.startsWith('Bridge'))!;
    expect(bridge.steps.some(({ leadMin }) => leadMin > 0)).toBe(false);
  });

  it('keeps the plan that was made last', async () => {
    const block = {
      jobId: 'a',
      step: 0,
      kind: 'anneal',
      lane: 'flame',
      setUp: 'the torch',
      startMin: 1,
      workMin: 2,
      handsEndMin: 3,
      endMin: 4,
    };
    const plan = {
      madeAt: '2026-11-25T10:00:00.000Z',
      pins: [{ jobId: 'a', step: 0, startMin: 1 }],
      blocks: [block],
    };
    const { body } = await api.put(path('/day-plan')).send(plan).expect(200);
    expect(body.plan).toEqual(plan);
    await api
      .put(path('/day-plan'))
      .send({ ...plan, blocks: [{ ...block, lane: 'sky' }] })
      .expect(400);
  });

  it('names an agreed order that can no longer be made', async () => {
    const order = await orderNamed('Wedding ring of the half');
    const plan = (await api.get(path(`/plans/${order.planId}`)).expect(200)).body;
    const { createdAt: _c, updatedAt: _u, ...input } = plan;
    await api
      .put(path(`/plans/${plan.id}`))
      .send({ ...input, holeMm: 29 })
      .expect(200);
    const { problems, jobs } = (await api.get(path('/day-plan')).expect(200)).body;
    expect(problems).toMatchObject([
      { orderId: order.id, message: expect.stringContaining('cannot be made') },
    ]);
    expect(jobs.map(({ orderId }: { orderId: string }) => orderId)).not.toContain(order.id);
    await api
      .put(path(`/plans/${plan.id}`))
      .send(input)
      .expect(200);
  });

  it('is computed for anyone who asks', async () => {
    const step = {
      index: 0,
      kind: 'anneal',
      title: 'Anneal',
      handsMin: 5,
      waitMin: 2,
      lane: 'flame',
      setUp: 'the torch',
      leadMin: 0,
    };
    const job = (id: string) => ({ id, name: id, arrivedMin: 0, readyMin: 0, steps: [step] });
    const week = Array.from({ length: 7 }, () => [{ fromMin: 540, toMin: 1020 }]);
    const { body } = await api
      .post(path('/compute/schedule'))
      .send({ jobs: [job('a'), job('b')], calendar: { week }, nowMin: 0 })
      .expect(200);
    expect(
      body.blocks.map(({ startMin, handsEndMin }: { startMin: number; handsEndMin: number }) => [
        startMin,
        handsEndMin,
      ]),
    ).toEqual([
      [540, 549],
      [549, 554],
    ]);
    await api
      .post(path('/compute/schedule'))
      .send({ jobs: [], calendar: { week: [] }, nowMin: 0 })
      .expect(400);
  });
});

describe('money by the interface', () => {
  const input = {
    stockCost: 20,
    meltValue: 12,
    consumablesCost: 3,
    minutes: 60,
    hourlyRate: 40,
    scrapValue: 0,
    refinerShare: 0.9,
    post: 6,
    feeShare: 0,
    feeFixed: 0,
    marginShare: 0.25,
  };

  it('prices a ring, and refuses shares that take everything', async () => {
    const { body } = await api.post(path('/compute/price')).send(input).expect(200);
    expect(body.price).toBeCloseTo(69 / 0.75, 9);
    await api
      .post(path('/compute/price'))
      .send({ ...input, feeShare: 0.5, marginShare: 0.5 })
      .expect(400);
  });

  it('judges a part exchange', async () => {
    const question = {
      metal: 'silver-900',
      pieces: 4,
      valueEach: 12,
      price: 80,
      diameterMm: 30.6,
      rimThicknessMm: 2.15,
      targetInsideDiameterMm: 19,
    };
    const { body } = await api.post(path('/compute/part-exchange')).send(question).expect(200);
    expect(body).toMatchObject({ eligible: true, kept: 3, balance: 44, enough: 8 });
    const free = (
      await api
        .post(path('/compute/part-exchange'))
        .send({ ...question, valueEach: 0 })
        .expect(200)
    ).body;
    expect(free.enough).toBeNull();
  });

  it('tells the shop its numbers', async () => {
    const numbers = shopNumbersSchema.parse((await api.get(path('/shop-numbers')).expect(200)).body);
    expect(numbers.months).toHaveLength(12);
    expect(numbers.spoiltBy.map(({ cause }) => cause).sort()).toEqual(['crack-at-cut-edge', 'flare']);
    expect(numbers.marginPerOrder).not.toBeNull();
  });
});
