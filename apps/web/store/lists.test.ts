import { act, renderHook, waitFor } from '@testing-library/react-native';
import { fakeServer, listOf, pieceOf, refusal } from '@/testing/fake-server';
import { storeWrapper } from '@/testing/render';
import { useListStockQuery, useStockPagesInfiniteQuery } from './api';
import { ALL, usePages } from './lists';
import { usePiece } from './use-stock';

const PIECES = Array.from({ length: 5 }, (_, i) => pieceOf({ id: `piece-${i}`, name: `Piece ${i}` }));

/** A list of five, two a page; the first page's last piece is told again by the second. */
function pagesOfTwo() {
  const pages: Record<string, object> = {
    '': { items: PIECES.slice(0, 2), nextCursor: 'two' },
    two: { items: PIECES.slice(1, 4), nextCursor: 'four' },
    four: { items: PIECES.slice(4), nextCursor: null },
  };
  return fakeServer({
    'GET /stock': ({ query }: { query: URLSearchParams }) => pages[query.get('cursor') ?? ''],
    'GET /stock/piece-4': PIECES[4],
  });
}

describe('a list', () => {
  it('is read to its end where all of it is worked with, each thing once', async () => {
    const calls = pagesOfTwo();
    const { result } = renderHook(() => useListStockQuery(), storeWrapper());
    await waitFor(() => expect(result.current.data).toEqual(PIECES));
    expect(calls.map(({ query }) => query.get('cursor'))).toEqual([null, 'two', 'four']);
  });

  it('is none where a page of it cannot be had: half a drawer is not the drawer', async () => {
    fakeServer({
      'GET /stock': ({ query }: { query: URLSearchParams }) =>
        query.has('cursor') ? refusal(500, 'no') : { items: PIECES, nextCursor: 'more' },
    });
    const { result } = renderHook(() => useListStockQuery(), storeWrapper());
    await waitFor(() => expect(result.current.isError).toBe(true));
    expect(result.current.data).toBeUndefined();
  });

  it('is read on as it is looked at, and says when all of it is there', async () => {
    const calls = pagesOfTwo();
    const { result } = renderHook(() => usePages(useStockPagesInfiniteQuery(ALL)), storeWrapper());
    await waitFor(() => expect(result.current.data).toHaveLength(2));
    act(() => result.current.more?.());
    await waitFor(() => expect(result.current.data).toHaveLength(4));
    act(() => result.current.more?.());
    await waitFor(() => expect(result.current.data).toEqual(PIECES));
    expect(result.current.more).toBeUndefined();
    expect(calls).toHaveLength(3);
  });
});

describe('one piece', () => {
  it('is taken from the list where it is there, else asked for by itself', async () => {
    const calls = pagesOfTwo();
    const { result, rerender } = renderHook(({ id }: { id: string }) => usePiece(id), {
      ...storeWrapper(),
      initialProps: { id: 'piece-1' },
    });
    await waitFor(() => expect(result.current.data?.name).toBe('Piece 1'));
    expect(calls.map(({ path }) => path)).toEqual(['/stock']);
    rerender({ id: 'piece-4' });
    await waitFor(() => expect(result.current.data?.name).toBe('Piece 4'));
    rerender({ id: 'piece-9' });
    await waitFor(() => expect(result.current.isMissing).toBe(true));
    expect(result.current).toMatchObject({ data: undefined, isError: false });
  });
});

describe('an empty list', () => {
  it('is there, and has no more', async () => {
    fakeServer({ 'GET /stock': listOf() });
    const { result } = renderHook(() => usePages(useStockPagesInfiniteQuery(ALL)), storeWrapper());
    await waitFor(() => expect(result.current.data).toEqual([]));
    expect(result.current.more).toBeUndefined();
  });
});
