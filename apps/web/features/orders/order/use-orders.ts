import type { OrderInList } from '@round-mint/contract/orders';
import { useCallback, useMemo } from 'react';
import { calendarOf } from '@/features/orders/promise/shop-model';
import { useSettings } from '@/features/shared/settings/use-settings';
import { usePages, type Paged } from '@/store/lists';
import {
  OVER,
  useGetDayPlanQuery,
  useGetOrderQuery,
  useListOrdersQuery,
  useOrderPagesInfiniteQuery,
} from '@/store/trade-api';
import { lookUp, oneOf, type One } from '@/store/use-one';
import type { Fetch } from '@/ui/Waiting';
import { byDate, isOver, orderRow, type OrderRow } from './order-model';

/** How an order becomes a row, by the day plan as it is. */
function useRowOf(): (order: OrderInList) => OrderRow {
  const plan = useGetDayPlanQuery().data?.plan ?? null;
  const settings = useSettings();
  return useCallback((order) => orderRow(order, plan, calendarOf(settings)), [plan, settings]);
}

/** Every order that something is still to be done with, earliest wanted first. */
export function useOpenOrders(): Fetch<readonly OrderRow[]> {
  const { data, isError, refetch } = useListOrdersQuery();
  const rowOf = useRowOf();
  // One that has just been closed here is over before the list is fetched again.
  const rows = useMemo(
    () => data && byDate(data.filter((order) => !isOver(order))).map(rowOf),
    [data, rowOf],
  );
  return { data: rows, isError, refetch };
}

/** Orders that are over, latest wanted first. @param skip until they are asked for */
export function useOverOrders(skip: boolean): Paged<OrderRow> {
  const pages = usePages(useOrderPagesInfiniteQuery(OVER, { skip }));
  const rowOf = useRowOf();
  const rows = useMemo(() => pages.data?.filter(isOver).map(rowOf), [pages.data, rowOf]);
  return { ...pages, data: rows };
}

/** One order as a row, over or not. */
export function useOrderRow(id: string): One<OrderRow> {
  const { listed, skip } = lookUp<OrderInList>(useListOrdersQuery(), id);
  const one = oneOf(listed, useGetOrderQuery(id, { skip }));
  const rowOf = useRowOf();
  const row = useMemo(() => one.data && rowOf(one.data), [one.data, rowOf]);
  return { ...one, data: row };
}
