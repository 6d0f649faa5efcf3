import { faces } from '@round-mint/contract/endpoints-workshop';
import { addressOf } from '@/store/call';
import { readPixels, type ReadPicture } from '@/ui/pixels';

interface PixelsWish {
  /** It is made smaller where a side is longer. */
  readonly longestPx?: number | undefined;
  /** A face is also kept smaller, and comes sooner so. */
  readonly kept?: '512' | undefined;
}

/** A kept picture's pixels. @throws when it is not there, or cannot be read */
export async function facePixels(faceId: string, { longestPx, kept }: PixelsWish = {}): Promise<ReadPicture> {
  const address = addressOf(faces.file, { id: faceId });
  const answer = await fetch(new Request(kept ? `${address}?sidePx=${kept}` : address));
  if (!answer.ok) throw new Error('the picture is not there');
  return readPixels(await answer.blob(), longestPx);
}

/** Remembers what was worked out last, so many of it; what failed may do better the next time. */
export function rememberLast<T>(most: number): (key: string, make: () => Promise<T>) => Promise<T> {
  const kept = new Map<string, Promise<T>>();
  return (key, make) => {
    const known = kept.get(key);
    if (known) return known;
    const found = make();
    kept.set(key, found);
    found.catch(() => kept.delete(key));
    const [oldest] = kept.keys();
    if (kept.size > most && oldest !== undefined) kept.delete(oldest);
    return found;
  };
}
