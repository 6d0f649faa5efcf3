import { angleOnFace, type FaceTurn } from '../faces';
import { RING_SIDES, type ProfilePoint, type RingProfile, type RingSide } from './ring-profile';

/** One surface of a ring as triangles; mm, its axis upright, standing on its cut edge. */
export interface SideMesh {
  /** Three numbers for each corner. */
  readonly positionsMm: Float32Array;
  readonly normals: Float32Array;
  /** Two for each: on the picture of the face from its left and from its foot; on edges round the ring and across. */
  readonly places: Float32Array;
  /** Three corners for each triangle, its front to be seen from outside the metal. */
  readonly triangles: Uint32Array;
}

export type RingMesh = Readonly<Record<RingSide, SideMesh>>;

/** Corners round the ring: at these a ring of 20 mm strays from round by 3 µm. */
export const ROUND_CORNERS = 180;

/** Two triangles for each field of a grid of corners, row by row. */
export function gridTriangles(rows: number, columns: number): Uint32Array {
  const triangles = new Uint32Array(6 * (rows - 1) * (columns - 1));
  let next = 0;
  for (let i = 0; i < rows - 1; i++) {
    for (let j = 0; j < columns - 1; j++) {
      const [a, b] = [i * columns + j, i * columns + j + 1];
      triangles.set([a, b, b + columns, a, b + columns, a + columns], next);
      next += 6;
    }
  }
  return triangles;
}

interface Faces {
  readonly faceRadiusMm: number;
  readonly turn: FaceTurn;
}

function sideMesh(side: RingSide, points: readonly ProfilePoint[], { faceRadiusMm, turn }: Faces): SideMesh {
  const row = ROUND_CORNERS + 1;
  const positionsMm = new Float32Array(3 * row * points.length);
  const normals = new Float32Array(3 * row * points.length);
  const places = new Float32Array(2 * row * points.length);
  points.forEach((point, i) => {
    for (let j = 0; j < row; j++) {
      const round = (2 * Math.PI * j) / ROUND_CORNERS;
      const [sin, cos] = [Math.sin(round), Math.cos(round)];
      const at = i * row + j;
      positionsMm.set([point.radiusMm * sin, point.heightMm, point.radiusMm * cos], 3 * at);
      normals.set([point.normalOut * sin, point.normalUp, point.normalOut * cos], 3 * at);
      if (side === 'rimEdge' || side === 'cutEdge') {
        places.set([j / ROUND_CORNERS, i / (points.length - 1)], 2 * at);
      } else {
        const angle = angleOnFace(round, side, turn);
        const far = point.faceMm / faceRadiusMm / 2;
        places.set([0.5 + far * Math.sin(angle), 0.5 + far * Math.cos(angle)], 2 * at);
      }
    }
  });
  return { positionsMm, normals, places, triangles: gridTriangles(points.length, row) };
}

/** A ring's surfaces as triangles, for any viewer: about two milliseconds. */
export function ringMesh(profile: RingProfile, faces: Faces): RingMesh {
  const meshes = RING_SIDES.map((side) => [side, sideMesh(side, profile[side], faces)] as const);
  // Every side is named once.
  return Object.fromEntries(meshes) as RingMesh;
}
