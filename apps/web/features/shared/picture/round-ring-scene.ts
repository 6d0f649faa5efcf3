import {
  exposed,
  handleMesh,
  handleShadow,
  lookAt,
  newSpot,
  NO_RELIEF,
  reedsOf,
  rimLetters,
  ringMesh,
  ringShadow,
  roomPicture,
  type HandleRingScene,
  type RingLook,
  type RimLetters,
  type RingMesh,
  type RingScene,
  type ShadowPicture,
  type Relief,
} from '@round-mint/core/ring-picture';
import type { Light } from '@/theme/light';

/** A ring as the viewer in the round takes it: all that is computed is done. */
export interface RoundRingScene {
  readonly mesh: RingMesh;
  /** On the ground that it stands on. */
  readonly shadow: ShadowPicture;
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

function edgeRoughness(look: RingLook): number {
  const edge = newSpot();
  lookAt(look, 'rimEdge', 1, 0, 0, edge);
  return edge.roughness;
}

/** The same of a ring from a handle. */
export function roundHandleScene(scene: HandleRingScene): RoundRingScene {
  const { solid, relief, look, depth } = scene;
  return {
    mesh: handleMesh(scene),
    shadow: handleShadow(solid),
    middleMm: solid.heightMm / 2,
    radiusMm: solid.radiusMm,
    edgeRoughness: edgeRoughness(look),
    reeds: 0,
    letters: undefined,
    edgeParts: 1,
    outside: relief,
    inside: NO_RELIEF,
    look,
    depth,
  };
}

export function roundRingScene(scene: RingScene): RoundRingScene {
  const { profile, faceRadiusMm, turn, rim, rimText, outside, inside, look, depth } = scene;
  const points = Object.values(profile).flat();
  return {
    mesh: ringMesh(profile, { faceRadiusMm, turn }),
    shadow: ringShadow(profile),
    middleMm: Math.max(...points.map(({ heightMm }) => heightMm)) / 2,
    radiusMm: Math.max(...points.map(({ radiusMm }) => radiusMm)),
    edgeRoughness: edgeRoughness(look),
    reeds: reedsOf(rim, faceRadiusMm),
    letters: rim === 'lettered' && rimText ? rimLetters(profile.rimEdge, rimText) : undefined,
    edgeParts: profile.rimEdge.length - 1,
    ...{ outside, inside, look, depth },
  };
}

export const ROOM_PX = { width: 128, height: 64 } as const;

/** The room that a ring mirrors, as our own drawings have it: a card holds nothing bright down. */
export function roundRoom(light: Light): Float32Array {
  return roomPicture(light, ROOM_PX.width, ROOM_PX.height).map(exposed);
}
