import type { WallOutline } from '@round-mint/core/steps';
import Svg from 'react-native-svg';
import { scaleFor } from './section-geometry';
import { WallFigure } from './WallFigure';
import { WallGhost } from './WallGhost';

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
  const scale = scaleFor(beside, { width, height, marginPx: 2, roomMm: 0.4 });
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden>
      {before ? <WallGhost outline={before} scale={scale} /> : null}
      <WallFigure outline={outline} scale={scale} />
    </Svg>
  );
}
