import type { OrderInList } from '@round-mint/contract/orders';
import type { Photo } from '@round-mint/contract/photos';
import type { RingWithEvents } from '@round-mint/contract/rings';
import { metalById } from '@round-mint/core/metal';
import { MM_PER_US_SIZE } from '@round-mint/core/size';
import {
  careWords,
  finishedBand,
  resizeRoom,
  type CareQuestion,
  type FinishedBandFacts,
} from '@round-mint/core/trade';
import { format } from 'date-fns/format';
import { benchRing, ringMetal } from '@/features/shared/ring/bench-model';
import { pairOf } from '@/features/shared/ring/photo-model';
import { fingerWords } from '@/features/shared/words/finger-words';
import type { Writers } from '@/features/shared/settings/use-settings';
import type { CloseOutFacts } from './papers';

const DATE = 'd MMMM yyyy';

/** What a finished ring is; a lining that was only wished for counts, too. */
function careOf(order: OrderInList, ring: RingWithEvents): FinishedBandFacts {
  const { kind, finish, prediction } = ring;
  const { state } = benchRing(ring);
  const band = finishedBand({ kind, metal: ringMetal(ring), finish, prediction, state });
  return { ...band, lined: band.lined || order.wish.lining === 'gold' };
}

function resizeWords(question: CareQuestion, { amount }: Writers): string {
  if (question.seam === 'open') {
    return 'It is open: a maker bends it a little wider or narrower. Do not do it often, metal tires.';
  }
  const { upUs, downUs } = resizeRoom(question);
  const up =
    upUs === 0
      ? 'It cannot be made larger: its wall is too thin.'
      : `Larger by ${amount(upUs * MM_PER_US_SIZE)} at most.`;
  const down = `Smaller by ${amount(downUs * MM_PER_US_SIZE)} at most${question.patterned ? ', the pattern suffers with every size' : ''}.`;
  const seam = question.seam === 'soldered' ? ' It has a soldered seam: tell whoever works on it.' : '';
  return `${up} ${down}${seam} A sizing beyond that is another ring.`;
}

/** What the card says of a ring, without its pictures. */
export function closeOutFacts(
  order: OrderInList,
  ring: RingWithEvents,
  person: string,
  workshop: string,
  write: Writers,
): Omit<CloseOutFacts, 'photos' | 'ring'> {
  const care = careOf(order, ring);
  const { insideDiameterMm, widthMm } = care;
  return {
    workshop,
    // Who bought it ready is not who it was made for.
    person: order.shelfRingId === undefined ? person : '',
    name: order.name,
    dedication: order.wish.dedication,
    facts: [
      ['Made from', ring.stockName],
      ['Metal', metalById(care.metal).name],
      [
        'Size',
        `${write.size(insideDiameterMm)} · ${write.second(insideDiameterMm)} · ${write.length(insideDiameterMm)} inside`,
      ],
      ...(order.shelfRingId === undefined ? [['For', fingerWords(order)] as const] : []),
      ['Width', write.length(widthMm)],
      ['Begun', format(new Date(ring.createdAt), DATE)],
      ...(ring.finishedAt ? [['Finished', format(new Date(ring.finishedAt), DATE)] as const] : []),
    ],
    care: careWords(care),
    resize: resizeWords(care, write),
  };
}

/** The pictures that tell its story: before and after, or the last ones. */
export function historyOf(photos: readonly Photo[]): readonly Photo[] {
  return pairOf(photos) ?? photos.slice(-2);
}
