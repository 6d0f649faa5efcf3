import { Canvas, useThree } from '@react-three/fiber';
import { useEffect } from 'react';
import type { Group } from 'three';
import { STILL_HELD } from './ring-scene';
import type { RoundRingScene } from './round-ring-scene';
import type { Held } from './use-turning';
import { useRoom, useRingGroup } from './round-scene';

// In one file with the viewer, so that what both draw with is loaded once, and only when it is wanted.
export { ringGlb } from './ring-glb';

interface RoundRingProps {
  scene: RoundRingScene;
  held: Held;
  width: number;
  height: number;
  /** What it mirrors. */
  room: Float32Array;
  /** Told once the ring is on the screen. */
  onShown: () => void;
  /** Told when the graphics card gives up. */
  onFailed: () => void;
}

/** The camera stands so many of the ring's radii away, and sees so much. */
const AWAY = 6.5;
const SIGHT_DEG = 22;
/** As it is held at first: what stands high, and its shadow, has to be in the picture, too. */
const TILT_RAD = (STILL_HELD.tiltDeg * Math.PI) / 180;
/** What is nearer looks larger by so much. */
const NEARER = 1.12;

/** The radius that the camera keeps its distance by, mm: a tall ring counts as a larger one. */
function sightRadiusMm({ radiusMm, middleMm, shadow }: RoundRingScene): number {
  const highMm = (shadow.sideMm / 2) * Math.sin(TILT_RAD) + middleMm * Math.cos(TILT_RAD);
  const seenOfRadius = AWAY * Math.tan((SIGHT_DEG * Math.PI) / 360);
  return Math.max(radiusMm, (NEARER * highMm) / seenOfRadius);
}

function Ring({
  group,
  held,
  room,
  onShown,
}: Pick<RoundRingProps, 'held' | 'room' | 'onShown'> & { group: Group }) {
  const invalidate = useThree((state) => state.invalidate);
  useRoom(room);
  useEffect(() => {
    group.rotation.set((held.tiltDeg * Math.PI) / 180, (-held.turnDeg * Math.PI) / 180, 0, 'XYZ');
    group.scale.setScalar(held.zoom);
    invalidate();
  }, [group, held, room, invalidate]);
  useEffect(() => onShown(), [group, onShown]);
  // eslint-disable-next-line react/no-unknown-property -- of the viewer's own elements
  return <primitive object={group} />;
}

/** A ring drawn by the graphics card, only when something about it changes. */
export default function RoundRing({ scene, held, width, height, room, onShown, onFailed }: RoundRingProps) {
  const group = useRingGroup(scene);
  if (!group) return null;
  const radiusMm = sightRadiusMm(scene);
  return (
    <Canvas
      frameloop="demand"
      // Colours are shown as they are, like those of our own drawings.
      flat
      dpr={[1, 2]}
      gl={{ alpha: true, antialias: true }}
      camera={{ position: [0, 0, AWAY * radiusMm], fov: SIGHT_DEG, near: radiusMm, far: 20 * radiusMm }}
      style={{ width, height }}
      aria-hidden
      onCreated={({ gl }) => gl.domElement.addEventListener('webglcontextlost', onFailed)}
    >
      <Ring group={group} held={held} room={room} onShown={onShown} />
    </Canvas>
  );
}
