import Svg, { Path, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { elevationShape } from './elevation-shape';

interface ElevationDrawingProps {
  outsideMm: number;
  widthMm: number;
  turns: number;
  pitchMm: number;
  width: number;
  height: number;
  /** Writes a length the maker's way. */
  length: (mm: number) => string;
}

const MARGIN = 14;
const FONT = 'Barlow_500Medium';

/** The ring seen across the finger, to scale: what lies behind is dashed. */
export function ElevationDrawing({ width, height, length, ...wound }: ElevationDrawingProps) {
  const palette = usePalette();
  const { front, back, acrossMm, tallMm } = elevationShape(wound);
  const pxPerMm = Math.min((width - 2 * MARGIN) / acrossMm, (height - 2 * MARGIN - 22) / tallMm);
  const path = (corners: (typeof front)[number]) =>
    `${corners
      .map(
        ([x, y], i) => `${i === 0 ? 'M' : 'L'}${width / 2 + x * pxPerMm} ${MARGIN + (tallMm - y) * pxPerMm}`,
      )
      .join(' ')} Z`;
  const label = `${length(tallMm)} high`;
  return (
    <Svg
      width={width}
      height={height}
      role="img"
      aria-label={`Across the finger: ${label}, ${length(acrossMm)} outside`}
      testID="elevation"
    >
      {back.map((corners, i) => (
        <Path key={`back-${i}`} d={path(corners)} fill="none" stroke={palette.soft} strokeDasharray="4 3" />
      ))}
      {front.map((corners, i) => (
        <Path
          key={`front-${i}`}
          d={path(corners)}
          fill={palette.fold}
          stroke={palette.ink}
          strokeWidth="1.4"
        />
      ))}
      <Text
        x={width / 2}
        y={MARGIN + tallMm * pxPerMm + 20}
        textAnchor="middle"
        fill={palette.ink}
        fontFamily={FONT}
        fontSize={14}
      >
        {label}
      </Text>
    </Svg>
  );
}
