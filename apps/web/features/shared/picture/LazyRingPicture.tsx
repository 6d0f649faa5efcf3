import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import type { RingPictureProps } from './RingPicture';

/** Pictures come in a file of their own: a page opens without them. */
const RingPicture = lazy(() => import('./RingPicture'));

/** The ring that comes out, in room that is kept free for it. */
export function LazyRingPicture(props: RingPictureProps) {
  return (
    <Suspense fallback={<View style={{ height: props.height }} />}>
      <RingPicture {...props} />
    </Suspense>
  );
}
