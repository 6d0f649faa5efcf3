import { ringListSchema, ringWithEventsSchema } from '@round-mint/contract/rings';
import { randomUUID } from 'node:crypto';
import { DEMO_COINS } from '../demo/stock';
import { stateOf } from '../services/ring-store';
import { event, ringCalls } from '../testing/ring-calls';
import { demoServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await demoServer();
});
afterAll(() => server.close());

const { addPlan, start, send } = ringCalls(() => server);

async function piecesOf(stockName: string): Promise<number> {
  const stockId = DEMO_COINS.find(({ name }) => name.startsWith(stockName))?.id;
  return (await server.api.get(`/api/v1/stock/${stockId}`).expect(200)).body.quantity;
}

describe('a ring at the bench', () => {
  it('keeps the promise of its plan and takes one piece from stock, once', async () => {
    const before = await piecesOf('Skerrow fulmar');
    const planId = await addPlan('Skerrow fulmar');
    const ring = await start(planId);
    expect(ring.status).toBe('in-work');
    expect(ring.steps[0]?.kind).toBe('cut');
    expect(ring.prediction.bandWidthMm).toBeGreaterThan(7);
    expect(await start(planId, ring.id)).toEqual(ring);
    expect(await piecesOf('Skerrow fulmar')).toBe(before - 1);
  });

  it('keeps how its edges are turned in, step by step and for planning on', async () => {
    const curl = { dieAngleDeg: 17, depth: 'half' };
    const planId = await addPlan('Marenza 10 corvi', { wall: 'rounded', curl });
    const ring = await start(planId);
    expect(ring).toMatchObject({ wall: 'rounded', curl, curlDeg: null });
    const pushed = ring.steps.filter(({ kind }) => kind === 'curl').map(({ pieceState }) => pieceState);
    expect(pushed.at(0)?.pushedMm).toMatchObject({ rim: 0 });
    expect(pushed.at(-1)?.pushedMm?.rim).toBeGreaterThan(1);
    const kept = ringWithEventsSchema.parse((await server.api.get(`/api/v1/rings/${ring.id}`)).body);
    expect(kept.steps).toEqual(ring.steps);
  });

  it('takes events once, in order, and follows them with the reducer of core', async () => {
    const ring = await start(await addPlan('Skerrow fulmar'));
    const first = event({ kind: 'step-done', step: 0 });
    const second = event({ kind: 'step-done', step: 1 });
    await send(ring.id, first, second).expect(200);
    const { body } = await send(ring.id, first, second).expect(200);
    expect(body.events).toEqual([first, second]);
    expect(stateOf(ring, body.events).step).toBe(2);
    const undone = await send(ring.id, event({ kind: 'undone', eventId: second.id })).expect(200);
    expect(stateOf(ring, undone.body.events).step).toBe(1);
  });

  it('is finished by an event, listed in the log, and taken up again by undoing it', async () => {
    const ring = await start(await addPlan('Skerrow fulmar', { name: 'For the log' }));
    const end = event({ kind: 'finished' });
    const reading = event({ kind: 'reading', rimDownMm: 19.1, cutDownMm: 19.05, mark: 'leading' });
    const finished = await send(ring.id, reading, event({ kind: 'measured', bandWidthMm: 9 }), end).expect(
      200,
    );
    expect(finished.body.status).toBe('finished');
    const log = await server.api.get('/api/v1/log').expect(200);
    const entry = log.body.items.find(({ ringId }: { ringId: string }) => ringId === ring.id);
    expect(entry).toMatchObject({
      actualWidthMm: 9,
      actualInsideDiameterMm: 19.05,
      predictedInsideDiameterMm: 19,
    });
    expect(entry.sizeErrorUs).toBeCloseTo(0.05 / 0.8128, 6);
    const again = await send(ring.id, event({ kind: 'undone', eventId: end.id })).expect(200);
    expect(again.body).toMatchObject({ status: 'in-work', finishedAt: null });
  });

  it('has its figures corrected once it is finished, with what was said before in its history', async () => {
    const ring = await start(await addPlan('Quillon Isles 3 quills'));
    const reading = { kind: 'reading', mark: 'leading' } as const;
    await send(
      ring.id,
      event({ ...reading, rimDownMm: 19.5, cutDownMm: 19.5 }),
      event({ kind: 'measured', bandWidthMm: 19 }),
      event({ kind: 'finished' }),
    ).expect(200);
    const corrected = await send(
      ring.id,
      event({ kind: 'measured', bandWidthMm: 9 }),
      event({ ...reading, rimDownMm: 19.1, cutDownMm: 19.05 }),
    ).expect(200);
    expect(corrected.body.status).toBe('finished');
    const kinds = corrected.body.events.map(({ body }: { body: { kind: string } }) => body.kind);
    expect(kinds).toEqual(['reading', 'measured', 'finished', 'measured', 'reading']);
    const log = await server.api.get('/api/v1/log').expect(200);
    const entry = log.body.items.find(({ ringId }: { ringId: string }) => ringId === ring.id);
    expect(entry).toMatchObject({ actualWidthMm: 9, actualInsideDiameterMm: 19.05 });
  });

  it('is not in the log while it is in work, whatever it is called', async () => {
    const planId = await addPlan('Quillon Isles 3 quills');
    const { body: ring } = await server.api
      .post('/api/v1/rings')
      .send({ planId, name: 'Finished by Friday' })
      .expect(201);
    const { body } = await server.api.get('/api/v1/log?q=friday').expect(200);
    expect(ring.status).toBe('in-work');
    expect(body.items).toEqual([]);
  });

  it('gives the piece back when it is archived before it was begun', async () => {
    const ring = await start(await addPlan('Velmar 50 velm'));
    const left = await piecesOf('Velmar 50 velm');
    await server.api.delete(`/api/v1/rings/${ring.id}`).expect(204);
    expect(await piecesOf('Velmar 50 velm')).toBe(left + 1);
    await server.api.get(`/api/v1/rings/${ring.id}`).expect(404);
    const archivedIds = async () =>
      ringListSchema
        .parse((await server.api.get('/api/v1/rings?archived=1').expect(200)).body)
        .items.map(({ id }) => id);
    expect(await archivedIds()).toContain(ring.id);
    await server.api.post(`/api/v1/rings/${ring.id}/restore`).expect(200);
    expect(await archivedIds()).not.toContain(ring.id);
    expect(await piecesOf('Velmar 50 velm')).toBe(left);
  });

  it('keeps the piece of a ring that was begun', async () => {
    const ring = await start(await addPlan('Skerrow limpet'));
    await send(ring.id, event({ kind: 'step-done', step: 0 })).expect(200);
    const left = await piecesOf('Skerrow limpet');
    await server.api.delete(`/api/v1/rings/${ring.id}`).expect(204);
    expect(await piecesOf('Skerrow limpet')).toBe(left);
  });

  it('is refused when it cannot be made, or when none of the piece is left', async () => {
    const impossible = await addPlan('Brennac Union 20 brenn', { targetInsideDiameterMm: 28 });
    const refused = await server.api
      .post('/api/v1/rings')
      .send({ planId: impossible, name: 'No' })
      .expect(409);
    expect(refused.body.error).toMatchObject({
      code: 'not-feasible',
      message: expect.stringMatching(/rim never grows/),
    });
    const planId = await addPlan('Tarn harbour medal');
    await start(planId);
    const none = await server.api.post('/api/v1/rings').send({ planId, name: 'No' }).expect(409);
    expect(none.body.error.code).toBe('out-of-stock');
  });

  it.each([
    { kind: 'reading', rimDownMm: 'x', cutDownMm: 18, mark: 'leading' },
    { kind: 'melted' },
    { kind: 'step-done', step: -1 },
    { kind: 'step-done', step: 1, mood: 'good' },
  ])('refuses the event %j', async (body) => {
    const ring = await start(await addPlan('Brennac Union 5 brenn, clad'));
    await send(ring.id, event(body as never)).expect(400);
    const events = await server.api.get(`/api/v1/rings/${ring.id}/events`).expect(200);
    expect(events.body.items).toEqual([]);
  });
});

