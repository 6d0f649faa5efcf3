import type { OrderInList } from '@round-mint/contract/orders';
import { coinReach, exchangeLetter, partExchange } from '@round-mint/core/trade';
import { useDrawer } from '@/store/use-drawer';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Type } from '@/ui/Type';
import { useWriters } from '@/features/shared/settings/use-settings';
import { LetterSheet } from './LetterSheet';
import { useTakeExchange } from './use-take-exchange';
import { useLetterWords } from './use-letter-words';

interface ExchangeSheetProps {
  order: OrderInList;
  person: string;
  price: number;
  onClose: () => void;
}

/** Alike pieces in payment: whether it can be done, what is left to pay, and the letter that says so. */
export function ExchangeSheet({ order, person, price, onClose }: ExchangeSheetProps) {
  const bench = useDrawer();
  const words = useLetterWords(person);
  const { money } = useWriters();
  const piece = bench?.stock.find(({ id }) => id === order.stockId);
  const { take, busy } = useTakeExchange(order, person);
  const { exchange } = order;
  if (!bench || !exchange || piece?.kind !== 'coin') return null;
  const question = {
    metal: piece.metal,
    ...exchange,
    price,
    reachMm: coinReach(piece, bench.kit),
    targetInsideDiameterMm: order.insideDiameterMm,
  };
  const answer = partExchange(question);
  const terms = { ...words, ...exchange, price, piece: piece.name };
  return (
    <LetterSheet
      title="Part exchange"
      letter={exchangeLetter(terms, answer)}
      about={{ kind: 'exchange', personId: order.personId, orderId: order.id, photoIds: [] }}
      action="Put the terms into the outbox"
      onClose={onClose}
    >
      {answer.eligible ? (
        <Notice level="good" title={`${answer.kept} of ${exchange.pieces} pay ${money(answer.credit)}.`}>
          {answer.balance > 0
            ? `Left to pay: ${money(answer.balance)}.`
            : `They get back ${money(-answer.balance)}.`}
        </Notice>
      ) : (
        answer.reasons.map(({ code, message }) => <Notice key={code} level="stop" title={message} />)
      )}
      <Button
        label={`They are here: put all ${exchange.pieces} into stock`}
        disabled={busy || !answer.eligible}
        onPress={() => void take()}
      />
      <Type as="small">At what they were taken for; the ring takes one of its kind out.</Type>
    </LetterSheet>
  );
}
