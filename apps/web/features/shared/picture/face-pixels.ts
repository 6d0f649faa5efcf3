import { readPixels, type ReadPicture } from '@/ui/pixels';
import { faceAddress } from './face-address';

interface PixelsWish {
  /** It is made smaller where a side is longer. */
  readonly longestPx?: number | undefined;
  /** How large it is going to be shown, px: one that is kept smaller may do, and comes sooner. */
  readonly shownPx?: number | undefined;
}

/** A kept picture's pixels. @throws when it is not there, or cannot be read */
export async function facePixels(
  faceId: string,
  { longestPx, shownPx = Infinity }: PixelsWish = {},
): Promise<ReadPicture> {
  const answer = await fetch(new Request(faceAddress(faceId, shownPx)));
  if (!answer.ok) throw new Error('the picture is not there');
  return readPixels(await answer.blob(), longestPx);
}

interface Memory<T> {
  /** What is known under a key, else what is made now. */
  readonly of: (key: string, make: () => Promise<T>) => Promise<T>;
  readonly has: (key: string) => boolean;
}

/** Remembers what was worked out last, so many of it; what failed may do better the next time. */
export function rememberLast<T>(most: number): Memory<T> {
  const kept = new Map<string, Promise<T>>();
  return {
    has: (key) => kept.has(key),
    of: (key, make) => {
      const known = kept.get(key);
      if (known) return known;
      const found = make();
      kept.set(key, found);
      found.catch(() => kept.delete(key));
      const [oldest] = kept.keys();
      if (kept.size > most && oldest !== undefined) kept.delete(oldest);
      return found;
    },
  };
}
