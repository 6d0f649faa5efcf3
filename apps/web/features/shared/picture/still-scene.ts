import { reliefOfHandle } from './handle-relief';
import { bendHandle, handleSceneOf, usuallyWorn } from './handle-scene';
import type { PicturedRing } from './pictured-ring';
import { reliefsOf } from './reliefs';
import { plannedAppearance, sceneOf } from './ring-scene';
import type { RingStillScene } from './use-still';

/** Everything that a picture of a ring is drawn from, its faces or its pattern fetched. */
export async function stillSceneOf(pictured: PicturedRing): Promise<RingStillScene> {
  if (pictured.kind === 'handle') {
    const { handle } = pictured;
    const bent = bendHandle(handle, usuallyWorn(handle.work));
    return handleSceneOf(bent, handle, await reliefOfHandle(handle.piece));
  }
  const { ring, finish } = pictured;
  return sceneOf(ring, await reliefsOf(ring.piece, ring.outside), plannedAppearance(finish));
}
