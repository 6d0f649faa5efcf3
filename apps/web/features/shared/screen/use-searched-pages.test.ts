import { renderHook, waitFor } from '@testing-library/react-native';
import { fakeServer, pieceOf } from '@/testing/fake-server';
import { storeWrapper } from '@/testing/render';
import { useStockPagesInfiniteQuery } from '@/store/api';
import { ALL, usePages, type Asked } from '@/store/lists';
import { useSearchedPages, wordsOf } from './use-searched-pages';

const usePagesOf = (asked: Asked, options: { readonly skip: boolean }) =>
  usePages(useStockPagesInfiniteQuery(asked, options));
const FIRST = pieceOf({ id: 'first' });
const FOUND = pieceOf({ id: 'found' });

function search(nextCursor: string | null, found: () => unknown) {
  const calls = fakeServer({
    'GET /stock': ({ query }: { query: URLSearchParams }) =>
      query.has('q') ? found() : { items: [FIRST], nextCursor },
  });
  const rendered = renderHook(({ typed }: { typed: Asked }) => useSearchedPages(usePagesOf, typed), {
    ...storeWrapper(),
    initialProps: { typed: ALL },
  });
  const asked = () => calls.flatMap(({ query }) => query.get('q') ?? []);
  return { ...rendered, asked };
}

describe('a search', () => {
  it('is made here where all of the list is', async () => {
    const { result, rerender, asked } = search(null, () => undefined);
    await waitFor(() => expect(result.current.shown.data).toEqual([FIRST]));
    rerender({ typed: { q: 'tern' } });
    await new Promise((resolve) => setTimeout(resolve, 400));
    expect(result.current).toMatchObject({ narrowHere: true, shown: { data: [FIRST] } });
    expect(asked()).toEqual([]);
  });

  it('is made by the server where the list goes on, once the hands pause', async () => {
    const { result, rerender, asked } = search('more', () => ({ items: [FOUND], nextCursor: null }));
    await waitFor(() => expect(result.current.shown.data).toEqual([FIRST]));
    rerender({ typed: { q: 't' } });
    rerender({ typed: { q: 'tern' } });
    await waitFor(() => expect(result.current.shown.data).toEqual([FOUND]));
    expect(result.current.narrowHere).toBe(false);
    expect(result.current.all.data).toEqual([FIRST]);
    expect(asked()).toEqual(['tern']);
  });

  it('is made in what was read while the server is away', async () => {
    const { result, rerender, asked } = search('more', () => {
      throw new TypeError('network');
    });
    await waitFor(() => expect(result.current.shown.data).toEqual([FIRST]));
    rerender({ typed: { q: 'tern' } });
    await waitFor(() => expect(asked()).toEqual(['tern']));
    await waitFor(() => expect(result.current).toMatchObject({ narrowHere: true, shown: { data: [FIRST] } }));
  });
});

describe('wordsOf', () => {
  it('parts at any space, in small letters', () => {
    expect(wordsOf('  Silver  TERN ')).toEqual(['silver', 'tern']);
    expect(wordsOf(' ')).toEqual([]);
  });
});
