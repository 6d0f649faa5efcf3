import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import { wakeWorker } from '@/workers/start-job';
import type { RingPictureProps } from './RingPicture';

const load = () => import('./RingPicture');

/** Pictures come in a file of their own: a page opens without them. */
const RingPicture = lazy(load);

/** Fetches what any ring's picture needs, while it is worked out which ring it is. */
export function beginRingPicture(): void {
  wakeWorker();
  // Where it does not come, the picture asks for it again.
  load().catch(() => undefined);
}

/** The ring that comes out, in room that is kept free for it. */
export function LazyRingPicture(props: RingPictureProps) {
  return (
    <Suspense fallback={<View style={{ height: props.height }} />}>
      <RingPicture {...props} />
    </Suspense>
  );
}
