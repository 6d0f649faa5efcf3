import { lazy, Suspense } from 'react';
import { View } from 'react-native';
import type { HandlePictureProps } from './HandlePicture';

/** Pictures come in a file of their own: a page opens without them. */
const HandlePicture = lazy(() => import('./HandlePicture'));

/** The ring that a handle comes to, in room that is kept free for it. */
export function LazyHandlePicture(props: HandlePictureProps) {
  return (
    <Suspense fallback={<View style={{ height: props.height }} />}>
      <HandlePicture {...props} />
    </Suspense>
  );
}
