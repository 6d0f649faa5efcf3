import { scaled, type Ellipse } from '@round-mint/core/photo';
import { useLookedAt, type LookedAt } from '@/features/shared/picture/use-looked-at';
import { readPixels } from '@/ui/pixels';
import { startJob } from '@/workers/start-job';
import { middleCircle } from './rim-model';

interface FoundFace {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly rim: Ellipse;
  /** How it was found: surely, perhaps, or not at all. */
  readonly found: 'sure' | 'unsure' | 'none';
}

/** A photograph of a face that was just taken. */
export type FacePhoto = LookedAt<FoundFace>;

/** As fine as the rim is measured: more pixels only take longer. */
const LOOK_PX = 1600;

async function lookAt(file: File): Promise<FoundFace> {
  const { fileWidthPx: widthPx, fileHeightPx: heightPx, ...small } = await readPixels(file, LOOK_PX);
  const found = await startJob('rim', small, () => undefined).answer;
  return {
    widthPx,
    heightPx,
    rim: found ? scaled(found.ellipse, widthPx / small.widthPx) : middleCircle(widthPx, heightPx),
    found: found ? (found.sure ? 'sure' : 'unsure') : 'none',
  };
}

/** A photograph and the rim in it. */
export function useFacePhoto() {
  return useLookedAt(lookAt);
}
