import { benchWordSchema } from '@round-mint/contract/bench';
import { logListSchema } from '@round-mint/contract/log';
import { ringWithEventsSchema, type RingEventInput } from '@round-mint/contract/rings';
import { SIZE_SYSTEMS } from '@round-mint/core/size';
import { randomUUID } from 'node:crypto';
import { DEMO_COINS } from '../demo/stock';
import { DEMO_WORK_STOCK } from '../demo/work-stock';
import { demoServer, type TestServer } from '../testing/test-server';

const us = SIZE_SYSTEMS.us.toDiameterMm;
const FUNNEL = { stage: 'folded', rimDownMm: 21.6, cutDownMm: 16.2, heightMm: 9.6 };

let server: TestServer;
beforeAll(async () => {
  server = await demoServer();
});
afterAll(() => server.close());

async function planOf(stockId: string | undefined, change: object): Promise<string> {
  const plan = {
    name: 'Bought half-made',
    stockId,
    targetInsideDiameterMm: us(9),
    finish: 'polished',
    ...change,
  };
  return (await server.api.post('/api/v1/plans').send(plan).expect(201)).body.id;
}

function coinPlan(change: object = {}): Promise<string> {
  const stockId = DEMO_COINS.find(({ name }) => name.startsWith('Skerrow fulmar'))?.id;
  return planOf(stockId, { holeMm: 12.7, wall: 'straight', curlDeg: null, ...change });
}

const begin = (planId: string, startedFrom: object) =>
  server.api.post('/api/v1/rings').send({ id: randomUUID(), planId, name: 'Half-made', startedFrom });

async function begun(planId: string, startedFrom: object) {
  return ringWithEventsSchema.parse((await begin(planId, startedFrom).expect(201)).body);
}

async function benchOf(id: string) {
  return benchWordSchema.parse((await server.api.get(`/api/v1/rings/${id}/bench`).expect(200)).body);
}

const send = (id: string, ...bodies: readonly RingEventInput['body'][]) =>
  server.api
    .post(`/api/v1/rings/${id}/events`)
    .send({ events: bodies.map((body) => ({ id: randomUUID(), at: new Date().toISOString(), body })) })
    .expect(200);

describe('a ring begun half-way', () => {
  it('begins as it was measured, with what was assumed, and nothing in its history', async () => {
    const ring = await begun(await coinPlan(), FUNNEL);
    expect(ring).toMatchObject({ status: 'in-work', startedFrom: FUNNEL, events: [] });
    expect(ring.assumptions?.map(({ code }) => code)).toContain('hole-from-height');
    expect(ring.steps.map(({ kind }) => kind)).not.toContain('cut');
    expect(ring.prediction.slugMassG).toBe(0);
    const word = await benchOf(ring.id);
    expect(word.step).toMatchObject({ index: 0, kind: 'read' });
    // Taken to be as hard as it can be, until the flame has been there.
    expect(word.gauge).toEqual({ cutEdge: 1, rimEdge: 1 });
    const anneal = ring.steps.findIndex(({ kind }) => kind === 'anneal');
    await send(
      ring.id,
      ...ring.steps.slice(0, anneal).map((_, step) => ({ kind: 'step-done', step }) as const),
    );
    await send(ring.id, { kind: 'anneal-done', step: anneal });
    expect((await benchOf(ring.id)).gauge).toEqual({ cutEdge: 0, rimEdge: 0 });
  });

  it('is planned on from what is read of it, and another size is possible at once', async () => {
    const ring = await begun(await coinPlan(), FUNNEL);
    await send(ring.id, { kind: 'target-changed', insideDiameterMm: us(10), why: 'the buyer’s finger' });
    const word = await benchOf(ring.id);
    expect(word.target.mark).toBe('US 10');
    expect(word.rest.steps.at(-1)?.stopAtMm).toBeCloseTo(us(10), 1);
  });

  it('goes to the log, which learns no width from it', async () => {
    const ring = await begun(await coinPlan(), { stage: 'band', rimDownMm: us(9), cutDownMm: us(9) });
    const last = ring.steps.length;
    await send(
      ring.id,
      ...ring.steps.map(({ kind }, step) =>
        kind === 'anneal' ? ({ kind: 'anneal-done', step } as const) : ({ kind: 'step-done', step } as const),
      ),
      { kind: 'reading', rimDownMm: us(9), cutDownMm: us(9), mark: 'leading' },
      { kind: 'measured', bandWidthMm: 6, thicknessCutEdgeMm: 1.4, thicknessRimEdgeMm: 2 },
      { kind: 'finished' },
    );
    const log = logListSchema.parse((await server.api.get('/api/v1/log').expect(200)).body);
    expect(log.items.find(({ ringId }) => ringId === ring.id)).toMatchObject({ actualWidthMm: 6 });
    expect(last).toBe(6);
    const learnt = (await server.api.get('/api/v1/learnt').expect(200)).body;
    expect(JSON.stringify(learnt.traits)).not.toContain('null');
    const shown = ringWithEventsSchema.parse((await server.api.get(`/api/v1/rings/${ring.id}`)).body);
    expect(shown.kind === 'coin' && shown.moves).toBeUndefined();
  });

  it('of a finished band goes by what it reads', async () => {
    const band = DEMO_WORK_STOCK.find(({ name }) => name.includes('wheat-ear'));
    const planId = await planOf(band?.id, {
      kind: 'resize',
      cover: 'cloth',
      targetInsideDiameterMm: us(8.5),
    });
    const ring = await begun(planId, { stage: 'band', rimDownMm: us(9), cutDownMm: us(9), heightMm: 6 });
    expect(ring.steps[0]?.before.cutInsideDiameterMm).toBeCloseTo(us(9), 3);
    expect(ring.steps[0]?.outline.arcMm.at(-1)).toBeCloseTo(6, 2);
    expect(ring.assumptions?.map(({ code }) => code)).toEqual(['thickness-computed']);
  });

  it('is refused, with the nearest size, where it cannot be made, and for other work', async () => {
    const far = await begin(await coinPlan({ targetInsideDiameterMm: 45 }), FUNNEL).expect(409);
    expect(far.body.error).toMatchObject({
      code: 'not-feasible',
      message: expect.stringContaining('out of reach'),
    });
    const handle = DEMO_WORK_STOCK.find(({ kind }) => kind === 'handle');
    const planId = await planOf(handle?.id, {
      kind: 'handle',
      style: 'straight',
      keptEnd: 'tip',
      startMm: 0,
      ends: 'square',
    });
    const other = await begin(planId, FUNNEL).expect(409);
    expect(other.body.error.code).toBe('wrong-piece');
    await begin(await coinPlan(), { ...FUNNEL, stage: 'melted' }).expect(400);
  });
});
