import type { StillView } from '@round-mint/core/ring-picture';
import { useEffect, useRef, useState } from 'react';
import type { RingStillQuestion } from '@/workers/jobs';
import type { Pixels } from '@/ui/pixels';
import { startJob } from '@/workers/start-job';

/** A ring from a coin, or from a handle. */
export type RingStillScene = RingStillQuestion['scene'];

interface Wanted {
  readonly scene: RingStillScene;
  readonly coarse: StillView;
  /** Drawn once nothing newer is wanted; left out while it moves. */
  readonly fine?: StillView | undefined;
}

/** Nothing else has been wanted for so long: there is time for the fine picture. */
const AT_REST_MS = 120;

/**
 * The ring's picture, drawn in a worker: one at a time, and always the last that was wanted, so that turning it neither
 * waits for pictures that nobody looks at any more nor starts a worker for each. A coarse one comes first.
 */
export function useStill(
  scene: RingStillScene | undefined,
  coarse: StillView,
  fine: StillView | undefined,
): Pixels | undefined {
  const [picture, setPicture] = useState<Pixels>();
  const drawer = useRef<ReturnType<typeof drawInTurn> | undefined>(undefined);
  useEffect(() => {
    const turns = drawInTurn(setPicture);
    drawer.current = turns;
    return () => turns.end();
  }, []);
  useEffect(() => {
    if (scene) drawer.current?.want({ scene, coarse, fine });
  }, [scene, coarse, fine]);
  return picture;
}

/** Draws what is wanted, one after the other. */
function drawInTurn(onPicture: (picture: Pixels) => void) {
  let next: Wanted | undefined;
  let isRunning = false;
  let isOver = false;
  let rest: ReturnType<typeof setTimeout> | undefined;
  const draw = (scene: RingStillScene, view: StillView, then?: () => void) => {
    isRunning = true;
    startJob('ringStill', { scene, view }, () => undefined)
      .answer.then((drawn) => {
        if (!isOver) onPicture(drawn);
      })
      .catch(() => undefined)
      .finally(() => {
        isRunning = false;
        if (isOver) return;
        if (next) drawNext();
        else then?.();
      });
  };
  const drawNext = () => {
    const wanted = next;
    next = undefined;
    if (!wanted) return;
    const { scene, coarse, fine } = wanted;
    draw(scene, coarse, () => {
      if (fine) rest = setTimeout(() => draw(scene, fine), AT_REST_MS);
    });
  };
  return {
    want: (wanted: Wanted) => {
      clearTimeout(rest);
      next = wanted;
      if (!isRunning) drawNext();
    },
    end: () => {
      isOver = true;
      clearTimeout(rest);
    },
  };
}
