import {
  lookAt,
  newSpot,
  reedsOf,
  rimLetters,
  ringMesh,
  roomPicture,
  type RingLook,
  type RimLetters,
  type RingMesh,
  type RingScene,
  type Relief,
} from '@round-mint/core/ring-picture';
import type { Light } from '@/theme/light';

/** A ring as the viewer in the round takes it: all that is computed is done. */
export interface RoundRingScene {
  readonly mesh: RingMesh;
  /** Half-way up, and farthest from the axis, mm. */
  readonly middleMm: number;
  readonly radiusMm: number;
  /** 0 like a mirror, 1 like chalk. */
  readonly edgeRoughness: number;
  /** How many reeds go round the rim edge. */
  readonly reeds: number;
  /** Letters sunk into the rim edge, and how many parts that edge has. */
  readonly letters: RimLetters | undefined;
  readonly edgeParts: number;
  readonly outside: Relief;
  readonly inside: Relief;
  readonly look: RingLook;
  readonly depth: number;
}

export function roundRingScene(scene: RingScene): RoundRingScene {
  const { profile, faceRadiusMm, turn, rim, rimText, outside, inside, look, depth } = scene;
  const points = Object.values(profile).flat();
  const edge = newSpot();
  lookAt(look, 'rimEdge', 1, 0, 0, edge);
  return {
    mesh: ringMesh(profile, { faceRadiusMm, turn }),
    middleMm: Math.max(...points.map(({ heightMm }) => heightMm)) / 2,
    radiusMm: Math.max(...points.map(({ radiusMm }) => radiusMm)),
    edgeRoughness: edge.roughness,
    reeds: reedsOf(rim, faceRadiusMm),
    letters: rim === 'lettered' && rimText ? rimLetters(profile.rimEdge, rimText) : undefined,
    edgeParts: profile.rimEdge.length - 1,
    ...{ outside, inside, look, depth },
  };
}

export const ROOM_PX = { width: 128, height: 64 } as const;

/** The room that a ring mirrors, as our own drawings have it. */
export function roundRoom(light: Light): Float32Array {
  return roomPicture(light, ROOM_PX.width, ROOM_PX.height);
}
