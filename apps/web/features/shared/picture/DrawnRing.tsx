import type { StillView } from '@round-mint/core/ring-picture';
import { useMemo } from 'react';
import type { Light } from '@/theme/light';
import { PictureCanvas } from './PictureCanvas';
import type { Held } from './use-turning';
import { useStill, type RingStillScene } from './use-still';

interface DrawnRingProps {
  scene: RingStillScene | undefined;
  held: Held;
  width: number;
  height: number;
  light: Light;
  /** While it is turned, and at first, it is drawn coarser and so sooner. */
  isCoarse: boolean;
}

/** As many pixels for one of the page, at rest and while it moves. */
const PIXELS = { fine: 1.6, coarse: 0.6 } as const;

/** A ring drawn without any graphics card. */
export function DrawnRing({ scene, held, width, height, light, isCoarse }: DrawnRingProps) {
  const [coarse, fine] = useMemo((): readonly [StillView, StillView] => {
    const at = (pixels: number): StillView => ({
      ...held,
      light,
      widthPx: Math.round(width * pixels),
      heightPx: Math.round(height * pixels),
      fine: 1,
    });
    return [at(PIXELS.coarse), at(PIXELS.fine)];
  }, [held, light, width, height]);
  const picture = useStill(scene, coarse, isCoarse ? undefined : fine);
  return <PictureCanvas picture={picture} width={width} height={height} />;
}
