import type { SpinnerBlanks } from '@round-mint/core/strip';
import Svg, { Line, Path, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { spinnerShape } from './spinner-shape';

interface SpinnerDrawingProps {
  parts: SpinnerBlanks;
  innerThicknessMm: number;
  outerThicknessMm: number;
  outerWidthMm: number;
  width: number;
  height: number;
  /** Writes a length the maker's way. */
  length: (mm: number, decimals?: number) => string;
}

const MARGIN = { top: 26, bottom: 30 };
/** Room for the words beside the bands, on either side. */
const LABEL_PX = 122;
const FONT = 'Barlow_500Medium';

/** Both bands in section, to scale: the inner one flared, the outer one turning between its edges. */
export function SpinnerDrawing({ width, height, length, ...bands }: SpinnerDrawingProps) {
  const palette = usePalette();
  const { parts, outerWidthMm } = bands;
  const { inner, outer, deepMm, tallMm } = spinnerShape(bands);
  const pxPerMm = Math.min((height - MARGIN.top - MARGIN.bottom) / tallMm, (width - 2 * LABEL_PX) / deepMm);
  const left = (width - deepMm * pxPerMm) / 2;
  const path = (corners: typeof inner) =>
    `${corners
      .map(([x, y], i) => `${i === 0 ? 'M' : 'L'}${left + x * pxPerMm} ${MARGIN.top + y * pxPerMm}`)
      .join(' ')} Z`;
  const middle = MARGIN.top + (tallMm * pxPerMm) / 2;
  const text = { fill: palette.ink, fontFamily: FONT, fontSize: 14 };
  const right = left + deepMm * pxPerMm + 14;
  return (
    <Svg
      width={width}
      height={height}
      role="img"
      aria-label={`Section of both bands: inner ${length(parts.innerWidthMm)} wide, outer ${length(outerWidthMm)}, flared to ${length(parts.flareOutsideDiameterMm)}`}
      testID="spinner-section"
    >
      <Line x1={12} x2={12} y1={8} y2={height - 8} stroke={palette.soft} strokeDasharray="12 4 2 4" />
      <Path d={path(inner)} fill={palette.fold} stroke={palette.ink} strokeWidth="1.5" />
      <Path d={path(outer)} fill={palette.paper} stroke={palette.force} strokeWidth="2" />
      <Text x={left - 12} y={middle - 10} textAnchor="end" {...text}>
        inner band
      </Text>
      <Text x={left - 12} y={middle + 10} textAnchor="end" {...text}>
        {`${length(parts.innerWidthMm)} wide`}
      </Text>
      <Text x={right} y={middle - 10} {...text} fill={palette.force}>
        outer band
      </Text>
      <Text x={right} y={middle + 10} {...text}>
        {`⌀ ${length(parts.outerInsideDiameterMm)} inside`}
      </Text>
      <Text x={width / 2} y={height - 8} textAnchor="middle" {...text}>
        {`edges flared to ⌀ ${length(parts.flareOutsideDiameterMm)}`}
      </Text>
    </Svg>
  );
}
