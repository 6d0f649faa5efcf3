import { clearAllListeners } from '@reduxjs/toolkit';
import { RING_ID, eventOf, ringOf } from '@/testing/demo-ring';
import { fakeServer, listOf } from '@/testing/fake-server';
import { api } from './api';
import { createStore } from './store';

const LOG_EVENTS = `POST /rings/${RING_ID}/events`;

/** A store that looks at the ring, the rings in work and the log; what was fetched of each. */
async function watching(answer: () => unknown) {
  const calls = fakeServer({
    'GET /rings': listOf(ringOf()),
    [`GET /rings/${RING_ID}`]: ringOf(),
    'GET /log': listOf(),
    [LOG_EVENTS]: answer,
  });
  const store = createStore();
  await Promise.all([
    store.dispatch(api.endpoints.listRings.initiate()),
    store.dispatch(api.endpoints.getRing.initiate(RING_ID)),
    store.dispatch(api.endpoints.listLog.initiate()),
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
  return { store, log, fetched };
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
    expect(fetched().sort()).toEqual(['/log', '/rings', `/rings/${RING_ID}`].sort());
  });
});
