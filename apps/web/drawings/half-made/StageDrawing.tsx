import type { StartedStage } from '@round-mint/core/half-made';
import Svg, { Path } from 'react-native-svg';
import { usePalette } from '@/theme/light';

/** The wall of each stage seen from the side, cut through: metal in ink, the axis between; in a 64 × 40 box. */
const SHAPES: Readonly<Record<StartedStage, { readonly metal: string; readonly ghost?: string }>> = {
  punched: { metal: 'M6 26 H24 M40 26 H58', ghost: 'M24 26 H40' },
  folded: { metal: 'M10 10 L22 33 M54 10 L42 33', ghost: 'M22 33 H42' },
  straight: { metal: 'M18 8 V34 M46 8 V34', ghost: 'M18 34 H46 M18 8 H46' },
  rounded: { metal: 'M20 8 Q10 21 20 34 M44 8 Q54 21 44 34', ghost: 'M20 34 H44 M20 8 H44' },
  band: {
    metal: 'M14 12 A18 6 0 0 1 50 12 A18 6 0 0 1 14 12 V28 A18 6 0 0 0 50 28 V12',
    ghost: 'M20 24 V30 M32 26 V33 M44 24 V30',
  },
};

/** What a half-made piece looks like. */
export function StageDrawing({ stage, width }: { stage: StartedStage; width: number }) {
  const palette = usePalette();
  const { metal, ghost } = SHAPES[stage];
  return (
    <Svg width={width} height={(width * 40) / 64} viewBox="0 0 64 40" aria-hidden>
      {ghost ? <Path d={ghost} fill="none" stroke={palette.soft} strokeWidth="1.5" /> : null}
      <Path
        d={metal}
        fill="none"
        stroke={palette.ink}
        strokeWidth={stage === 'band' ? 2.5 : 5}
        strokeLinecap="butt"
      />
    </Svg>
  );
}
