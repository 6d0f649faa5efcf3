import { clearAllListeners } from '@reduxjs/toolkit';
import { RING_ID, eventOf, ringOf } from '@/testing/demo-ring';
import { fakeServer, listOf } from '@/testing/fake-server';
import { api } from './api';
import { ALL } from './lists';
import { ringChangedElsewhere } from './ring-follower';
import { createStore } from './store';

const LOG_EVENTS = `POST /rings/${RING_ID}/events`;

/** A store that looks at the ring, the rings in work and the log; what was fetched of each. */
async function watching(answer: () => unknown) {
  /** What the server says of the ring. */
  const ring = { answer: ringOf() };
  const calls = fakeServer({
    'GET /rings/in-full': listOf(ringOf()),
    [`GET /rings/${RING_ID}`]: () => ring.answer,
    'GET /log': listOf(),
    [LOG_EVENTS]: answer,
  });
  const store = createStore();
  await Promise.all([
    store.dispatch(api.endpoints.listRings.initiate()),
    store.dispatch(api.endpoints.getRing.initiate(RING_ID)),
    store.dispatch(api.endpoints.logPages.initiate(ALL)),
  ]);
  calls.splice(0);
  const log = (n: number) =>
    store.dispatch(
      api.endpoints.logEvents.initiate({
        ringId: RING_ID,
        events: [eventOf(n, { kind: 'step-done', step: n })],
      }),
    );
  const fetched = () => calls.filter(({ method }) => method === 'GET').map(({ path }) => path);
  return { store, log, fetched, ring };
}

beforeEach(() => jest.useFakeTimers({ advanceTimers: true }));
afterEach(() => jest.useRealTimers());

describe('what follows from a ring', () => {
  it('takes the ring from the answer and asks for the rest once, when the hands pause', async () => {
    const { store, log, fetched } = await watching(() =>
      ringOf([eventOf(1, { kind: 'step-done', step: 1 })]),
    );
    await log(1);
    await log(2);
    expect(api.endpoints.getRing.select(RING_ID)(store.getState()).data?.events).toHaveLength(1);
    expect(api.endpoints.listRings.select()(store.getState()).data?.[0]?.events).toHaveLength(1);
    expect(fetched()).toEqual([]);
    await jest.advanceTimersByTimeAsync(2000);
    expect(fetched()).toEqual(['/log']);
    store.dispatch(clearAllListeners());
  });

  it('asks at once when the ring is over', async () => {
    const { log, fetched } = await watching(() => ({ ...ringOf(), status: 'finished' }));
    await log(1);
    await jest.advanceTimersByTimeAsync(10);
    expect(fetched().sort()).toEqual(['/log', '/rings/in-full', `/rings/${RING_ID}`].sort());
  });
});

describe('a ring that another page has told something of', () => {
  it('is fetched by itself and shown in the list while it goes on', async () => {
    const { store, fetched, ring } = await watching(() => ringOf());
    ring.answer = { ...ringOf(), events: [eventOf(1, { kind: 'step-done', step: 0 })] };
    await store.dispatch(ringChangedElsewhere(RING_ID));
    expect(fetched().filter((path) => path.startsWith('/rings'))).toEqual([`/rings/${RING_ID}`]);
    expect(api.endpoints.listRings.select()(store.getState()).data?.[0]?.events).toHaveLength(1);
    store.dispatch(clearAllListeners());
  });

  it('has all that knows of rings fetched when it ends, or is not known', async () => {
    const { store, fetched, ring } = await watching(() => ringOf());
    ring.answer = { ...ringOf(), status: 'finished' };
    await store.dispatch(ringChangedElsewhere(RING_ID));
    await jest.advanceTimersByTimeAsync(10);
    expect(fetched().filter((path) => path === '/rings/in-full')).toHaveLength(1);
    await store.dispatch(ringChangedElsewhere('00000004-0000-4000-8000-0000000000ff'));
    await jest.advanceTimersByTimeAsync(10);
    expect(fetched().filter((path) => path === '/rings/in-full')).toHaveLength(2);
    store.dispatch(clearAllListeners());
  });
});
