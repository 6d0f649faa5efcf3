import type { RouteStep } from '@round-mint/core/steps';
import Svg, { Line, Path, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { partPath, scaleFor } from './section-geometry';
import type { FilmMoment } from './film';
import { toolParts } from './tool-outline';
import { WallFigure } from './WallFigure';
import { WallGhost } from './WallGhost';

interface StageDrawingProps {
  moment: FilmMoment;
  /** All frames of the film, so that every one is drawn at the same scale. */
  frames: readonly RouteStep[];
  width: number;
  height: number;
  /** What is drawn, for a screen reader. */
  describe: string;
}

const MARGIN = 12;
/** Room for the tool round the wall, mm. */
const TOOL_ROOM_MM = 3.5;

/** One moment of the film, to scale: the wall, the tool in contact with it, and the wall before the blow as a ghost. */
export function StageDrawing({ moment, frames, width, height, describe }: StageDrawingProps) {
  const palette = usePalette();
  const { frame, outline, before } = moment;
  const scale = scaleFor(
    frames.map((one) => one.outline),
    { width, height, marginPx: MARGIN, roomMm: TOOL_ROOM_MM },
  );
  const parts = frame.contact ? toolParts(frame.contact, outline) : [];
  return (
    <Svg width={width} height={height} viewBox={`0 0 ${width} ${height}`} role="img" aria-label={describe}>
      <Line
        x1={MARGIN / 2}
        x2={MARGIN / 2}
        y1={4}
        y2={height - 4}
        stroke={palette.soft}
        strokeWidth="1"
        strokeDasharray="12 3 2 3"
      />
      <Text x={MARGIN} y={height - 6} fill={palette.soft} fontFamily="Barlow_400Regular" fontSize="13">
        ← axis
      </Text>
      {parts.map((part, i) => (
        <Path
          key={i}
          d={partPath(part, scale)}
          fill={palette.force}
          fillOpacity="0.12"
          stroke={palette.force}
          strokeWidth="1.2"
        />
      ))}
      {before ? <WallGhost outline={before} scale={scale} /> : null}
      <WallFigure outline={outline} scale={scale} />
    </Svg>
  );
}
