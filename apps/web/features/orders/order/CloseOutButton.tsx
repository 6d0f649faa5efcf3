import type { OrderInList } from '@round-mint/contract/orders';
import { PaperButton } from '@/features/shared/print/PaperButton';
import { fetchPhoto } from '@/features/shared/ring/fetch-photo';
import { useBenchPicture } from '@/features/shared/picture/use-bench-picture';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { useListPhotosQuery } from '@/store/api';
import { useRing } from '@/store/use-rings';
import { closeOutFacts, historyOf } from './close-out';
import { closeOutPaper } from './papers';
import { forPaper } from './use-order-picture';

const WORDS = { before: 'before', during: 'on the way', after: 'finished' } as const;

async function picture(id: string): Promise<Uint8Array> {
  return new Uint8Array(await (await fetchPhoto(id)).arrayBuffer());
}

interface CloseOutButtonProps {
  order: OrderInList & { readonly ringId: string };
  person: string;
}

/** The card that goes with the ring, as PDF. */
export function CloseOutButton({ order, person }: CloseOutButtonProps) {
  const ring = useRing(order.ringId).data;
  const photos = useListPhotosQuery(order.ringId).data ?? [];
  const pictured = useBenchPicture(ring);
  const write = useWriters();
  const { workshopName } = useSettings();
  if (!ring) return null;
  const paper = async () =>
    closeOutPaper({
      ...closeOutFacts(order, ring, person, workshopName, write),
      ring: await forPaper(pictured),
      photos: await Promise.all(
        historyOf(photos).map(async ({ id, part }) => ({ jpeg: await picture(id), caption: WORDS[part] })),
      ),
    });
  return <PaperButton label="Close-out card as PDF" fileName={`card-${order.name}`} paper={paper} />;
}