describe('a plan’s school and charts', () => {
  it('is kept with the plan and decides the ring’s route', async () => {
    const planId = await addPlan('Brennac Union 20 brenn', {
      school: 'straighten',
      targetInsideDiameterMm: 19.76,
    });
    const { body: plan } = await server.api.get(`/api/v1/plans/${planId}`).expect(200);
    expect(plan.school).toBe('straighten');
    const ring = await start(planId);
    expect(ring.steps.map(({ kind }) => kind)).toContain('straighten');
    expect(ring.steps.find(({ kind }) => kind === 'straighten')?.reading?.cutDownMm).toBeGreaterThan(19);
  });

  it('is the one that stretches past the size least where none is named', async () => {
    const { body: plan } = await server.api.get(`/api/v1/plans/${await addPlan('Brennac Union 20 brenn')}`);
    expect(plan.school).toBe('best');
    const ring = await start(plan.id);
    expect(ring).toMatchObject({ school: expect.stringMatching(/^(leave|straighten)$/) });
    const wrong = await server.api
      .post('/api/v1/plans')
      .send({ ...plan, id: randomUUID(), school: 'hammer' });
    expect(wrong.status).toBe(400);
  });

  it('may go beyond a limit of comfort, and keeps why; a limit of safety it may not', async () => {
    const thin = await server.api
      .post('/api/v1/stock')
      .send({
        ...DEMO_COINS[0],
        id: randomUUID(),
        name: 'A thin piece',
        quantity: 2,
        rimThicknessMm: 1.1,
        massG: undefined,
      })
      .expect(201);
    const choices = { stockId: thin.body.id, wall: 'straight', curlDeg: null };
    const overruled = [{ code: 'cut-edge-thin', why: 'Worn on a chain only' }];
    const ring = await start(await addPlan('', { ...choices, holeMm: 9, overruled }));
    expect(ring.prediction.thicknessCutEdgeMm).toBeLessThan(0.9);
    expect(ring.overruled).toEqual(overruled);
    const sharp = await addPlan('', { ...choices, holeMm: 4, overruled });
    const refused = await server.api.post('/api/v1/rings').send({ planId: sharp, name: 'Sharp' }).expect(409);
    expect(refused.body.error.message).toContain('cuts the finger');
  });

  it('has reveals from the die charts where the ring is stepped down', async () => {
    const planId = await addPlan('Brennac Union 60 brenn', { targetInsideDiameterMm: 18.95 });
    const { steps } = await start(planId);
    const tapes = steps.flatMap(({ tape }) => tape ?? []);
    expect(tapes.length).toBeGreaterThan(1);
    expect(tapes.some(({ reveal }) => reveal !== undefined)).toBe(true);
  });
});

describe('trouble', () => {
  it('is kept with the ring, and only by a name that has a remedy', async () => {
    const ring = await start(await addPlan('Brennac Union 20 brenn'));
    const trouble = event({ kind: 'trouble', symptom: 'crack-at-cut-edge', crackMm: 0.6 });
    const { body } = await send(ring.id, trouble).expect(200);
    expect(stateOf(ring, body.events).troubles).toEqual([
      { at: trouble.at, symptom: 'crack-at-cut-edge', step: 0 },
    ]);
    const wrong = await send(ring.id, event({ kind: 'trouble', symptom: 'bad luck' } as never)).expect(400);
    expect(wrong.body.error.fields[0].message).toContain('crack-at-cut-edge');
  });
});
