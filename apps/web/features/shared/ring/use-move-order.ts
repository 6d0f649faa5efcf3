import type { OrderInList, OrderEventInput } from '@round-mint/contract/orders';
import { STATE_NAMES, type OrderState } from '@round-mint/core/trade';
import { newId } from '@/store/new-id';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { useLogOrderMutation } from '@/store/trade-api';

/** Says what happened to an order; a refusal is shown in its own words. Tells whether it was kept. */
export function useMoveOrder() {
  const dispatch = useAppDispatch();
  const [logOrder, { isLoading }] = useLogOrderMutation();
  const log = async (order: Pick<OrderInList, 'id'>, body: OrderEventInput['body'], done?: string) => {
    const event = { id: newId(), at: new Date().toISOString(), body };
    try {
      await logOrder({ id: order.id, events: [event] }).unwrap();
      if (done) dispatch(noticeShown({ text: done }));
      return true;
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
      return false;
    }
  };
  const move = (order: Pick<OrderInList, 'id' | 'name'>, to: OrderState) =>
    log(order, { kind: 'moved', to }, `${order.name}: ${STATE_NAMES[to]}.`);
  return { log, move, busy: isLoading };
}
