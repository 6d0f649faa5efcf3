import { lazy, Suspense, useCallback, useContext, useMemo, useState } from 'react';
import { LightContext } from '@/theme/light';
import { OWN_DRAG } from '@/ui/use-swipe';
import { DrawnRing } from './DrawnRing';
import { hasGraphics } from './has-graphics';
import { roundHandleScene, roundRingScene, roundRoom } from './round-ring-scene';
import type { RingStillScene } from './use-still';
import { useSlowTurn } from './use-slow-turn';
import type { useTurning } from './use-turning';

/** The viewer in the round comes in a file of its own, and only where there is a card to draw with. */
const RoundRing = lazy(() => import('./RoundRing'));

interface RingStageProps {
  scene: RingStillScene | undefined;
  /** A finer scene follows: there is no use in drawing this one finely. */
  isFirstLook?: boolean | undefined;
  turning: ReturnType<typeof useTurning>;
  width: number;
  height: number;
  /** What is to be seen, for who cannot see it. */
  describe: string;
}

/** The ring, to be turned by finger and by keys, on the paper's own ground. */
export function RingStage({ scene, isFirstLook = false, turning, width, height, describe }: RingStageProps) {
  const light = useContext(LightContext);
  const { held, isMoving, change, handlers } = turning;
  const [isRound, setRound] = useState(hasGraphics);
  const [isShown, setShown] = useState(false);
  const [wasTouched, setTouched] = useState(false);
  const shown = useCallback(() => setShown(true), []);
  const touched = useCallback(() => setTouched(true), []);
  const round = useMemo(() => {
    if (!scene || !isRound) return undefined;
    if ('solid' in scene) return roundHandleScene(scene);
    // What stands with a ring is drawn by our own hand everywhere.
    return scene.beside ? undefined : roundRingScene(scene);
  }, [scene, isRound]);
  const room = useMemo(() => (isRound ? roundRoom(light) : undefined), [isRound, light]);
  useSlowTurn(change, isRound && isShown && !wasTouched);
  return (
    <div
      role="group"
      aria-label={`${describe} Arrow keys turn and tilt it, plus and minus bring it nearer.`}
      tabIndex={0}
      data-testid="ring-view"
      data-turn={Math.round(held.turnDeg)}
      data-zoom={held.zoom}
      onPointerDownCapture={touched}
      onKeyDownCapture={touched}
      {...handlers}
      {...OWN_DRAG}
      style={{
        position: 'relative',
        width,
        height,
        touchAction: 'pan-y',
        cursor: 'grab',
        userSelect: 'none',
      }}
    >
      {round && isShown ? null : (
        <DrawnRing
          scene={scene}
          held={held}
          width={width}
          height={height}
          light={light}
          isCoarse={isMoving || isFirstLook}
        />
      )}
      {round && room ? (
        <div style={{ position: 'absolute', inset: 0 }}>
          <Suspense fallback={null}>
            <RoundRing
              scene={round}
              held={held}
              width={width}
              height={height}
              room={room}
              onShown={shown}
              onFailed={() => setRound(false)}
            />
          </Suspense>
        </div>
      ) : null}
    </div>
  );
}
