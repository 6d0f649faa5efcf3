import { useMemo } from 'react';
import { calendarOf } from '@/features/orders/promise/shop-model';
import { useSettings } from '@/features/shared/settings/use-settings';
import { useGetDayPlanQuery, useListOrdersQuery, useListPeopleQuery } from '@/store/trade-api';
import { both, type Fetch } from '@/ui/Waiting';
import { orderRows, type OrderRow } from './order-model';

/** Every order as a row, earliest wanted first. */
export function useOrderRows(): Fetch<readonly OrderRow[]> {
  const fetched = both(useListOrdersQuery(), useListPeopleQuery());
  const plan = useGetDayPlanQuery().data?.plan ?? null;
  const settings = useSettings();
  const { data } = fetched;
  const [orders, people] = data ?? [];
  const rows = useMemo(
    () => orders && people && orderRows(orders, people, plan, calendarOf(settings)),
    [orders, people, plan, settings],
  );
  return { ...fetched, data: rows };
}
