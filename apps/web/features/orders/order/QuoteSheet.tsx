import type { OrderInList } from '@round-mint/contract/orders';
import { possiblePrice, quoteLetter, type PriceInput } from '@round-mint/core/trade';
import { format } from 'date-fns/format';
import { useMemo, useState } from 'react';
import { longDay } from '@/features/shared/words/dates';
import { wallDate } from '@/features/shared/words/wall-clock';
import { DiscountField } from '@/features/orders/discounts/DiscountField';
import { usePromiseOfOrder } from '@/features/orders/promise/use-promise';
import { PromiseLine } from '@/features/orders/promise/PromiseLine';
import { PaperButton } from '@/features/shared/print/PaperButton';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { problemText } from '@/store/problem';
import { noticeShown } from '@/store/notices-slice';
import { useAppDispatch } from '@/store/store';
import { useSaveOrderMutation } from '@/store/trade-api';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { LetterSheet } from './LetterSheet';
import { inputOf, wishFacts, wishWords } from '@/features/shared/words/order-words';
import { useQuotedPrice } from './use-quoted-price';
import { quotePaper } from './papers';
import { forPaper, useOrderPicture } from './use-order-picture';
import { useLetterPicture } from './use-letter-picture';
import { useLetterWords } from './use-letter-words';

interface QuoteSheetProps {
  order: OrderInList;
  person: string;
  input: PriceInput;
  onClose: () => void;
}

/** The quote: the price may be changed, the letter too; a PDF goes along or is handed over. */
export function QuoteSheet({ order, person, input, onClose }: QuoteSheetProps) {
  const dispatch = useAppDispatch();
  const write = useWriters();
  const { trade, workshopName } = useSettings();
  const words = useLetterWords(person);
  const pictured = useOrderPicture(order);
  const picture = useLetterPicture(pictured);
  const hasPicture = picture?.goes ?? false;
  const [save] = useSaveOrderMutation();
  const [base] = useState(order);
  const usual = possiblePrice({ ...input, coupon: 0 });
  const floor = input.meltValue;
  const { text, setText, price, toPay, given, discount, asked, setDiscount } = useQuotedPrice(
    order,
    input,
    usual,
  );
  const promise = usePromiseOfOrder(order);
  const { likelyMin = Infinity } = promise.answer ?? {};
  const ready = Number.isFinite(likelyMin) ? wallDate(likelyMin) : undefined;
  const readyBy = ready ? format(ready, 'yyyy-MM-dd') : null;
  const readyWords = ready && longDay(ready);
  const ring = wishWords(order, write);
  const letter = useMemo(
    () =>
      quoteLetter({
        ...words,
        ring,
        price: toPay ?? 0,
        discount: given,
        readyBy: readyWords,
        validDays: trade.quoteDays,
        hasPicture,
      }),
    [words, ring, toPay, given, readyWords, trade.quoteDays, hasPicture],
  );
  const keep = async () => {
    if (toPay === undefined) return false;
    const bySizer = given?.by === 'sizer';
    try {
      const quote = {
        ...{ at: new Date().toISOString(), price: toPay, readyBy },
        input: { ...input, coupon: bySizer ? given.off : 0 },
        ...(given ? { discount: given } : {}),
      };
      const sizerId = bySizer ? given.id : base.sizerId;
      await save({ ...inputOf(base), quote, sizerId, isNew: false, base }).unwrap();
      return true;
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
      return false;
    }
  };
  return (
    <LetterSheet
      title="The quote"
      letter={letter}
      picture={picture}
      about={{ kind: 'quote', personId: order.personId, orderId: order.id, photoIds: [] }}
      action="Put the quote into the outbox"
      before={keep}
      missing={
        price === undefined
          ? 'The price must be an amount such as 84.'
          : asked.answer.kind === 'refused'
            ? 'The discount code does not hold: clear it, or enter another.'
            : undefined
      }
      onClose={onClose}
    >
      <Field label="Price" inputMode="decimal" value={text} onChangeText={setText} testID="quote-price" />
      {usual ? (
        <Type as="small">{`By your rates ${write.money(usual.price)}; making it costs ${write.money(usual.cost)}.`}</Type>
      ) : null}
      {price !== undefined && price < floor ? (
        <Notice level="warn" title={`Below what the piece is worth as metal: ${write.money(floor)}.`} />
      ) : null}
      <DiscountField {...discount} asked={asked} floor={floor} onChange={setDiscount} />
      <PromiseLine job={promise} wantedBy={order.wantedBy} />
      <PaperButton
        label="Save the quote as PDF"
        fileName={`quote-${order.name}`}
        paper={async () =>
          quotePaper({
            ring: await forPaper(pictured),
            workshop: workshopName,
            person,
            name: order.name,
            facts: wishFacts(order, write),
            price: write.money(toPay ?? 0),
            discount: given && {
              before: write.money(price ?? 0),
              name: given.by === 'sizer' ? 'Coupon of your sizer' : `Code ${given.code}`,
              off: write.money(given.off),
            },
            readyBy: readyWords,
            validDays: trade.quoteDays,
          })
        }
      />
    </LetterSheet>
  );
}
