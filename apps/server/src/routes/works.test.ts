import { ringWithEventsSchema } from '@round-mint/contract/rings';
import {
  coinBandResponseSchema,
  densityResponseSchema,
  handleResponseSchema,
  resizeResponseSchema,
  rollingResponseSchema,
  spinnerResponseSchema,
  stripResponseSchema,
} from '@round-mint/contract/works-compute';
import { doneBody } from '@round-mint/core/ring';
import { randomUUID } from 'node:crypto';
import { testServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

function compute(path: string, body: object) {
  return server.api.post(`/api/v1/compute/${path}`).send(body);
}

const EVEN = [
  { atMm: 0, thicknessMm: 2 },
  { atMm: 120, thicknessMm: 2 },
];
const HANDLE = { stations: EVEN, insideDiameterMm: 17.3, style: 'straight', metal: 'silver-925', widthMm: 8 };

describe('the calls for what is no coin', () => {
  it('computes a handle, and a former that lands on size', async () => {
    const { body } = await compute('handle', HANDLE).expect(200);
    const answer = handleResponseSchema.parse(body);
    expect(answer.lengthMm).toBeCloseTo(Math.PI * 19.3, 6);
    expect(answer.roughLengthMm).toBeCloseTo(1.1 * Math.PI * 19.3, 6);
    expect(answer.releasedMm).toBeCloseTo(17.3, 3);
    expect(answer.formerMm).toBeLessThan(17.3);
    expect(answer.leftOverMm).toBeCloseTo(120 - Math.PI * 19.3, 6);
    expect(answer).toMatchObject({ feasible: true, heightMm: 8 });
  });

  it('answers for one station, and for a former of the maker’s own', async () => {
    const { body } = await compute('handle', {
      ...HANDLE,
      stations: [{ atMm: 0, thicknessMm: 2 }],
      formerMm: 17.3,
    });
    expect(body).toMatchObject({ formerMm: 17.3, leftOverMm: null, feasible: true });
    expect(body.releasedMm).toBeGreaterThan(17.5);
  });

  it('computes strip, spinner and coin-in-band', async () => {
    const strip = stripResponseSchema.parse(
      (await compute('strip', { insideDiameterMm: 18, thicknessMm: 1.5, widthMm: 6, metal: 'silver-925' }))
        .body,
    );
    expect(strip.lengthMm).toBeCloseTo(Math.PI * 19.5 + 0.3, 6);
    expect(strip.scrapG).toBeGreaterThan(strip.massG ?? Infinity);
    const spinner = spinnerResponseSchema.parse(
      (
        await compute('spinner', {
          insideDiameterMm: 18,
          innerThicknessMm: 1,
          outerThicknessMm: 1.2,
          outerWidthMm: 5,
        })
      ).body,
    );
    expect(spinner).toMatchObject({ innerWidthMm: 7, outerInsideDiameterMm: 20.3 });
    expect(spinner.flareOutsideDiameterMm).toBeCloseTo(20.9, 9);
    const band = coinBandResponseSchema.parse(
      (
        await compute('coin-band', {
          coin: { diameterMm: 20, thicknessMm: 1.6 },
          stripWidthMm: 8,
          stripThicknessMm: 1.5,
          insideDiameterMm: 18,
          punchesMm: [18, 19.5, 22],
        })
      ).body,
    );
    expect(band.sagittaMm).toBeCloseTo(10 - Math.sqrt(84), 9);
    expect(band).toMatchObject({ punchMm: 19.5 });
    expect(band.stepMm).toBeCloseTo(0.1, 9);
  });

  it('rolls, resizes and weighs', async () => {
    const { passes } = rollingResponseSchema.parse(
      (
        await compute('rolling', {
          start: { shape: 'rect', widthMm: 5, thicknessMm: 3, lengthMm: 50 },
          targetThicknessMm: 1.5,
          metal: 'silver-925',
        })
      ).body,
    );
    expect(passes.at(-1)?.thicknessMm).toBe(1.5);
    const resize = resizeResponseSchema.parse(
      (
        await compute('resize', {
          fromInsideDiameterMm: 19,
          toInsideDiameterMm: 18.2,
          thicknessMm: 1.7,
          widthMm: 6,
          metal: 'silver-925',
          patterned: true,
          stones: false,
          soldered: false,
          profile: 'd',
        })
      ).body,
    );
    expect(resize).toMatchObject({ feasible: true, risk: 'low' });
    expect(resize.steps.map(({ kind }) => kind)).toContain('reduce');
    const density = densityResponseSchema.parse(
      (await compute('density', { airG: 12, waterG: 10.838 })).body,
    );
    expect(density.metals.map(({ metal }) => metal)).toContain('silver-900');
  });

  it.each([
    ['handle', { ...HANDLE, stations: [] }, 'stations'],
    ['handle', { ...HANDLE, stations: [EVEN[0], EVEN[0]] }, 'stations'],
    ['strip', { insideDiameterMm: 18 }, 'thicknessMm'],
    [
      'coin-band',
      {
        coin: { diameterMm: 12, thicknessMm: 1 },
        stripWidthMm: 14,
        stripThicknessMm: 1,
        insideDiameterMm: 18,
      },
      'stripWidthMm',
    ],
    [
      'rolling',
      { start: { shape: 'star', lengthMm: 3 }, targetThicknessMm: 1, metal: 'copper' },
      'start.shape',
    ],
    ['density', { airG: 3, waterG: 4 }, 'waterG'],
  ])('%s says what is wrong with %j', async (path, body, field) => {
    const { error } = (await compute(path, body).expect(400)).body;
    expect(error.fields.map(({ path: at }: { path: string }) => at)).toContain(field);
    expect(error.message.length).toBeGreaterThan(10);
  });
});

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
