import type { WallOutline } from '@round-mint/core/steps';
import Svg, { Path } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { outlinePath, scaleFor, sectionLines } from './section-geometry';
import { WallFigure } from './WallFigure';

interface WallProfileProps {
  outline: WallOutline;
  /** The wall before, as a ghost. */
  before?: WallOutline | undefined;
  /** Everything that is to be seen at the same scale. */
  beside: readonly WallOutline[];
  width: number;
  height: number;
}

/** A wall in section, small enough to stand beside others at the same scale; what it is, the words beside it say. */
export function WallProfile({ outline, before, beside, width, height }: WallProfileProps) {
  const palette = usePalette();
  const scale = scaleFor(beside, { width, height, marginPx: 2, roomMm: 0.4 });
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
      {before ? (
        <Path
          d={outlinePath(sectionLines(before), scale)}
          fill="none"
          stroke={palette.soft}
          strokeWidth="1"
          strokeDasharray="3 3"
        />
      ) : null}
      <WallFigure outline={outline} scale={scale} />
    </Svg>
  );
}
