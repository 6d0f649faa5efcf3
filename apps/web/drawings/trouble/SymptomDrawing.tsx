import type { Symptom } from '@round-mint/core/ring';
import Svg, { Path } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { SYMPTOM_SHAPES } from './symptom-shapes';

/** What a trouble looks like: the piece in ink, what is wrong heavier and in the colour of a stop. */
export function SymptomDrawing({ symptom, size }: { symptom: Symptom; size: number }) {
  const palette = usePalette();
  const { piece, wrong } = SYMPTOM_SHAPES[symptom];
  return (
    <Svg width={size} height={size} viewBox="0 0 48 48" aria-hidden>
      <Path d={piece} fill="none" stroke={palette.ink} strokeWidth="2" strokeLinejoin="round" />
      <Path
        d={wrong}
        fill="none"
        stroke={palette.stop}
        strokeWidth="3"
        strokeLinejoin="round"
        strokeLinecap="round"
      />
    </Svg>
  );
}
