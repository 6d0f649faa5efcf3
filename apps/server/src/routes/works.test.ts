import { ringWithEventsSchema } from '@round-mint/contract/rings';
import { ringCostsSchema } from '@round-mint/contract/shelf';
import { doneBody } from '@round-mint/core/ring';
import { randomUUID } from 'node:crypto';
import { testServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const EVEN = [
  { atMm: 0, thicknessMm: 2 },
  { atMm: 120, thicknessMm: 2 },
];

const COMMON = {
  name: 'Test piece',
  issuer: '',
  year: null,
  grade: '',
  origin: '',
  price: null,
  legalNote: '',
  notes: '',
  quantity: 1,
};

async function addStock(piece: object) {
  return (
    await server.api
      .post('/api/v1/stock')
      .send({ ...COMMON, ...piece })
      .expect(201)
  ).body;
}

async function plan(stockId: string, choices: object) {
  const body = { name: 'Test ring', stockId, targetInsideDiameterMm: 17.3, finish: 'polished', ...choices };
  return (await server.api.post('/api/v1/plans').send(body).expect(201)).body;
}

const STRIP = {
  kind: 'strip',
  metal: 'silver-925',
  section: 'rect',
  thicknessMm: 1.5,
  widthMm: 6,
  lengthMm: 100,
};

describe('rings of other kinds', () => {
  it('a strip gives its length to the ring, and takes it back from one that was not begun', async () => {
    const strip = await addStock(STRIP);
    const planned = await plan(strip.id, { kind: 'strip', textured: false });
    const begin = () => server.api.post('/api/v1/rings').send({ planId: planned.id, name: 'Band' });
    const ring = ringWithEventsSchema.parse((await begin().expect(201)).body);
    expect(ring).toMatchObject({
      kind: 'strip',
      metal: 'silver-925',
      work: { kind: 'strip', textured: false },
    });
    const left = async () => (await server.api.get(`/api/v1/stock/${strip.id}`)).body.lengthMm;
    expect(await left()).toBeCloseTo(100 - (Math.PI * 18.8 + 0.3), 6);
    // Not enough for another one.
    expect((await begin().expect(409)).body.error.code).toBe('not-feasible');
    await server.api.delete(`/api/v1/rings/${ring.id}`).expect(204);
    expect(await left()).toBeCloseTo(100, 6);
    await server.api.post(`/api/v1/rings/${ring.id}/restore`).expect(200);
    expect(await left()).toBeLessThan(50);
  });

  it('a spinner takes both its bands from the stock, of two strips or of one', async () => {
    const inner = await addStock(STRIP);
    const outer = await addStock({ ...STRIP, metal: 'brass', thicknessMm: 1, widthMm: 5 });
    const spinner = { kind: 'spinner', outerThicknessMm: 2, outerWidthMm: 4 };
    const leftOf = async ({ id }: { id: string }) =>
      (await server.api.get(`/api/v1/stock/${id}`).expect(200)).body.lengthMm;
    const begin = async (choices: object) => {
      const planned = await plan(inner.id, { ...spinner, ...choices });
      return server.api.post('/api/v1/rings').send({ planId: planned.id, name: 'Spinner' });
    };
    // Its own thickness and metal go before what was told: it is cut from that strip.
    const answer = await begin({ outerThicknessMm: 2, otherStockId: outer.id });
    const ring = ringWithEventsSchema.parse(answer.body);
    expect(ring).toMatchObject({
      work: { outerThicknessMm: 1, outerMetal: 'brass' },
      other: { stockId: outer.id },
    });
    // Inner outside 17.3 + 3, clearance 0.3: π(20.6 + 1) and the seam.
    expect(await leftOf(outer)).toBeCloseTo(100 - (Math.PI * 21.6 + 0.3), 6);
    expect(await leftOf(inner)).toBeCloseTo(100 - (Math.PI * 18.8 + 0.3), 6);
    await server.api.delete(`/api/v1/rings/${ring.id}`).expect(204);
    expect(await leftOf(outer)).toBeCloseTo(100, 6);
    expect(await leftOf(inner)).toBeCloseTo(100, 6);
    // Both of one strip of 100 mm are more than there is.
    const refused = await begin({ outerThicknessMm: 1, otherStockId: inner.id });
    expect(refused.status).toBe(409);
    expect(refused.body.error.message).toContain('for the outer band');
    expect(await leftOf(inner)).toBeCloseTo(100, 6);
    const handle = await addStock({ kind: 'handle', metal: 'silver-925', stations: EVEN, enamel: [] });
    const wrong = await begin({ outerThicknessMm: 1, otherStockId: handle.id });
    expect(wrong.body.error.code).toBe('wrong-piece');
    const none = await begin({ outerThicknessMm: 1, otherStockId: randomUUID() });
    expect(none.status).toBe(404);
  });

  it('costs of each strip as much as it took, also once that was cut off', async () => {
    const inner = await addStock({ ...STRIP, price: 20 });
    const outer = await addStock({ ...STRIP, metal: 'brass', thicknessMm: 1, widthMm: 5, price: 6 });
    const work = { kind: 'spinner', outerThicknessMm: 1, outerWidthMm: 4, otherStockId: outer.id };
    const planned = await plan(inner.id, work);
    const { body: ring } = await server.api
      .post('/api/v1/rings')
      .send({ planId: planned.id, name: 'Spinner' })
      .expect(201);
    const cost = async () => {
      const { body } = await server.api.get(`/api/v1/rings/${ring.id}/costs`).expect(200);
      return ringCostsSchema.parse(body).actual.stockCost;
    };
    // Of 100 mm each, for 20 and for 6: π · 18.8 + 0.3 of the inner strip, π · 21.6 + 0.3 of the outer one.
    const share = (mm: number) => (Math.PI * mm + 0.3) / 100;
    const both = 20 * share(18.8) + 6 * share(21.6);
    expect(await cost()).toBeCloseTo(both, 6);
    // Archived before it was begun, it has given its length back, and a ring after it costs the same.
    await server.api.delete(`/api/v1/rings/${ring.id}`).expect(204);
    await server.api.post(`/api/v1/rings/${ring.id}/restore`).expect(200);
    expect(await cost()).toBeCloseTo(both, 6);
  });

  it('keeps what was measured between the rolls, and the bench plans on from it', async () => {
    const wire = await addStock({ ...STRIP, section: 'round', thicknessMm: 3, widthMm: 3, lengthMm: 240 });
    const planned = await plan(wire.id, { kind: 'strip', textured: false, rolledToMm: 1.5 });
    const { body } = await server.api.post('/api/v1/rings').send({ planId: planned.id, name: 'Of wire' });
    const ring = ringWithEventsSchema.parse(body);
    const step = ring.steps.findIndex(({ kind }) => kind === 'roll');
    const event = (one: object) => ({ id: randomUUID(), at: '2026-03-01T10:00:00.000Z', body: one });
    const events = [
      ...ring.steps.slice(0, step).map(({ kind }, i) => event(doneBody(kind, i))),
      event({ kind: 'rolled', step, thicknessMm: 2.1, widthMm: 3.6 }),
    ];
    const send = (list: object[]) =>
      server.api.post(`/api/v1/rings/${ring.id}/events`).send({ events: list });
    await send(events).expect(200);
    const says = async () => (await server.api.get(`/api/v1/rings/${ring.id}/bench`).expect(200)).body;
    const word = await says();
    expect(word).toMatchObject({ standing: 'past', stopAt: null, advice: { code: 'past' } });
    // ln(2.1/1.5)/ln(1/0.88) = 2.6: three passes are left of six.
    expect(word.rest.steps.filter(({ kind }: { kind: string }) => kind === 'roll')).toHaveLength(3);
    await send([event({ kind: 'step-done', step })]).expect(200);
    const kept = ringWithEventsSchema.parse((await server.api.get(`/api/v1/rings/${ring.id}`)).body);
    expect(kept.events.map(({ body: one }) => one.kind)).toContain('rerouted');
    expect((await says()).step).toMatchObject({ kind: 'roll', index: step + 1 });
    const { error } = (await send([event({ kind: 'rolled', step: 1, thicknessMm: 0 })]).expect(400)).body;
    expect(JSON.stringify(error.fields)).toContain('thicknessMm');
  });

  it('is logged to the end and stands in the log with its kind', async () => {
    const handle = await addStock({ kind: 'handle', metal: 'silver-925', stations: EVEN, enamel: [] });
    const planned = await plan(handle.id, {
      kind: 'handle',
      style: 'straight',
      keptEnd: 'tip',
      startMm: 0,
      ends: 'round',
    });
    const { body } = await server.api.post('/api/v1/rings').send({ planId: planned.id, name: 'Spoon ring' });
    const ring = ringWithEventsSchema.parse(body);
    const event = (body: object) => ({ id: randomUUID(), at: '2026-03-01T10:00:00.000Z', body });
    const events = [
      ...ring.steps.map(({ kind }, i) => event(doneBody(kind, i))),
      event({ kind: 'reading', rimDownMm: 17.3, cutDownMm: 17.3, mark: 'leading' }),
      event({ kind: 'finished' }),
    ];
    await server.api.post(`/api/v1/rings/${ring.id}/events`).send({ events }).expect(200);
    const { items } = (await server.api.get('/api/v1/log').expect(200)).body;
    expect(items[0]).toMatchObject({
      kind: 'handle',
      wall: null,
      holeMm: null,
      actualInsideDiameterMm: 17.3,
    });
    await server.learn();
    expect((await server.api.get('/api/v1/learnt').expect(200)).body.rings).toBe(1);
  });

  it('refuses a piece of the wrong kind, and what a test has ruled out', async () => {
    const strip = await addStock(STRIP);
    const wrong = await plan(strip.id, { kind: 'resize', cover: 'cloth' });
    const begin = (planId: string) => server.api.post('/api/v1/rings').send({ planId, name: 'No' });
    expect((await begin(wrong.id).expect(409)).body.error.code).toBe('wrong-piece');
    const magnetic = await addStock({ ...STRIP, evidence: { magnet: 'sticks' } });
    const bent = await plan(magnetic.id, { kind: 'strip', textured: false });
    const { error } = (await begin(bent.id).expect(409)).body;
    expect(error.message).toContain('must not be bent');
  });

  it('goes into the archive and comes back', async () => {
    const archive = (await server.api.get('/api/v1/export').expect(200)).body;
    const other = await testServer();
    try {
      const { added } = (await other.api.post('/api/v1/import').send(archive).expect(200)).body;
      expect(added.rings).toBe(archive.rings.length);
      const again = (await other.api.get('/api/v1/export').expect(200)).body;
      expect(again.stock).toEqual(archive.stock);
      expect(again.plans).toEqual(archive.plans);
      expect(again.rings).toEqual(archive.rings);
    } finally {
      await other.close();
    }
  });
});
