import {
  coinRingResponseSchema,
  landResponseSchema,
  routeResponseSchema,
} from '@round-mint/contract/coin-ring';
import { sizeResponseSchema } from '@round-mint/contract/size';
import { DEMO_KIT } from '../demo/kit';
import { testServer, type TestServer } from '../test-server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const COIN = { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' };
const RING = { coin: COIN, holeMm: 12.7, targetInsideDiameterMm: 18.9, wall: 'straight' };

function post(path: string, body: object) {
  return server.api.post(`/api/v1/compute/${path}`).send(body);
}

describe('POST /compute/size', () => {
  it('answers a text in every system', async () => {
    const { body } = await post('size', { text: '7 1/2' }).expect(200);
    const size = sizeResponseSchema.parse(body);
    expect(size.insideDiameterMm).toBeCloseTo(17.729, 3);
    expect(size.insideCircumferenceMm).toBeCloseTo(55.698, 3);
    expect(size.marks.us.mark).toBe('7½');
    expect(size.marks.uk).toMatchObject({ mark: 'O½' });
  });

  it('takes bare numbers in the system asked for', async () => {
    const { body } = await post('size', { text: '54', system: 'eu' }).expect(200);
    expect(body.insideDiameterMm).toBeCloseTo(17.189, 3);
  });

  it.each([
    [{ text: 'huge' }, 'text', /7½/],
    [{}, 'text', /either/],
    [{ text: '7', insideDiameterMm: 17 }, 'text', /either/],
    [{ text: '7', colour: 'red' }, 'colour', /not a known field/],
  ])('refuses %j', async (body, path, message) => {
    const answer = await post('size', body).expect(400);
    expect(answer.body.error).toMatchObject({
      code: 'invalid',
      fields: [{ path, message: expect.stringMatching(message) }],
    });
  });
});

describe('POST /compute/coin-ring', () => {
  it('gives the agreed width for the reference coin', async () => {
    const { body } = await post('coin-ring', { ...RING, widthShare: 0.5 }).expect(200);
    const ring = coinRingResponseSchema.parse(body);
    expect(Math.abs(ring.bandWidthMm - 8.73)).toBeLessThan(0.05);
    expect(ring).toMatchObject({ feasible: true, method: 'fold', thicknessSource: 'mass' });
    expect(ring.sizeRangeMm?.max).toBeGreaterThan(18.9);
    expect(ring.annealCount).toBeGreaterThanOrEqual(4);
  });

  it('answers 200 with reasons for what cannot be made', async () => {
    const { body } = await post('coin-ring', { ...RING, targetInsideDiameterMm: 28 }).expect(200);
    expect(body).toMatchObject({ feasible: false, method: 'none', annealCount: 0 });
    expect(body.reasons[0]).toMatchObject({ code: 'rim-would-grow', level: 'refuse' });
    const zinc = await post('coin-ring', { ...RING, coin: { ...COIN, metal: 'zinc-core' } }).expect(200);
    expect(zinc.body.reasons[0].code).toBe('metal-refused');
  });

  it.each([
    [{ ...RING, holeMm: 31 }, 'holeMm', 'must be smaller than the coin (30 mm)'],
    [{ ...RING, holeMm: 'wide' }, 'holeMm', 'must be a length from 2 to 60 mm'],
    [
      { ...RING, coin: { diameterMm: 30, metal: 'silver-900' } },
      'coin.rimThicknessMm',
      expect.stringMatching(/mass/),
    ],
    [{ ...RING, coin: { ...COIN, metal: 'tin' } }, 'coin.metal', expect.stringMatching(/one of: silver-999/)],
    [{ ...RING, wall: 'wavy' }, 'wall', expect.stringMatching(/straight/)],
    [{ ...RING, extra: 1 }, 'extra', 'is not a known field'],
  ])('refuses a wrong field by its path', async (body, path, message) => {
    const answer = await post('coin-ring', body).expect(400);
    expect(answer.body.error.fields).toContainEqual({ path, message });
  });

  it('refuses a body that is no JSON', async () => {
    const answer = await server.api
      .post('/api/v1/compute/coin-ring')
      .set('content-type', 'application/json')
      .send('{oops');
    expect(answer.status).toBe(400);
    expect(answer.body.error.message).toMatch(/JSON/);
  });
});

describe('POST /compute/route', () => {
  it('answers steps that add up', async () => {
    const { body } = await post('route', { ...RING, kit: DEMO_KIT, finish: 'dark' }).expect(200);
    const route = routeResponseSchema.parse(body);
    expect(route.steps[0]?.kind).toBe('cut');
    expect(route.steps.at(-1)?.kind).toBe('read');
    expect(route.steps.filter(({ kind }) => kind === 'anneal')).toHaveLength(route.totals.anneals);
    expect(route.steps.map(({ kind }) => kind)).toContain('patina');
    expect(route.totals.handsOnMin).toBe(route.steps.reduce((sum, step) => sum + step.handsOnMin, 0));
  });

  it('has no steps for what cannot be made', async () => {
    const { body } = await post('route', { ...RING, targetInsideDiameterMm: 28 }).expect(200);
    expect(body).toMatchObject({ feasible: false, steps: [], totals: { anneals: 0 } });
  });
});

describe('POST /compute/land', () => {
  const land = (mm: readonly number[]) =>
    mm.map((value, i) => ({ angleDeg: (360 / mm.length) * i, mm: value }));

  it('finds the wide side and what to file', async () => {
    const readings = land([8.65, 9.15, 8.65, 8.15]);
    const { body } = await post('land', { diameterMm: 30, holeMm: 12.7, readings }).expect(200);
    expect(landResponseSchema.parse(body)).toMatchObject({ wideClock: '3:00', ok: false });
    expect(body.eccentricityMm).toBeCloseTo(0.5, 6);
    expect(body.newHoleMm).toBeCloseTo(13.7, 6);
    expect(body.heightVariationMm).toBeGreaterThan(0.7);
  });

  it('refuses too few readings and readings in one place', async () => {
    const few = await post('land', { diameterMm: 30, holeMm: 12.7, readings: land([8, 9, 8]) }).expect(400);
    expect(few.body.error.fields[0].path).toBe('readings');
    const same = Array.from({ length: 4 }, () => ({ angleDeg: 10, mm: 8 }));
    const spread = await post('land', { diameterMm: 30, holeMm: 12.7, readings: same }).expect(400);
    expect(spread.body.error.message).toMatch(/spread/);
  });
});
