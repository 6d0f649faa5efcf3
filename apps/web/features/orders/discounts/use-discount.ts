import type { OrderInList } from '@round-mint/contract/orders';
import { useMemo } from 'react';
import { dayFromNow } from '@/features/shared/words/wall-clock';
import { useListDiscountsQuery } from '@/store/discounts-api';
import { usePages } from '@/store/lists';
import { useListSizersQuery, useOrderPagesInfiniteQuery } from '@/store/trade-api';
import { answerCode, codesToday, type DiscountAnswer } from './discount-model';

interface Asked {
  /** As it was typed. */
  readonly code: string;
  readonly inFull: boolean;
  /** Before anything is taken off; undefined while it is none. */
  readonly price: number | undefined;
  readonly floor: number;
  /** Who buys; undefined while nobody is named, or for somebody new. */
  readonly personId: string | undefined;
  /** Whether somebody is named who is not kept yet. */
  readonly isNew?: boolean;
  /** The order that it is asked for. */
  readonly order?: Pick<OrderInList, 'id' | 'sizerId'>;
}

/** What is to be paid with a code, and which codes would hold. */
export interface AskedDiscount {
  readonly answer: DiscountAnswer;
  readonly codes: readonly string[];
  /** The price with the discount off; undefined while there is no price. */
  readonly toPay: number | undefined;
}

/** Nobody has this id: whoever is new has ordered nothing and has no sizer. */
const NEW_PERSON = '';

/** Asks a code against all that is known here: it does so while the server is away, too. */
export function useDiscount(asked: Asked): AskedDiscount {
  const { code, inFull, price, floor, personId, isNew = false, order } = asked;
  const discounts = useListDiscountsQuery().data;
  const sizers = useListSizersQuery().data;
  const theirs = useMemo(() => ({ personId: personId ?? '' }), [personId]);
  const orders = usePages(useOrderPagesInfiniteQuery(theirs, { skip: personId === undefined })).data;
  return useMemo(() => {
    const question = {
      ...{ inFull, price: price ?? 0, floor, today: dayFromNow() },
      personId: isNew ? NEW_PERSON : personId,
      otherOrders: personId === undefined ? [] : (orders ?? []).filter(({ id }) => id !== order?.id),
      ownSizerId: order?.sizerId ?? null,
      discounts: discounts ?? [],
      sizers: sizers ?? [],
    };
    const answer = answerCode({ ...question, code });
    const toPay = price === undefined || answer.kind !== 'given' ? price : answer.less.price;
    return { answer, codes: codesToday(question), toPay };
  }, [code, inFull, price, floor, personId, isNew, order, discounts, sizers, orders]);
}
