import type { OrderInList } from '@round-mint/contract/orders';
import { isHeld } from '@round-mint/core/trade';
import { useCallback } from 'react';
import type { BenchRing } from './bench-model';
import { useListOrdersQuery } from '@/store/trade-api';

/** The order whose customer has to see a ring before its step at hand; undefined where nobody is waited for. */
export function useHolds(): (bench: BenchRing) => OrderInList | undefined {
  const orders = useListOrdersQuery().data;
  return useCallback(
    ({ ring, state }) => {
      const order = orders?.find(({ ringId, state: at }) => ringId === ring.id && at !== 'cancelled');
      return order && isHeld(order, state) ? order : undefined;
    },
    [orders],
  );
}
