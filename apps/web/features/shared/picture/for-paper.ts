import type { PaperPicture } from '@/features/shared/print/paper';
import { jpegOf } from '@/ui/pixels';
import { startJob } from '@/workers/start-job';
import { faceIdOf } from './face-choice';
import { reliefsOf } from './reliefs';
import { bandSceneOf, plannedAppearance, sceneOf, STILL_HELD } from './ring-scene';
import type { PicturedRing } from './use-bench-picture';

const RING_PX = { widthPx: 1000, heightPx: 750 } as const;
/** 300 dots an inch. */
const BAND_PX_PER_MM = 300 / 25.4;

/** A ring and its band for a paper: as the app computes them, on white. */
export async function ringForPaper({ ring, finish }: PicturedRing): Promise<readonly PaperPicture[]> {
  const reliefs = await reliefsOf(ring.piece, ring.outside);
  const appearance = plannedAppearance(finish);
  const still = startJob(
    'ringStill',
    { scene: sceneOf(ring, reliefs, appearance), view: { ...STILL_HELD, ...RING_PX, light: 'day' } },
    () => undefined,
  );
  const drawn = await still.answer;
  const scene = bandSceneOf(ring, reliefs, appearance, 'outside');
  const band = await startJob('band', { scene, pxPerMm: BAND_PX_PER_MM }, () => undefined).answer;
  const hasFace = faceIdOf(ring.piece, ring.outside) !== undefined;
  return [
    {
      jpeg: await jpegOf(drawn),
      caption: hasFace
        ? 'Computed from the plan; relief is estimated from the photograph.'
        : 'Computed from the plan, without a picture of the faces.',
    },
    { jpeg: await jpegOf(band), caption: 'Its outside laid flat.' },
  ];
}
