import { dayPlanSchema } from '@round-mint/contract/day-plan';
import { orderListSchema } from '@round-mint/contract/orders';
import { shopNumbersSchema } from '@round-mint/contract/shop';
import { demoServer, path } from '../testing/test-server';

let server: Awaited<ReturnType<typeof demoServer>>;
beforeAll(async () => {
  server = await demoServer();
});
afterAll(() => server.close());

async function wedding() {
  const { items } = orderListSchema.parse((await server.api.get(path('/orders')).expect(200)).body);
  const found = items.find(({ name }) => name === 'Wedding ring of the pass');
  if (!found) throw new Error('the wedding is off');
  return found;
}

describe('the day plan', () => {
  it('knows what is left of every ring in work and of agreed orders', async () => {
    const { jobs, problems } = dayPlanSchema.parse(
      (await server.api.get(path('/day-plan')).expect(200)).body,
    );
    expect(jobs.map(({ name }) => name)).toEqual(
      expect.arrayContaining(['Wedding ring of the pass', 'Bridge keeper’s ring']),
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
    const { body } = await server.api.put(path('/day-plan')).send(plan).expect(200);
    expect(body.plan).toEqual(plan);
    await server.api
      .put(path('/day-plan'))
      .send({ ...plan, blocks: [{ ...block, lane: 'sky' }] })
      .expect(400);
  });

  it('names an agreed order that can no longer be made', async () => {
    const order = await wedding();
    const plan = (await server.api.get(path(`/plans/${order.planId}`)).expect(200)).body;
    const { createdAt: _c, updatedAt: _u, ...input } = plan;
    await server.api
      .put(path(`/plans/${plan.id}`))
      .send({ ...input, holeMm: 29 })
      .expect(200);
    const { problems, jobs } = (await server.api.get(path('/day-plan')).expect(200)).body;
    expect(problems).toMatchObject([
      { orderId: order.id, message: expect.stringContaining('cannot be made') },
    ]);
    expect(jobs.map(({ orderId }: { orderId: string }) => orderId)).not.toContain(order.id);
    await server.api
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
    const { body } = await server.api
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
    const helped = await server.api
      .post(path('/compute/schedule'))
      .send({
        jobs: [job('a'), { ...job('b'), steps: [{ ...step, lane: 'bench', setUp: 'saw' }] }],
        calendar: { week },
        helper: { week },
        nowMin: 0,
      })
      .expect(200);
    expect(helped.body.blocks.map(({ startMin }: { startMin: number }) => startMin)).toEqual([540, 540]);
    expect(helped.body.blocks.filter(({ byHelper }: { byHelper?: boolean }) => byHelper)).toHaveLength(1);
    await server.api
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
    const { body } = await server.api.post(path('/compute/price')).send(input).expect(200);
    expect(body.price).toBeCloseTo(69 / 0.75, 9);
    await server.api
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
      diameterMm: 30.9,
      rimThicknessMm: 2.15,
      targetInsideDiameterMm: 19,
    };
    const { body } = await server.api.post(path('/compute/part-exchange')).send(question).expect(200);
    expect(body).toMatchObject({ eligible: true, kept: 3, balance: 44, enough: 8 });
    const free = (
      await server.api
        .post(path('/compute/part-exchange'))
        .send({ ...question, valueEach: 0 })
        .expect(200)
    ).body;
    expect(free.enough).toBeNull();
  });

  it('tells the shop its numbers', async () => {
    const numbers = shopNumbersSchema.parse((await server.api.get(path('/shop-numbers')).expect(200)).body);
    expect(numbers.months).toHaveLength(12);
    expect(numbers.spoiltBy.map(({ cause }) => cause).sort()).toEqual(['crack-at-cut-edge', 'flare']);
    expect(numbers.marginPerOrder).not.toBeNull();
  });
});
