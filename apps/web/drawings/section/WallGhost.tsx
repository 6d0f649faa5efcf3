import { Path } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { sectionLines, type WallOutline } from '@round-mint/core/steps';
import { outlinePath, type SectionScale } from './section-geometry';

interface WallGhostProps {
  outline: WallOutline;
  scale: SectionScale;
}

/** A wall that was there before, thin and dashed. */
export function WallGhost({ outline, scale }: WallGhostProps) {
  const palette = usePalette();
  return (
    <Path
      d={outlinePath(sectionLines(outline), scale)}
      fill="none"
      stroke={palette.soft}
      strokeWidth="1"
      strokeDasharray="3 3"
    />
  );
}
