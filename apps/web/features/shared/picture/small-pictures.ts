import { pngOf } from '@/ui/pixels';
import { startJob } from '@/workers/start-job';
import type { PicturedRing } from './pictured-ring';
import { STILL_HELD } from './ring-scene';
import { stillSceneOf } from './still-scene';

/** Twice as fine as it is shown, so that a letter can be told. */
const PX = { widthPx: 184, heightPx: 140 } as const;
/** Some ten kilobytes each. */
const MOST_KEPT = 80;

const kept = new Map<string, string>();

async function draw(pictured: PicturedRing): Promise<string> {
  const scene = await stillSceneOf(pictured);
  const view = { ...STILL_HELD, ...PX, light: 'day' } as const;
  return URL.createObjectURL(
    await pngOf(await startJob('ringStill', { scene, view }, () => undefined).answer),
  );
}

interface Waiting {
  readonly key: string;
  readonly picture: PicturedRing;
  readonly onDrawn: (address: string) => void;
}

const waiting: Waiting[] = [];
let isDrawing = false;

/** One at a time, from the top of the list down: one worker is enough, and it is wanted for other things too. */
async function drawWaiting(): Promise<void> {
  if (isDrawing) return;
  isDrawing = true;
  for (let next = waiting.shift(); next; next = waiting.shift()) {
    const { key, picture, onDrawn } = next;
    try {
      const address = kept.get(key) ?? (await draw(picture));
      kept.set(key, address);
      onDrawn(address);
    } catch {
      // A row without a picture says all the same things.
    }
  }
  isDrawing = false;
  letGo();
}

function letGo(): void {
  for (const [key, address] of kept) {
    if (kept.size <= MOST_KEPT) return;
    kept.delete(key);
    URL.revokeObjectURL(address);
  }
}

/**
 * A small picture of a ring; what was drawn before is there at once.
 * @param key the same for the same picture
 * @returns to be called when nobody waits for it any more
 */
export function smallPicture(
  key: string,
  picture: PicturedRing,
  onDrawn: (address: string) => void,
): () => void {
  const asked = { key, picture, onDrawn };
  waiting.push(asked);
  void drawWaiting();
  return () => {
    const at = waiting.indexOf(asked);
    if (at >= 0) waiting.splice(at, 1);
  };
}
