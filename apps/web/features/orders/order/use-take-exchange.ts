import { countWords } from '@round-mint/core/format';
import type { OrderInList } from '@round-mint/contract/orders';
import { useRef } from 'react';
import { pieceInputOf } from '@/features/shared/words/piece-input';
import { newId } from '@/store/new-id';
import { useSaveStockMutation } from '@/store/api';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { usePiece } from '@/store/use-stock';

/** Puts pieces that came in exchange into the drawer at what they were taken for; the ring takes one of its kind out. */
export function useTakeExchange(order: OrderInList, person: string) {
  const dispatch = useAppDispatch();
  const piece = usePiece(order.stockId ?? undefined).data;
  const [save, { isLoading }] = useSaveStockMutation();
  // Pressed twice, they are put in once.
  const id = useRef(newId());
  const take = async () => {
    const { exchange } = order;
    if (!piece || !exchange) return;
    const { pieces: quantity, valueEach: price } = exchange;
    try {
      await save({
        ...pieceInputOf(piece),
        id: id.current,
        name: `${piece.name.slice(0, 60)}, in exchange`,
        origin: `Part exchange, ${person}`,
        quantity,
        price,
        isNew: true,
      }).unwrap();
      dispatch(
        noticeShown({
          text: `${countWords(quantity, 'piece')} added to stock.`,
          undo: { kind: 'stock', id: id.current },
        }),
      );
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
    }
  };
  return { take, busy: isLoading };
}
