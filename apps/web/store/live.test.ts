import type { UnknownAction } from '@reduxjs/toolkit';
import { API_PATH } from '@round-mint/contract/endpoint';
import { ENDPOINTS } from '@round-mint/contract/endpoints';
import { RING_ID } from '@/testing/demo-ring';
import { PAGE } from './base-query';
import { listenToChanges } from './live';
import { ALL_TAGS, tagsOf } from './live-tags';

/** Stands in for the browser's stream. */
class FakeStream {
  static readonly CLOSED = 2;
  static opened: FakeStream[] = [];
  readyState = 1;
  onopen?: () => void;
  onmessage?: (event: { data: string }) => void;
  onerror?: () => void;
  constructor(readonly url: string) {
    FakeStream.opened.push(this);
  }
  close() {
    this.readyState = FakeStream.CLOSED;
  }
  hear(resource: string, id?: string) {
    this.onmessage?.({ data: JSON.stringify({ resource, version: 1, ...(id ? { id } : {}) }) });
  }
}

const page = { visibilityState: 'visible', listeners: new Set<() => void>() };
const invalidated = (dispatched: readonly UnknownAction[]) =>
  dispatched.filter(({ type }) => type === 'api/invalidateTags').map(({ payload }) => payload);

let stop: () => void;
let dispatched: UnknownAction[];
const last = () => FakeStream.opened.at(-1)!;

beforeEach(() => {
  jest.useFakeTimers();
  FakeStream.opened = [];
  page.visibilityState = 'visible';
  Object.assign(globalThis, {
    EventSource: FakeStream,
    document: {
      get visibilityState() {
        return page.visibilityState;
      },
      addEventListener: (_name: string, listener: () => void) => page.listeners.add(listener),
      removeEventListener: (_name: string, listener: () => void) => page.listeners.delete(listener),
    },
  });
  dispatched = [];
  const dispatch = (action: unknown) => {
    if (typeof action !== 'function') dispatched.push(action as UnknownAction);
    return action;
  };
  stop = listenToChanges(dispatch);
});

afterEach(() => {
  stop();
  jest.useRealTimers();
});

describe('what other pages change', () => {
  it('is fetched again, what comes close together once', () => {
    expect(last().url).toBe(`${API_PATH}/changes?page=${PAGE}`);
    last().onopen?.();
    last().hear('kit');
    last().hear('stock');
    last().hear('kit');
    expect(invalidated(dispatched)).toEqual([]);
    jest.advanceTimersByTime(200);
    expect(invalidated(dispatched)).toEqual([['Kit', 'Stock']]);
  });

  it('of one ring is that ring’s alone', () => {
    const thunks: unknown[] = [];
    stop();
    stop = listenToChanges((action: unknown) => {
      thunks.push(action);
      return action;
    });
    last().hear('rings', RING_ID);
    last().hear('rings', RING_ID);
    jest.advanceTimersByTime(200);
    expect(thunks).toEqual([expect.any(Function)]);
    last().hear('rings');
    jest.advanceTimersByTime(200);
    expect(thunks[1]).toMatchObject({ payload: tagsOf({ resource: 'rings' }) });
  });

  it('is all fetched again after a time without the stream', () => {
    last().onerror?.();
    last().onopen?.();
    jest.advanceTimersByTime(200);
    expect(invalidated(dispatched)).toEqual([[...ALL_TAGS]]);
  });

  it('is listened to again when the server had ended the stream', () => {
    last().close();
    last().onerror?.();
    expect(FakeStream.opened).toHaveLength(1);
    jest.advanceTimersByTime(3000);
    expect(FakeStream.opened).toHaveLength(2);
  });

  it('is not listened to in the background, and caught up with after', () => {
    page.visibilityState = 'hidden';
    page.listeners.forEach((listener) => listener());
    expect(last().readyState).toBe(FakeStream.CLOSED);
    page.visibilityState = 'visible';
    page.listeners.forEach((listener) => listener());
    last().onopen?.();
    jest.advanceTimersByTime(200);
    expect(invalidated(dispatched)).toEqual([[...ALL_TAGS]]);
  });
});

describe('tagsOf', () => {
  const written = ENDPOINTS.filter(({ method }) => method !== 'get').map(
    ({ path }) => path.split('/')[1] ?? '',
  );

  it.each([...new Set(written)].filter((name) => !['compute', 'import'].includes(name)))(
    'knows what follows from a change of %s',
    (resource) => {
      expect(tagsOf({ resource })).not.toEqual(ALL_TAGS);
    },
  );

  it('fetches everything after what it does not know', () => {
    expect(tagsOf({ resource: 'import' })).toEqual(ALL_TAGS);
  });
});
