import { LazyHandlePicture } from './LazyHandlePicture';
import { LazyRingPicture } from './LazyRingPicture';
import type { PicturedRing } from './pictured-ring';

/** A ring to be turned, whatever it was made of. */
export function PicturedRingView({ pictured, height }: { pictured: PicturedRing; height: number }) {
  return pictured.kind === 'handle' ? (
    <LazyHandlePicture shown={pictured.handle} height={height} />
  ) : (
    <LazyRingPicture ring={pictured.ring} finish={pictured.finish} height={height} />
  );
}
