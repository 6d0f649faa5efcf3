import type { Endpoint, ResponseOf } from '@round-mint/contract/endpoint';
import { freeze } from '@reduxjs/toolkit';
import type { BaseQueryApi, FetchBaseQueryError } from '@reduxjs/toolkit/query';
import { useMemo } from 'react';
import type { z } from 'zod';
import type { GoesOn } from '@/ui/ShowMore';
import type { Fetch } from '@/ui/Waiting';
import type { baseQuery } from './base-query';
import { readSoFar, readToEnd } from './reading-slice';
import { call } from './call';

/** As many as a list gives at once. */
export const MOST_A_PAGE = 200;
/** A list of so many takes a while: how far it is read is told. */
const LONG = 1000;

export type ListCall = Endpoint & {
  readonly response: z.ZodType<{ readonly items: unknown[]; readonly nextCursor: string | null }>;
};

/** The things that a list answers. */
export type ItemsOf<E extends Endpoint> =
  ResponseOf<E> extends { readonly items: readonly (infer Item)[] } ? Item[] : never;

export function itemsOf<T>({ items }: { readonly items: T[] }): T[] {
  return items;
}

/** What a list is asked for, beside where to go on. */
export type Asked = Readonly<Record<string, string>>;

/** Nothing beside what is always asked for. */
export const ALL: Asked = {};

/** A page of a list: the first, or the one at a cursor. */
export function pageOf(list: Endpoint, asked: Asked = ALL, cursor = '', limit = MOST_A_PAGE) {
  return call<Endpoint>(list, { query: { ...asked, limit, ...(cursor === '' ? {} : { cursor }) } });
}

/** Something that a list holds; the log names its entries by their rings. */
type Listed = { readonly id: string } | { readonly ringId: string };

interface Page {
  readonly items: readonly Listed[];
  readonly nextCursor: string | null;
}

type Ask = (sent: Parameters<typeof baseQuery>[0]) => ReturnType<typeof baseQuery>;

/** Pages shift when something comes or goes while they are read: each thing counts once. */
export function once<T extends Listed>(items: readonly T[]): T[] {
  return [...new Map(items.map((item) => ['id' in item ? item.id : item.ringId, item])).values()];
}

/**
 * Reads a list from its beginning to its end, for what is worked out from all of it.
 * @param asked what is always asked for, beside what the query is asked for
 */
export function wholeList<E extends ListCall>(list: E, asked: Asked = ALL, limit = MOST_A_PAGE) {
  return async (
    arg: Asked | void,
    { dispatch }: Pick<BaseQueryApi, 'dispatch'>,
    _options: object,
    ask: (sent: Parameters<Ask>[0]) => unknown,
  ): Promise<{ data: ItemsOf<E> } | { error: FetchBaseQueryError }> => {
    const address = `${list.path}?${new URLSearchParams({ ...asked, ...arg })}`;
    const items: Listed[] = [];
    let cursor = '';
    try {
      do {
        const { data, error } = await (ask as Ask)(pageOf(list, { ...asked, ...arg }, cursor, limit));
        if (error) return { error };
        // As the contract declares this call's answer.
        const page = data as Page;
        // Never changed once it is fetched: frozen page by page, it need not be frozen all at once when it is kept.
        items.push(...freeze(page.items, true));
        cursor = page.nextCursor ?? '';
        if (items.length >= LONG) dispatch(readSoFar({ address, count: items.length }));
      } while (cursor !== '');
    } finally {
      dispatch(readToEnd(address));
    }
    return { data: freeze(once(items)) as ItemsOf<E> };
  };
}

/** A list that is read page by page, as far as it is looked at. @param asked what is always asked for */
export function pagedList<E extends ListCall>(list: E, asked: Asked = ALL, limit = MOST_A_PAGE) {
  return {
    infiniteQueryOptions: {
      initialPageParam: '',
      getNextPageParam: ({ nextCursor }: ResponseOf<E>) => nextCursor ?? undefined,
    },
    query: ({ queryArg, pageParam }: { queryArg: Asked; pageParam: string }) =>
      pageOf(list, { ...asked, ...queryArg }, pageParam, limit),
  };
}

/** A list as far as it was read. */
export type Paged<T> = Fetch<readonly T[]> & GoesOn;

interface InfiniteResult<T> {
  readonly data?: { readonly pages: readonly { readonly items: readonly T[] }[] } | undefined;
  readonly isError: boolean;
  readonly hasNextPage: boolean;
  readonly isFetching: boolean;
  readonly fetchNextPage: () => unknown;
  readonly refetch: () => unknown;
}

/** A list's pages as one list. */
export function usePages<T extends Listed>({
  data,
  isError,
  hasNextPage,
  isFetching,
  fetchNextPage,
  refetch,
}: InfiniteResult<T>): Paged<T> {
  const items = useMemo(() => data && once(data.pages.flatMap((page) => page.items)), [data]);
  return {
    data: items,
    isError,
    refetch,
    more: hasNextPage ? () => void fetchNextPage() : undefined,
    // While it is being fetched anew, no further page would be.
    readingOn: isFetching,
  };
}
