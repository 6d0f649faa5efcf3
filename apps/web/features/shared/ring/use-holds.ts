import type { Order } from '@round-mint/contract/orders';
import { approvalStep } from '@round-mint/core/schedule';
import { awaitsApproval } from '@round-mint/core/trade';
import { useCallback } from 'react';
import type { BenchRing } from './bench-model';
import { useListOrdersQuery } from '@/store/trade-api';

/** The order whose customer has to see a ring before its step at hand; undefined where nobody is waited for. */
export function useHolds(): (bench: BenchRing) => Order | undefined {
  const orders = useListOrdersQuery().data;
  return useCallback(
    ({ ring, state }) => {
      const order = orders?.find(({ ringId, state: at }) => ringId === ring.id && at !== 'cancelled');
      if (!order || !awaitsApproval(order)) return undefined;
      return approvalStep(state.steps) === state.step ? order : undefined;
    },
    [orders],
  );
}
