import { randomUUID } from 'node:crypto';
import { demoServer, eventOf, path, type TestServer } from '../testing/test-server';

async function ringOf({ api }: TestServer): Promise<string> {
  const { body } = await api.get(path('/rings/in-full?status=in-work')).expect(200);
  return body.items[0].id;
}

/** An id is one thing's, whoever sends it where. */
describe('ids', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await demoServer();
  });
  afterAll(() => server.close());

  it('of another ring’s event are refused, and nothing of that call is kept', async () => {
    const { body } = await server.api.get(path('/rings/in-full?status=in-work')).expect(200);
    const [ring, other] = body.items.map(({ id }: { id: string }) => id);
    const send = (id: string, ...events: object[]) =>
      server.api.post(path(`/rings/${id}/events`)).send({ events });
    const note = eventOf({ kind: 'note', text: 'Of the first' });
    await send(ring, note).expect(200);
    const before = (await server.api.get(path(`/rings/${other}`)).expect(200)).body.events;
    const refused = await send(other, eventOf({ kind: 'note', text: 'Of the second' }), note).expect(409);
    expect(refused.body.error.code).toBe('id-taken');
    expect((await server.api.get(path(`/rings/${other}`)).expect(200)).body.events).toEqual(before);
  });

  it('of a ring that was archived do not begin another', async () => {
    const { body } = await server.api.get(path('/rings/in-full?status=in-work')).expect(200);
    const { id, planId } = body.items[0];
    await server.api.delete(path(`/rings/${id}`)).expect(204);
    await server.api.post(path('/rings')).send({ id, planId, name: 'Again' }).expect(409);
    await server.api.post(path(`/rings/${id}/restore`)).expect(200);
  });

  it('of a ring without steps do not come in from a file', async () => {
    const { body } = await server.api.get(path('/export')).expect(200);
    const rings = body.rings.map((ring: object, i: number) => (i === 0 ? { ...ring, steps: [] } : ring));
    const { body: refused } = await server.api
      .post(path('/import?dryRun=1'))
      .send({ ...body, rings })
      .expect(400);
    expect(refused.error.message).toMatch(/steps needs at least one step/);
  });
});

/** Many writes at once, on either kind of database: none is lost, none is done twice. */
describe('writes at once', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await demoServer();
  });
  afterAll(() => server.close());

  it('count every change of a stock, and never fall below none', async () => {
    const { body } = await server.api.get(path('/stock')).expect(200);
    const piece = body.items.find((one: { kind: string }) => one.kind === 'coin');
    const before = piece.quantity;
    const count = (change: number, id: string = randomUUID()) =>
      server.api
        .post(path(`/stock/${piece.id}/counts`))
        .send({ id, at: '2026-11-28T10:00:00.000Z', change, why: 'counted' });
    const again = randomUUID();
    const answers = await Promise.all([
      ...Array.from({ length: 12 }, () => count(1)),
      count(5, again),
      count(5, again),
    ]);
    expect(answers.map(({ status }) => status)).toEqual(answers.map(() => 200));
    const now = (await server.api.get(path(`/stock/${piece.id}`)).expect(200)).body.quantity;
    expect(now).toBe(before + 12 + 5);
    const taken = await Promise.all(Array.from({ length: 3 }, () => count(-(now - 1))));
    expect(taken.map(({ status }) => status).toSorted((a, b) => a - b)).toEqual([200, 409, 409]);
    const { body: counts } = await server.api.get(path(`/stock/${piece.id}/counts`)).expect(200);
    expect(counts.items[0]).toMatchObject({ change: -(now - 1), why: 'counted', ringId: null });
  });

  it('log each event of a ring once, whoever sends it how often', async () => {
    const id = await ringOf(server);
    const before = (await server.api.get(path(`/rings/${id}`)).expect(200)).body.events.length;
    const notes = Array.from({ length: 10 }, (_one, i) => ({
      id: randomUUID(),
      at: `2026-11-28T10:00:${String(i + 10)}.000Z`,
      body: { kind: 'note', text: `Note ${i}` },
    }));
    const send = (events: object[]) => server.api.post(path(`/rings/${id}/events`)).send({ events });
    const answers = await Promise.all([
      ...notes.map((note) => send([note])),
      send(notes.slice(0, 5)),
      send(notes.slice(3).toReversed()),
    ]);
    expect(answers.map(({ status }) => status)).toEqual(answers.map(() => 200));
    const { events } = (await server.api.get(path(`/rings/${id}`)).expect(200)).body;
    expect(events).toHaveLength(before + notes.length);
    const told = events.flatMap((event: { body: { kind: string; text?: string } }) =>
      event.body.text?.startsWith('Note ') ? [event.body.text] : [],
    );
    // By the makers' clocks, whoever came first.
    expect(told).toEqual(notes.map(({ body }) => body.text));
  });

  it('keep every setting that is changed', async () => {
    const patches = [
      { currency: 'ab' },
      { speech: true },
      { workshopName: 'The Low Pier' },
      { useLearnt: false },
    ];
    await Promise.all(patches.map((patch) => server.api.patch(path('/settings')).send(patch).expect(200)));
    const { body } = await server.api.get(path('/settings')).expect(200);
    expect(body).toMatchObject(Object.assign({}, ...patches));
  });

  it('melt a thing once', async () => {
    const { body } = await server.api.get(path('/scrap')).expect(200);
    const things = body.items.filter((one: { kind: string }) => one.kind !== 'button').slice(0, 2);
    const melt = () =>
      server.api.post(path('/scrap/melt-out')).send({
        ...{ id: randomUUID(), at: '2026-11-28T10:00:00.000Z', note: '' },
        scrapIds: things.map(({ id }: { id: string }) => id),
        buttonMassG: 0.5,
      });
    const answers = await Promise.all([melt(), melt(), melt()]);
    expect(
      answers
        .map(({ status }) => status)
        .toSorted((a, b) => a - b)
        .slice(1),
    ).toEqual([409, 409]);
  });

  it('refuse a change of what another has changed, with what is there now', async () => {
    const { body } = await server.api.get(path('/kit')).expect(200);
    const { id, spec, version } = body.items[0];
    const change = (name: string) =>
      server.api
        .put(path(`/kit/${id}`))
        .set('if-match', `"${version}"`)
        .send({ name, spec });
    const answers = await Promise.all([change('First hand'), change('Second hand')]);
    const [done, stale] = answers.toSorted((a, b) => a.status - b.status);
    expect([done?.status, stale?.status]).toEqual([200, 412]);
    expect(stale?.body.error).toMatchObject({ code: 'changed-meanwhile', current: done?.body });
    expect(done?.body.version).toBeGreaterThan(version);
    await server.api
      .put(path(`/kit/${id}`))
      .set('if-match', 'yesterday')
      .send({ name: 'x', spec })
      .expect(400);
    // Without a version, or with any, the change is made.
    await server.api
      .put(path(`/kit/${id}`))
      .set('if-match', '*')
      .send({ name: 'Third hand', spec })
      .expect(200);
    await server.api
      .put(path(`/kit/${id}`))
      .send({ name: 'Fourth hand', spec })
      .expect(200);
  });
});
