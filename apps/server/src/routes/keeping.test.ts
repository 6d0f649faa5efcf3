import { supplyListSchema } from '@round-mint/contract/consumables';
import { metalPricesSchema } from '@round-mint/contract/metal-prices';
import { scrapListSchema, type StoredScrap } from '@round-mint/contract/scrap';
import { randomUUID } from 'node:crypto';
import { demoId } from '../demo/demo-id';
import { demoServer, eventOf, path } from '../testing/test-server';

let server: Awaited<ReturnType<typeof demoServer>>;
beforeAll(async () => {
  server = await demoServer();
});
afterAll(() => server.close());

const tin = async () =>
  scrapListSchema.parse((await server.api.get(path('/scrap?limit=200')).expect(200)).body).items;

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
    await server.api
      .post(path(`/rings/${ringId}/events`))
      .send({ events: [eventOf({ kind: 'undone', eventId: slug!.id })] })
      .expect(200);
    expect(await mine()).toEqual([]);
  });

  it('keeps what the scale says', async () => {
    const [slug] = (await tin()).filter(({ kind }) => kind === 'slug');
    const { createdAt: _c, updatedAt: _u, ...input } = slug!;
    await server.api
      .put(path(`/scrap/${slug!.id}`))
      .send({ ...input, massG: 2.41, source: 'scale' })
      .expect(200);
    await server.api
      .post(path(`/rings/${slug!.ringId}/events`))
      .send({ events: [eventOf({ kind: 'note', text: 'weighed' })] })
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
    const button = (await server.api.post(path('/scrap/melt-out')).send(melt).expect(201)).body;
    expect(button).toMatchObject({ kind: 'button', fineness: expect.closeTo(0.9, 9) });
    await server.api.post(path('/scrap/melt-out')).send(melt).expect(201);
    expect(inTin(await tin()).map(({ id }) => id)).not.toContain(silver[0]!.id);
    await server.api
      .post(path('/scrap/melt-out'))
      .send({ ...melt, id: randomUUID() })
      .expect(409);
    await server.api.delete(path(`/scrap/${melt.id}`)).expect(204);
    expect(inTin(await tin()).map(({ id }) => id)).toContain(silver[0]!.id);
    const { body } = await server.api
      .post(path('/scrap/melt-out'))
      .send({ ...melt, id: randomUUID(), buttonMassG: mass * 2 })
      .expect(400);
    expect(body.error.message).toContain('cannot weigh more');
  });
});

describe('consumables', () => {
  const supply = async (id: string) =>
    supplyListSchema
      .parse((await server.api.get(path('/consumables')).expect(200)).body)
      .items.find((one) => one.id === id)!;

  it('fall by what the rings use, and ask to be bought', async () => {
    const gas = await supply('gas');
    expect(gas.usedAmount).toBeGreaterThan(60);
    expect(gas.leftAmount).toBeCloseTo(380 - gas.usedAmount, 9);
    expect(gas).toMatchObject({ buy: gas.leftAmount <= 300, name: 'torch gas', unit: 'g' });
    const before = gas.usedAmount;
    await server.api
      .post(path(`/rings/${demoId('ring', 6)}/events`))
      .send({ events: [eventOf({ kind: 'anneal-done' })] })
      .expect(200);
    expect((await supply('gas')).usedAmount).toBeCloseTo(before + 8, 9);
  });

  it('are counted anew, and bought by the pack', async () => {
    const input = {
      countedAmount: 5,
      countedAt: '2026-12-30T08:00:00.000Z',
      buyAtAmount: 6,
      packAmount: 10,
      packPrice: 7,
    };
    const counted = (await server.api.put(path('/consumables/abrasive')).send(input).expect(200)).body;
    expect(counted).toMatchObject({ leftAmount: 5, buy: true, packs: 1 });
    const bought = (
      await server.api.post(path('/consumables/abrasive/bought')).send({ packs: 2 }).expect(200)
    ).body;
    expect(bought).toMatchObject({ leftAmount: 25, buy: false });
    await server.api.put(path('/consumables/champagne')).send(input).expect(404);
    await server.api
      .put(path('/consumables/tape'))
      .send({ ...input, packAmount: 0 })
      .expect(400);
  });
});

describe('metal prices', () => {
  it('come from the feed until the maker types one', async () => {
    const read = async () =>
      metalPricesSchema.parse((await server.api.get(path('/metal-prices')).expect(200)).body);
    const [silver] = (await read()).items;
    expect(silver).toMatchObject({ metal: 'silver', source: 'feed' });
    expect(silver!.days).toHaveLength(90);
    expect(silver!.days.at(-1)!.perG).toBe(silver!.perG);
    await server.api
      .patch(path('/settings'))
      .send({ spotTyped: { silver: 2 } })
      .expect(200);
    expect((await read()).items[0]).toMatchObject({ perG: 2, source: 'typed' });
    await server.api
      .patch(path('/settings'))
      .send({ spotTyped: { silver: -1 } })
      .expect(400);
    await server.api.patch(path('/settings')).send({ spotTyped: {} }).expect(200);
  });
});
