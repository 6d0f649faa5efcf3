import type { HandleRingScene } from './draw-handle-ring';
import { gridTriangles, type RingMesh, type SideMesh } from './ring-mesh';
import { RING_SIDES } from './ring-profile';

/** A bent handle's surfaces as triangles, for any viewer; its ends are closed. Places are those of its pattern's picture. */
export function handleMesh({
  solid,
  inPicture: { along, across },
}: Pick<HandleRingScene, 'solid' | 'inPicture'>): RingMesh {
  const meshes = RING_SIDES.map((side): readonly [string, SideMesh] => {
    const { rows, columns, positionsMm, normals, placesMm } = solid.sides[side];
    const places = new Float32Array(placesMm.length);
    for (let i = 0; i < places.length; i += 2) {
      places[i] = along.at0 + along.perMm * (placesMm[i] ?? 0);
      // Pictures are told from their foot.
      places[i + 1] = 1 - (across.at0 + across.perMm * (placesMm[i + 1] ?? 0));
    }
    return [side, { positionsMm, normals, places, triangles: gridTriangles(rows, columns) }];
  });
  // Every side is named once.
  return Object.fromEntries(meshes) as RingMesh;
}
