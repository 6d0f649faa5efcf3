import { faces } from '@round-mint/contract/endpoints-workshop';
import { addressOf } from '@/store/call';
import { readPixels, type ReadPicture } from '@/ui/pixels';

/** A kept picture's pixels. @throws when it is not there, or cannot be read */
export async function facePixels(faceId: string, longestPx?: number): Promise<ReadPicture> {
  const answer = await fetch(new Request(addressOf(faces.file, { id: faceId })));
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
