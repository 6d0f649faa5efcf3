import type { OrderInList } from '@round-mint/contract/orders';
import { approvalLetter } from '@round-mint/core/trade';
import { View } from 'react-native';
import { benchRing } from '@/features/shared/ring/bench-model';
import { AnswerHere } from '@/features/shared/ring/AnswerHere';
import { PhotoSheet } from '@/features/shared/ring/PhotoSheet';
import { PhotoStrip } from '@/features/shared/ring/PhotoStrip';
import { useWriters } from '@/features/shared/settings/use-settings';
import { useListPhotosQuery } from '@/store/api';
import { useRing } from '@/store/use-rings';
import { useState } from 'react';
import { Button } from '@/ui/Button';
import { Type } from '@/ui/Type';
import { LetterSheet } from './LetterSheet';
import { useLetterPicture } from './use-letter-picture';
import { useLetterWords } from './use-letter-words';
import { useOrderPicture } from './use-order-picture';

interface ApprovalSheetProps {
  order: OrderInList & { readonly ringId: string };
  person: string;
  onClose: () => void;
}

/** What the last reading says, edge by edge. */
function useReadings(ringId: string): readonly string[] {
  const ring = useRing(ringId).data;
  const write = useWriters();
  if (!ring) return [];
  const { state, edges } = benchRing(ring);
  const last = state.readings.at(-1);
  return last
    ? [
        `${edges.rim}: ${write.sizeAndLength(last.rimInsideDiameterMm)}`,
        `${edges.cut}: ${write.sizeAndLength(last.cutInsideDiameterMm)}`,
      ]
    : [];
}

/** Photo and readings to the customer, before the step that cannot be undone. */
export function ApprovalSheet({ order, person, onClose }: ApprovalSheetProps) {
  const { ringId } = order;
  const words = useLetterWords(person);
  const readings = useReadings(ringId);
  const picture = useLetterPicture(useOrderPicture(order));
  const photos = useListPhotosQuery(ringId).data ?? [];
  const [taking, setTaking] = useState(false);
  const last = photos.at(-1);
  if (taking) return <PhotoSheet ringId={ringId} kind="stretch" onClose={() => setTaking(false)} />;
  return (
    <LetterSheet
      title="Ask before you go on"
      letter={approvalLetter({ ...words, ring: order.name, readings, hasPicture: picture?.goes ?? false })}
      picture={picture}
      about={{
        kind: 'approval',
        personId: order.personId,
        orderId: order.id,
        photoIds: last ? [last.id] : [],
      }}
      action="Ask the customer"
      missing={last ? undefined : 'Take a photo first: the customer decides by it.'}
      onClose={onClose}
    >
      <View className="gap-2">
        <Button label={last ? 'Take another photo' : 'Take a photo'} onPress={() => setTaking(true)} />
        <PhotoStrip ringId={ringId} />
        {last ? <Type as="small">The latest goes along.</Type> : null}
        <AnswerHere order={order} onDone={onClose} />
      </View>
    </LetterSheet>
  );
}
