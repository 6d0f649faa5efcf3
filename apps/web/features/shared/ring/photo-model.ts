import type { Photo } from '@round-mint/contract/photos';

/** The first picture from before and the last one from after: the pair that tells the story. */
export function pairOf(photos: readonly Photo[]): readonly [Photo, Photo] | undefined {
  const before = photos.find(({ part }) => part === 'before');
  const after = photos.findLast(({ part }) => part === 'after');
  return before && after ? [before, after] : undefined;
}
