import type { ShelfRing } from '@round-mint/contract/shelf';
import type { BenchTraits } from '@round-mint/core/steps';
import { benchPicture } from '@/features/shared/picture/use-bench-picture';
import { fetchPhoto } from '@/features/shared/ring/fetch-photo';
import type { PaperPicture } from '@/features/shared/print/paper';
import { api } from '@/store/api';
import type { useAppDispatch } from '@/store/store';
import { smallerJpeg } from '@/ui/pixels';

type Dispatch = ReturnType<typeof useAppDispatch>;

/** Fine enough for a page or a paper; a phone's own picture is many times as large. */
const LONGEST_PX = 1000;
/** So many of a ring tell enough. */
const MOST_PHOTOS = 3;

async function photograph(id: string, caption: string): Promise<PaperPicture> {
  return { jpeg: await smallerJpeg(await fetchPhoto(id), LONGEST_PX), caption };
}

/** The ring as it is computed; none for work that has no picture. */
async function computed(
  { ringId, ring: { stockId } }: ShelfRing,
  traits: BenchTraits,
  dispatch: Dispatch,
): Promise<readonly PaperPicture[]> {
  const { getRing, getPiece } = api.endpoints;
  const asked = { subscribe: false } as const;
  const ring = await dispatch(getRing.initiate(ringId, asked)).unwrap();
  const piece = await dispatch(getPiece.initiate(stockId, asked)).unwrap();
  const pictured = benchPicture(ring, piece, traits);
  if (!pictured) return [];
  // Pictures come in a file of their own, as what prints does.
  const { computedRing } = await import('@/features/shared/picture/for-paper');
  return [await computedRing(pictured)];
}

/**
 * Pictures of a ring on the shelf: its photographs, or the ring as it is computed. A photograph that is missing, or a ring
 * that cannot be drawn, leaves the rest as it is.
 */
export async function picturesOf(
  item: ShelfRing,
  traits: BenchTraits,
  dispatch: Dispatch,
): Promise<readonly PaperPicture[]> {
  const ids = item.ring.photoIds.slice(0, MOST_PHOTOS);
  const taken = await Promise.allSettled(ids.map((id) => photograph(id, item.ring.name)));
  const found = taken.flatMap((one) => (one.status === 'fulfilled' ? [one.value] : []));
  if (found.length > 0) return found;
  try {
    return await computed(item, traits, dispatch);
  } catch {
    return [];
  }
}
