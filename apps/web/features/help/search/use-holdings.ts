import { useMemo } from 'react';
import { askedBy, useSearchedPages } from '@/features/shared/screen/use-searched-pages';
import { useListKitQuery, useLogPagesInfiniteQuery } from '@/store/api';
import { usePages, type Asked } from '@/store/lists';
import { useOrderPagesInfiniteQuery, usePeoplePagesInfiniteQuery } from '@/store/trade-api';
import { useRings } from '@/store/use-rings';
import { useStockPages } from '@/store/use-stock';
import type { Holding, Holdings } from './search-model';

type Options = { readonly skip: boolean };
const usePeople = (asked: Asked, options: Options) => usePages(usePeoplePagesInfiniteQuery(asked, options));
const useOrders = (asked: Asked, options: Options) => usePages(useOrderPagesInfiniteQuery(asked, options));
const useLog = (asked: Asked, options: Options) => usePages(useLogPagesInfiniteQuery(asked, options));

function holdingOf<T>({ shown, narrowHere }: ReturnType<typeof useSearchedPages<T>>): Holding<T> {
  return { items: shown.data ?? [], isFound: !narrowHere };
}

function whole<T>(items: readonly T[] | undefined): Holding<T> {
  return { items: items ?? [], isFound: false };
}

interface Searched {
  readonly holdings: Holdings;
  /** Whether a list is still on its way. */
  readonly isWaiting: boolean;
  /** Whether a list could not be had. */
  readonly isMissing: boolean;
}

/** What the workshop holds of a search: of long lists what the server finds in them. */
export function useHoldings(search: string): Searched {
  const typed = useMemo(() => askedBy(search), [search]);
  const pieces = useSearchedPages(useStockPages, typed);
  const people = useSearchedPages(usePeople, typed);
  const orders = useSearchedPages(useOrders, typed);
  const log = useSearchedPages(useLog, typed);
  const tools = useListKitQuery();
  const rings = useRings();
  const lists = [pieces.shown, people.shown, orders.shown, log.shown, tools, rings];
  return {
    holdings: {
      pieces: holdingOf(pieces),
      people: holdingOf(people),
      orders: holdingOf(orders),
      log: holdingOf(log),
      tools: whole(tools.data),
      rings: whole(rings.data),
    },
    isWaiting: lists.some(({ data, isError }) => !data && !isError),
    isMissing: lists.some(({ data, isError }) => !data && isError),
  };
}
