import { demoServer, eventOf, path, type TestServer } from '../testing/test-server';
import { knownSummaries, ringsInFull, summariesOf } from './ring-summaries';
import { summaryOf } from './ring-summary';

let server: TestServer;
let overIds: readonly string[];

/** Ids of rings in a state. */
async function idsOf(status: string): Promise<string[]> {
  const { body } = await server.api.get(path(`/rings/in-full?status=${status}`)).expect(200);
  return body.items.map(({ id }: { id: string }) => id);
}

beforeAll(async () => {
  server = await demoServer();
  await server.learn();
  overIds = [...(await idsOf('finished')), ...(await idsOf('spoilt'))];
});
afterAll(() => server.close());

async function answer(call: string) {
  return (await server.api.get(path(call)).expect(200)).body;
}

/** As before anything was worked out in the background. */
async function forget(): Promise<void> {
  await server.db.execute('update ring_outcomes set summarised = null, worked_out = null');
}

describe('what came of rings', () => {
  it('is kept of all that are over, and is what following their events says', async () => {
    const known = await knownSummaries(server.db, overIds);
    expect(known.size).toBe(overIds.length);
    for await (const ring of ringsInFull(server.db, overIds)) {
      expect(known.get(ring.id)).toEqual(JSON.parse(JSON.stringify(summaryOf(ring))));
    }
  });

  it('is told in the order asked for, of rings in work as well', async () => {
    const ids = [...(await idsOf('in-work')), ...overIds].reverse();
    expect((await summariesOf(server.db, ids)).map(({ log }) => log.ringId)).toEqual(ids);
  });

  it('the log, the supplies and the shop’s numbers are the same before and after', async () => {
    // A supply that was counted in the middle of a ring: some of its steps are before the count, some after it.
    const [ringId = ''] = overIds;
    const { events } = await answer(`/rings/${ringId}`);
    const done = events.filter(({ body }: { body: { kind: string } }) => body.kind.endsWith('-done'));
    const countedAt = done[Math.floor(done.length / 2)].at;
    const { body: supplies } = await server.api.get(path('/consumables')).expect(200);
    const { id } = supplies.items[0];
    await server.api
      .put(path(`/consumables/${id}`))
      .send({ countedAmount: 500, countedAt, buyAtAmount: 1, packAmount: 1, packPrice: 1 })
      .expect(200);
    const calls = ['/log', '/log?sort=name&limit=3', '/consumables', '/shop-numbers'];
    const kept = await Promise.all(calls.map(answer));
    await forget();
    expect(await Promise.all(calls.map(answer))).toEqual(kept);
    expect(kept[2].items.some(({ usedAmount }: { usedAmount: number }) => usedAmount > 0)).toBe(true);
    await server.learn();
    expect(await Promise.all(calls.map(answer))).toEqual(kept);
  });

  it('what is told of a ring stands in the log at once, before it is worked out', async () => {
    const [id = ''] = await idsOf('finished');
    const events = [eventOf({ kind: 'left-out', leftOut: true })];
    await server.api
      .post(path(`/rings/${id}/events`))
      .send({ events })
      .expect(200);
    expect((await knownSummaries(server.db, [id])).size).toBe(0);
    const { items } = await answer('/log');
    expect(items.find(({ ringId }: { ringId: string }) => ringId === id).leftOut).toBe(true);
  });

  it('what another version wrote in another shape is not believed', async () => {
    await server.learn();
    const [id = ''] = await idsOf('finished');
    await server.db.execute(`update ring_outcomes set summary = '{"log":{}}' where ring_id = '${id}'`);
    expect((await knownSummaries(server.db, [id])).size).toBe(0);
    expect((await answer('/log')).items.map(({ ringId }: { ringId: string }) => ringId)).toContain(id);
  });
});
