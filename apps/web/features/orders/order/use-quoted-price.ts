import type { OrderInList } from '@round-mint/contract/orders';
import type { Price, PriceInput } from '@round-mint/core/trade';
import { useState } from 'react';
import { couponCodeOf } from '@/features/orders/discounts/discount-model';
import { useDiscount } from '@/features/orders/discounts/use-discount';
import { readAmount } from '@/features/shared/inputs/read-amount';
import { useListSizersQuery } from '@/store/trade-api';

/** The code of the sizer that an order came of, or was quoted with; nothing where its coupon is used elsewhere. */
function useSizerCode({ quote, sizerId }: OrderInList, { coupon = 0 }: PriceInput): string {
  const sizers = useListSizersQuery().data;
  const quoted = quote?.discount?.by === 'sizer' ? quote.discount.id : undefined;
  const proposed = quote === null && coupon > 0 ? sizerId : undefined;
  const sizer = sizers?.find(({ id }) => id === (quoted ?? proposed));
  return sizer ? couponCodeOf(sizer) : '';
}

/**
 * The price of a quote as it is typed, and what is left of it to pay: with the code it was quoted with, or the coupon of
 * the sizer that led to it.
 * @param usual by the rates of the workshop, before anything is taken off
 */
export function useQuotedPrice(order: OrderInList, input: PriceInput, usual: Price | undefined) {
  const { quote } = order;
  const before = quote ? quote.price + (quote.discount?.off ?? 0) : usual?.price;
  const [text, setText] = useState(before?.toFixed(2) ?? '');
  const sizerCode = useSizerCode(order, input);
  const code = quote?.discount?.by === 'code' ? quote.discount.code : sizerCode;
  const [typed, setTyped] = useState<{ code?: string; inFull?: boolean }>({});
  const discount = { code, inFull: quote !== null && quote.price < input.meltValue, ...typed };
  // Nothing is given away by a quote.
  const price = readAmount(text) || undefined;
  const asked = useDiscount({ ...discount, price, floor: input.meltValue, personId: order.personId, order });
  const given = asked.answer.kind === 'given' ? asked.answer.given : undefined;
  return {
    ...{ text, setText, price, toPay: asked.toPay, given, discount, asked },
    setDiscount: (change: typeof typed) => setTyped({ ...typed, ...change }),
  };
}
