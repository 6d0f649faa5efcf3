import type { OrderInList } from '@round-mint/contract/orders';
import { saleLetter } from '@round-mint/core/trade';
import { useMemo } from 'react';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { useRing } from '@/store/use-rings';
import { closeOutFacts } from './close-out';
import { LetterSheet } from './LetterSheet';
import { useLetterPicture } from './use-letter-picture';
import { useLetterWords } from './use-letter-words';
import { useOrderPicture } from './use-order-picture';

interface SaleLetterSheetProps {
  order: OrderInList & { readonly ringId: string };
  person: string;
  onClose: () => void;
}

/** To whoever bought a ring from the shelf: what it is, how to care for it. */
export function SaleLetterSheet({ order, person, onClose }: SaleLetterSheetProps) {
  const ring = useRing(order.ringId).data;
  const write = useWriters();
  const { workshopName } = useSettings();
  const words = useLetterWords(person);
  const picture = useLetterPicture(useOrderPicture(order));
  const letter = useMemo(() => {
    const card = ring && closeOutFacts(order, ring, person, workshopName, write);
    return saleLetter({
      ...words,
      ring: order.name,
      price: order.quote?.price ?? 0,
      discount: order.quote?.discount,
      facts: (card?.facts ?? []).map(([name, value]) => `${name}: ${value}`),
      care: card ? [...card.care, card.resize] : [],
      byPost: order.state === 'ready',
    });
  }, [ring, order, person, workshopName, write, words]);
  return (
    <LetterSheet
      title="To the buyer"
      letter={letter}
      picture={picture}
      about={{ kind: 'close-out', personId: order.personId, orderId: order.id, photoIds: [] }}
      action="Put the letter into the outbox"
      missing={ring ? undefined : 'The ring is on its way from the server.'}
      onClose={onClose}
    />
  );
}
