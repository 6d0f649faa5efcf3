import { RING_ID, eventOf, ringOf } from '@/testing/demo-ring';
import { fakeServer, refusal } from '@/testing/fake-server';
import { until } from '@/testing/until';
import { clearAllListeners } from '@reduxjs/toolkit';
import { createStore as newStore } from './store';
import {
  eventsLogged,
  nextBatch,
  sendAgain,
  unsentOpened,
  unsentSlice,
  type UnsentEvent,
} from './unsent-slice';

const stores: ReturnType<typeof newStore>[] = [];

function createStore() {
  const store = newStore();
  stores.push(store);
  return store;
}

// A store whose server is away would ask it again for ever.
afterEach(() => {
  stores.splice(0).forEach((store) => store.dispatch(clearAllListeners()));
});

const OTHER = '00000004-0000-4000-8000-000000000010';
const done = (n: number, ringId = RING_ID): UnsentEvent => ({
  ringId,
  event: eventOf(n, { kind: 'step-done', step: n }),
});

describe('nextBatch', () => {
  const state = unsentSlice.getInitialState();

  it('takes a run of one ring from the front, past rings that are refused', () => {
    const queue = [done(1), done(2), done(3, OTHER), done(4)];
    expect(nextBatch({ ...state, queue })?.events).toHaveLength(2);
    expect(nextBatch({ ...state, queue, refused: { [RING_ID]: 'no' } })).toMatchObject({ ringId: OTHER });
    expect(nextBatch(state)).toBeUndefined();
  });
});

describe('what happened at the bench', () => {
  it('is sent in order and forgotten once the server has it', async () => {
    const calls = fakeServer({ [`POST /rings/${RING_ID}/events`]: () => ringOf() });
    const store = createStore();
    store.dispatch(eventsLogged([done(1)]));
    store.dispatch(eventsLogged([done(2), done(3)]));
    await until(() => store.getState().unsent.queue.length === 0);
    const sent = calls.flatMap(({ body }) =>
      (body as { events: { id: string }[] }).events.map(({ id }) => id),
    );
    expect(sent).toEqual([done(1), done(2), done(3)].map(({ event }) => event.id));
  });

  it('is sent, too, when it is logged as the last of before has just been sent', async () => {
    const calls = fakeServer({ [`POST /rings/${RING_ID}/events`]: () => ringOf() });
    const store = createStore();
    let followed = false;
    store.subscribe(() => {
      const { queue, sending } = store.getState().unsent;
      if (followed || !sending || queue.length > 0) return;
      followed = true;
      queueMicrotask(() => store.dispatch(eventsLogged([done(2)])));
    });
    store.dispatch(eventsLogged([done(1)]));
    await until(() => calls.length === 2);
    await until(() => store.getState().unsent.queue.length === 0);
  });

  it('waits while the server is away, is kept for the next page, and goes when it returns', async () => {
    fakeServer({
      [`POST /rings/${RING_ID}/events`]: () => {
        throw new TypeError('network');
      },
    });
    const store = createStore();
    store.dispatch(eventsLogged([done(1)]));
    await until(() => store.getState().unsent.away);
    expect(store.getState().unsent.queue).toHaveLength(1);

    const calls = fakeServer({ [`POST /rings/${RING_ID}/events`]: () => ringOf() });
    const next = createStore();
    next.dispatch(unsentOpened());
    await until(() => calls.length === 1 && next.getState().unsent.queue.length === 0);
  });

  it('keeps what the server refuses, lets other rings go on, and tries again when asked', async () => {
    let refusing = true;
    fakeServer({
      [`POST /rings/${RING_ID}/events`]: () => (refusing ? refusal(404, 'There is no such ring.') : ringOf()),
      [`POST /rings/${OTHER}/events`]: () => ringOf(),
    });
    const store = createStore();
    store.dispatch(eventsLogged([done(1), done(2, OTHER)]));
    await until(() => store.getState().unsent.queue.length === 1);
    expect(store.getState().unsent.refused).toEqual({ [RING_ID]: 'There is no such ring.' });
    refusing = false;
    store.dispatch(sendAgain(RING_ID));
    await until(() => store.getState().unsent.queue.length === 0);
  });
});
