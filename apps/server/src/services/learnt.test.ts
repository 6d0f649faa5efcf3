import { learntSchema, type LearntAnswer } from '@round-mint/contract/learnt';
import { ringWithEventsSchema } from '@round-mint/contract/rings';
import { simulateRing, STEADY_BENCH } from '@round-mint/core/practice';
import { REFERENCE_KIT } from '@round-mint/core/kit';
import { DEFAULT_TRAITS } from '@round-mint/core/steps';
import { seededRandom } from '@round-mint/core/uncertainty';
import { randomUUID } from 'node:crypto';
import { testServer, type TestServer } from '../testing/test-server';
import { ringInput } from './ring-store';

const TRUTH = { ...STEADY_BENCH, traits: { ...DEFAULT_TRAITS, shareShift: 0.06, handsOnMin: { fold: 8 } } };
const COIN = {
  name: 'Test brenn, 1948',
  issuer: 'Testland',
  year: 1948,
  metal: 'silver-900',
  diameterMm: 30.9,
  rimThicknessMm: 2.15,
  massG: 15.13,
  form: 'round',
  edge: 'reeded',
  outsideFace: 'obverse',
  grade: 'fine',
  origin: '',
  price: 15,
  legalNote: '',
  notes: '',
  quantity: 20,
};

let server: TestServer;
let stockId: string;
beforeAll(async () => {
  server = await testServer();
  stockId = (await server.api.post('/api/v1/stock').send(COIN).expect(201)).body.id;
});
afterAll(() => server.close());

async function begin() {
  const plan = {
    name: 'To learn from',
    stockId,
    holeMm: 12.7,
    targetInsideDiameterMm: 19,
    wall: 'straight',
    curlDeg: null,
    finish: 'polished',
  };
  const { body: planned } = await server.api.post('/api/v1/plans').send(plan).expect(201);
  const { body } = await server.api
    .post('/api/v1/rings')
    .send({ planId: planned.id, name: plan.name })
    .expect(201);
  const ring = ringWithEventsSchema.parse(body);
  if (ring.kind !== 'coin') throw new Error('a coin plan made no coin ring');
  return ring;
}

/** A ring made from punch to polish at a bench with its own truth. */
async function finish(seed: number): Promise<string> {
  const ring = await begin();
  const made = simulateRing(
    {
      input: ringInput(ring),
      school: ring.school ?? 'over-stretch',
      moves: ring.moves ?? [],
      steps: ring.steps,
      kit: REFERENCE_KIT,
    },
    TRUTH,
    seededRandom(seed),
  );
  const events = made.map(({ minute, body }) => ({
    id: randomUUID(),
    at: new Date(Date.UTC(2026, 2, seed, 8) + minute * 60_000).toISOString(),
    body,
  }));
  await server.api.post(`/api/v1/rings/${ring.id}/events`).send({ events }).expect(200);
  return ring.id;
}

async function learnt(): Promise<LearntAnswer> {
  await server.learn();
  return learntSchema.parse((await server.api.get('/api/v1/learnt').expect(200)).body);
}

const shareOf = ({ values }: LearntAnswer) => values.find(({ key }) => key === 'share');

