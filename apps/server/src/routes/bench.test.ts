import { benchWordSchema } from '@round-mint/contract/bench';
import type { RingEventInput } from '@round-mint/contract/rings';
import { randomUUID } from 'node:crypto';
import { DEMO_COINS } from '../demo/stock';
import { event, ringCalls } from '../testing/ring-calls';
import { demoServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await demoServer();
});
afterAll(() => server.close());

const { addPlan, start, send } = ringCalls(() => server);

describe('what the bench says', () => {
  const say = async (ringId: string) =>
    benchWordSchema.parse((await server.api.get(`/api/v1/rings/${ringId}/bench`).expect(200)).body);
  const worked = async () => {
    const { body: piece } = await server.api
      .post('/api/v1/stock')
      .send({ ...DEMO_COINS[0], id: randomUUID(), name: 'A piece of its own', quantity: 1 })
      .expect(201);
    const ring = await start(await addPlan('', { stockId: piece.id, school: 'over-stretch' }));
    const at = ring.steps.findIndex(({ kind }) => kind === 'stretch');
    const done = ring.steps
      .slice(0, at)
      .map(({ kind }, step) =>
        event(kind === 'anneal' ? { kind: 'anneal-done', step } : { kind: 'step-done', step }),
      );
    await send(ring.id, ...done).expect(200);
    const { rimDownMm, cutDownMm } = ring.steps[at]!.reading!;
    const off = (mm: number) =>
      event({ kind: 'reading', rimDownMm: rimDownMm + mm, cutDownMm: cutDownMm + mm, mark: 'leading' });
    return { ring, at, off };
  };

  it('comes from plan and events alone: step, mark, what is to go, the rest', async () => {
    const { ring, at, off } = await worked();
    const before = await say(ring.id);
    expect(before).toMatchObject({
      step: { index: at, kind: 'stretch' },
      standing: 'before',
      mayAnneal: true,
    });
    expect(before.stopAt?.edgeDown).toBe('cut');
    expect(before.rest.steps).toHaveLength(ring.steps.length - at - 1);
    await send(ring.id, off(-0.61)).expect(200);
    expect(await say(ring.id)).toMatchObject({ standing: 'before', toGo: { marks: 3, pulls: 3 } });
  });

  it('goes by what is wanted now: another size, a step left out, another tool', async () => {
    const { ring, at } = await worked();
    const { body: tool } = await server.api
      .post('/api/v1/kit')
      .send({
        name: 'Long stretcher',
        spec: { kind: 'stretcher', smallestMm: 11, largestMm: 27, splines: 6 },
      })
      .expect(201);
    const wanted = event({ kind: 'target-changed', insideDiameterMm: 18.4, why: 'Read again' });
    await send(ring.id, event({ kind: 'tool-used', step: at, toolId: tool.id, setting: 'greased' })).expect(
      200,
    );
    expect((await say(ring.id)).step?.tool).toBe('Long stretcher, greased');
    await send(ring.id, wanted).expect(200);
    const word = await say(ring.id);
    expect(word.target.insideDiameterMm).toBe(18.4);
    expect(word.rest.steps.at(-1)?.stopAtMm).toBeCloseTo(18.4, 1);
    // Sent again, and by another device, it is the same.
    await send(ring.id, wanted).expect(200);
    expect(await say(ring.id)).toEqual(word);
    const { index } = word.step!;
    await send(ring.id, event({ kind: 'step-skipped', step: index })).expect(200);
    expect((await say(ring.id)).step?.index).toBe(index + 1);
    await send(ring.id, event({ kind: 'target-changed', insideDiameterMm: 3, why: '' })).expect(400);
  });

  it('stores a route that followed only when the maker goes on along it, the same from every device', async () => {
    const { ring, at, off } = await worked();
    await send(ring.id, off(0.7)).expect(200);
    const past = await say(ring.id);
    expect(past).toMatchObject({ standing: 'past', step: { index: at } });
    const kinds = (items: readonly RingEventInput[]) => items.map(({ body }) => body.kind);
    const stored = await server.api.get(`/api/v1/rings/${ring.id}/events`);
    expect(kinds(stored.body.items)).not.toContain('rerouted');
    const act = event({ kind: 'step-done', step: at });
    const [one, other] = await Promise.all([send(ring.id, act), send(ring.id, act)]);
    expect([one.status, other.status]).toEqual([200, 200]);
    const { body } = await server.api.get(`/api/v1/rings/${ring.id}/events`);
    expect(kinds(body.items).filter((kind) => kind === 'rerouted')).toHaveLength(1);
    expect(kinds(body.items).slice(-2)).toEqual(['rerouted', 'step-done']);
    const next = await say(ring.id);
    expect(next.step).toMatchObject({ index: at + 1, kind: past.rest.steps[0]!.kind });
    expect(next.rest.steps).toHaveLength(past.rest.steps.length - 1);
    // Taken back, it is as it was.
    await send(ring.id, event({ kind: 'undone', eventId: act.id })).expect(200);
    expect(await say(ring.id)).toEqual(past);
  });

  it('is not found for a ring there is not', async () => {
    await server.api.get(`/api/v1/rings/${randomUUID()}/bench`).expect(404);
  });
});
