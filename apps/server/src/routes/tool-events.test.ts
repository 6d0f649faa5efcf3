import { benchWordSchema } from '@round-mint/contract/bench';
import {
  shownToolSchema,
  toolListSchema,
  toolPassesSchema,
  type ToolEventInput,
} from '@round-mint/contract/kit';
import type { RingWithEvents } from '@round-mint/contract/rings';
import { learntSchema } from '@round-mint/contract/learnt';
import { ringWithEventsSchema } from '@round-mint/contract/rings';
import { doneBody } from '@round-mint/core/ring';
import { randomUUID } from 'node:crypto';
import { event, ringCalls } from '../testing/ring-calls';
import { demoServer, path, type TestServer } from '../testing/test-server';

let server: TestServer;
const { addPlan, start, send } = ringCalls(() => server);
beforeAll(async () => {
  server = await demoServer();
});
afterAll(() => server.close());

const kit = async () => toolListSchema.parse((await server.api.get(path('/kit')).expect(200)).body).items;
const toolOf = async (id: string) =>
  shownToolSchema.parse((await server.api.get(path(`/kit/${id}`)).expect(200)).body);
const told = (toolId: string, body: ToolEventInput['body'], id: string = randomUUID()): ToolEventInput => ({
  ...{ id, toolId, at: new Date().toISOString(), body },
});
const tell = (...events: readonly ToolEventInput[]) => server.api.post(path('/kit/events')).send({ events });
const toolInStep = ({ steps }: RingWithEvents, kind: string) => {
  const step = steps.findIndex((one) => one.kind === kind && one.toolId !== undefined);
  return { step, toolId: steps[step]!.toolId! };
};

describe('what happens to tools', () => {
  it('is kept with the tool, once however often it is sent; taken back, it is gone', async () => {
    const [tool] = await kit();
    const fault = told(tool!.id, { kind: 'fault', fault: 'rusty' });
    await tell(fault).expect(200);
    const { body } = await tell(fault, told(tool!.id, { kind: 'oiled' })).expect(200);
    expect(toolListSchema.parse(body).items).toMatchObject([{ id: tool!.id, faults: ['rusty'] }]);
    const marked = await toolOf(tool!.id);
    expect(marked.history).toHaveLength(2);
    expect(marked.oiledAt).toBe(marked.history[1]!.at);
    await tell(told(tool!.id, { kind: 'undone', eventId: fault.id })).expect(200);
    expect((await toolOf(tool!.id)).faults).toEqual([]);
    // Changed by hand meanwhile, its history stays.
    await server.api
      .put(path(`/kit/${tool!.id}`))
      .send({ name: 'Renamed', spec: tool!.spec })
      .expect(200);
    expect((await toolOf(tool!.id)).history).toHaveLength(3);
    await tell(told(randomUUID(), { kind: 'oiled' })).expect(404);
    await tell({ ...fault, body: { kind: 'fault', fault: 'bent' } } as never).expect(400);
  });

  it('told by several devices at once is all there', async () => {
    const tool = (await kit())[1]!;
    const faults = ['dented', 'rusty', 'chipped'] as const;
    const answers = await Promise.all(faults.map((fault) => tell(told(tool.id, { kind: 'fault', fault }))));
    expect(answers.map(({ status }) => status)).toEqual([200, 200, 200]);
    expect([...(await toolOf(tool.id)).faults].sort()).toEqual(['chipped', 'dented', 'rusty']);
  });
});

describe('a tool marked at the bench', () => {
  it('bears the ring and the day, is told at its step with the spare, and is taken back with the event', async () => {
    const ring = await start(await addPlan('Brennac Union'));
    const { step, toolId } = toolInStep(ring, 'fold');
    await send(ring.id, ...ring.steps.slice(0, step).map(({ kind }, i) => event(doneBody(kind, i)))).expect(
      200,
    );
    const mark = event({ kind: 'tool-marked', toolId, fault: 'grooved' });
    await send(ring.id, mark).expect(200);
    await send(ring.id, mark).expect(200);
    expect(await toolOf(toolId)).toMatchObject({
      faults: ['grooved'],
      history: [{ id: mark.id, at: mark.at, ringId: ring.id }],
    });
    const word = async () =>
      benchWordSchema.parse((await server.api.get(path(`/rings/${ring.id}/bench`)).expect(200)).body).step;
    expect(await word()).toMatchObject({
      toolId,
      toolWarning: expect.stringContaining('grooved: it wanders'),
    });
    // A second one of the same measures comes into the kit: it is the spare, and new plans take it.
    const { spec } = await toolOf(toolId);
    const spare = { id: randomUUID(), name: 'Second one', spec };
    await server.api.post(path('/kit')).send(spare).expect(201);
    expect(await word()).toMatchObject({
      toolWarning: expect.stringContaining('Take Second one instead.'),
      spareId: spare.id,
    });
    expect(toolInStep(await start(await addPlan('Brennac Union')), 'fold').toolId).toBe(spare.id);
    await send(ring.id, event({ kind: 'undone', eventId: mark.id })).expect(200);
    expect((await toolOf(toolId)).faults).toEqual([]);
    expect(await word()).not.toHaveProperty('toolWarning');
    await server.api.delete(path(`/kit/${spare.id}`)).expect(204);
  });

  it('that is gone since is left out; the log keeps what was found', async () => {
    const ring = await start(await addPlan('Brennac Union'));
    const mark = event({ kind: 'tool-marked', toolId: randomUUID(), fault: 'dented' });
    const { body } = await send(ring.id, mark).expect(200);
    expect(ringWithEventsSchema.parse(body).events.at(-1)?.body).toEqual(mark.body);
  });
});

describe('passes', () => {
  const passesOf = async (toolId: string) =>
    toolPassesSchema
      .parse((await server.api.get(path('/kit-passes')).expect(200)).body)
      .items.find((one) => one.toolId === toolId)?.passes ?? 0;

  it('count the steps done with a tool, at the bench and in rings that are over, since it was replaced', async () => {
    const ring = await start(await addPlan('Brennac Union'));
    const { step, toolId } = toolInStep(ring, 'fold');
    const before = await passesOf(toolId);
    expect(before).toBeGreaterThan(0);
    const folds = ring.steps.filter((one) => one.toolId === toolId).length;
    const done = ring.steps.map(({ kind }, i) => event(doneBody(kind, i)));
    await send(ring.id, ...done.slice(0, step + 1)).expect(200);
    expect(await passesOf(toolId)).toBe(before + 1);
    await send(ring.id, ...done.slice(step + 1), event({ kind: 'finished' })).expect(200);
    await server.learn();
    expect(await passesOf(toolId)).toBe(before + folds);
    await tell(told(toolId, { kind: 'replaced' })).expect(200);
    expect(await passesOf(toolId)).toBe(0);
  });
});

describe('a former that was replaced', () => {
  it('is learnt anew, and what was learnt of it comes back when that is taken back', async () => {
    const isKnown = async () => {
      await server.learn();
      const { body } = await server.api.get(path('/learnt')).expect(200);
      return learntSchema.parse(body).values.some(({ key }) => key === 'springback-bend-18');
    };
    expect(await isKnown()).toBe(true);
    const formers = (await kit()).filter(({ spec }) => spec.kind === 'former' && spec.diameterMm === 18);
    const replaced = formers.map(({ id }) => told(id, { kind: 'replaced' }));
    await tell(...replaced).expect(200);
    expect(await isKnown()).toBe(false);
    await tell(...replaced.map(({ id, toolId }) => told(toolId, { kind: 'undone', eventId: id }))).expect(
      200,
    );
    expect(await isKnown()).toBe(true);
  });
});