describe('what a workshop’s log teaches', () => {
  it('is nothing before there are finished rings', async () => {
    expect(await learnt()).toMatchObject({
      used: true,
      rings: 0,
      values: [],
      course: [],
      traits: DEFAULT_TRAITS,
    });
  });

  it('grows with every finished ring, and counts from the third', async () => {
    await finish(1);
    await finish(2);
    const two = await learnt();
    expect(two.rings).toBe(2);
    expect(two.traits.shareShift).toBe(0);
    await finish(3);
    const three = await learnt();
    expect(three.rings).toBe(3);
    expect(three.traits.shareShift).toBeGreaterThan(0.01);
    expect(three.course.map(({ name }) => name)).toEqual(Array(3).fill('To learn from'));
  });

  it('is kept with a ring as what was predicted of it, beside what defaults would have told', async () => {
    const { forecast, prediction } = await begin();
    const rising = (values: readonly number[] | undefined) => values?.toSorted((a, b) => a - b);
    expect(forecast?.widthMm).toEqual(rising(forecast?.widthMm));
    expect(forecast?.widthMm?.[0]).toBeLessThan(prediction.bandWidthMm);
    expect(forecast?.widthMm?.at(-1)).toBeGreaterThan(prediction.bandWidthMm);
    expect(forecast?.standard?.widthMm).toHaveLength(19);
    // Folds take longer here than by default.
    expect(forecast?.handsOnMin[9]).toBeGreaterThan(forecast?.standard?.handsOnMin[9] ?? Infinity);
  });

  it('tells how often forecasts came true, of rings that kept one', async () => {
    const { calibration, widths } = await learnt();
    expect(widths.rings).toBe(3);
    const width = calibration.find(({ what }) => what === 'widthMm');
    expect(width).toMatchObject({ rings: 3, verdict: 'few' });
    expect(width?.places.reduce((sum, count) => sum + count, 0)).toBe(3);
    // Nothing had been learnt when they were begun.
    expect(width?.score).toBe(width?.standardScore);
  });

  it('is what rings are begun with, unless the maker wants the defaults', async () => {
    const taught = await begin();
    await server.api.patch('/api/v1/settings').send({ useLearnt: false }).expect(200);
    expect((await learnt()).used).toBe(false);
    const plain = await begin();
    await server.api.patch('/api/v1/settings').send({ useLearnt: true }).expect(200);
    expect(taught.prediction.thicknessCutEdgeMm).toBeGreaterThan(plain.prediction.thicknessCutEdgeMm);
    const foldOf = ({ steps }: typeof taught) => steps.find(({ kind }) => kind === 'fold')?.handsOnMin ?? 0;
    expect(foldOf(taught)).toBeGreaterThan(foldOf(plain));
  });

  it('puts a value back to its default, and takes it up again', async () => {
    const known = shareOf(await learnt());
    await server.api
      .patch('/api/v1/settings')
      .send({ standardFor: ['share'] })
      .expect(200);
    const back = await learnt();
    expect(back.traits.shareShift).toBe(0);
    expect(shareOf(back)).toMatchObject({ keptStandard: true, value: known?.value });
    await server.api.patch('/api/v1/settings').send({ standardFor: [] }).expect(200);
    expect((await learnt()).traits.shareShift).toBe(known?.value);
  });

  it('leaves a ring out, or forgets one that was archived', async () => {
    const id = await finish(4);
    expect((await learnt()).rings).toBe(4);
    const out = {
      id: randomUUID(),
      at: '2026-03-09T10:00:00.000Z',
      body: { kind: 'left-out', leftOut: true },
    };
    await server.api
      .post(`/api/v1/rings/${id}/events`)
      .send({ events: [out] })
      .expect(200);
    expect((await learnt()).rings).toBe(3);
    const { body: log } = await server.api.get('/api/v1/log').expect(200);
    const entry = log.items.find(({ ringId }: { ringId: string }) => ringId === id);
    expect(entry.leftOut).toBe(true);
    await server.api.delete(`/api/v1/rings/${id}`).expect(204);
    expect((await learnt()).rings).toBe(3);
  });

  it('answers plain computations alike in every workshop, and by the log only when asked', async () => {
    const question = {
      coin: { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' },
      holeMm: 12.7,
      targetInsideDiameterMm: 19,
      wall: 'straight',
    };
    const edge = async (change: object) =>
      (
        await server.api
          .post('/api/v1/compute/coin-ring')
          .send({ ...question, ...change })
          .expect(200)
      ).body.thicknessCutEdgeMm;
    const other = await testServer();
    try {
      const elsewhere = await other.api.post('/api/v1/compute/coin-ring').send(question).expect(200);
      expect(await edge({})).toBeCloseTo(elsewhere.body.thicknessCutEdgeMm, 9);
    } finally {
      await other.close();
    }
    expect(await edge({ learnt: true })).toBeGreaterThan(await edge({ learnt: false }));
    await server.api
      .post('/api/v1/compute/coin-ring')
      .send({ ...question, learnt: 'maybe' })
      .expect(400);
  });

  it('lists rings by how far they are', async () => {
    const { body } = await server.api.get('/api/v1/rings/in-full?status=in-work').expect(200);
    expect(body.items.length).toBe(3);
    const finished = await server.api.get('/api/v1/rings/in-full?status=finished').expect(200);
    expect(finished.body.items.length).toBe(3);
    await server.api.get('/api/v1/rings?status=lost').expect(400);
  });
});
