import { fakeServer } from '@/testing/fake-server';
import { storeWrapper } from '@/testing/render';
import { api, ARCHIVED } from './api';
import { ALL } from './lists';
import { offlineCalls, offlineCallsOf, OPEN_LISTS } from './offline-calls';
import './trade-api';

describe('what is kept for when the server is away', () => {
  it('lies under the very addresses that the store asks for', async () => {
    const asked: string[] = [];
    fakeServer({});
    const answer = globalThis.fetch;
    globalThis.fetch = (request) => {
      const { pathname, search } = new URL((request as Request).url);
      asked.push(pathname + search);
      return answer(request);
    };
    const { dispatch } = storeWrapper().store;
    const { listStock, listRings, ringPages, getSettings, logPages, getRing } = api.endpoints;
    await Promise.all([
      dispatch(listStock.initiate()),
      dispatch(listRings.initiate()),
      dispatch(ringPages.initiate(ARCHIVED)),
      dispatch(getSettings.initiate()),
      dispatch(logPages.initiate(ALL)),
    ]);
    expect(offlineCalls()).toEqual(expect.arrayContaining(asked));
    expect(asked).toContain(OPEN_LISTS.rings);
    asked.length = 0;
    await dispatch(getRing.initiate('one'));
    expect(offlineCallsOf([{ id: 'one' }], [])).toEqual(expect.arrayContaining(asked));
    expect(asked).toHaveLength(1);
  });

  it('names each address once, and what the pages of open orders ask for', () => {
    expect(new Set(offlineCalls()).size).toBe(offlineCalls().length);
    expect(offlineCallsOf([], [{ id: 'two' }])).toEqual([
      '/api/v1/orders/two',
      '/api/v1/orders/two/costs',
      '/api/v1/outbox?orderId=two&limit=200',
    ]);
  });
});
