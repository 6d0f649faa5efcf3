import type { StepKind } from '@round-mint/core/steps';
import Svg, { Path } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { silhouetteOf } from './step-silhouette';

interface StepIconProps {
  kind: StepKind;
  size?: number;
  /** Done steps stand back. */
  faded?: boolean;
}

/** The silhouette of a kind of step; copper where there is heat, steel blue where there is force. */
export function StepIcon({ kind, size = 24, faded = false }: StepIconProps) {
  const palette = usePalette();
  const { strokes, about } = silhouetteOf(kind);
  const colour = about === 'heat' ? palette.heat : about === 'force' ? palette.force : palette.ink;
  return (
    <Svg width={size} height={size} viewBox="0 0 24 24" aria-hidden>
      <Path
        d={strokes}
        fill="none"
        stroke={colour}
        strokeOpacity={faded ? 0.45 : 1}
        strokeWidth="1.7"
        strokeLinecap="round"
        strokeLinejoin="round"
      />
    </Svg>
  );
}
