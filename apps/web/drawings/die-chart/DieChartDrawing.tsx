import { dieCurve, type DieObservation } from '@round-mint/core/kit';
import Svg, { Circle, G, Line, Path, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { chartScale, curvePath } from './chart-shape';

interface DieChartDrawingProps {
  observations: readonly DieObservation[];
  /** Size wanted and the reveal for it. */
  want?:
    | { readonly insideDiameterMm: number; readonly reveal: number; readonly extrapolated: boolean }
    | undefined;
  width: number;
  height: number;
  /** Writes an inside diameter as a size. */
  write: (insideDiameterMm: number) => string;
}

const FONT = 'Barlow_500Medium';

/** Size against reveal: what was seen as dots, the rising line between them, and where to stop for the size wanted. */
export function DieChartDrawing({ observations, want, width, height, write }: DieChartDrawingProps) {
  const palette = usePalette();
  const scale = chartScale(observations, want, width, height);
  const { x, y, revealTicks, sizeTicksMm, box } = scale;
  return (
    <Svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`Die chart of ${observations.length} observations${want ? `; for ${write(want.insideDiameterMm)} stop at reveal ${want.reveal.toFixed(1)}` : ''}`}
      testID="die-chart"
    >
      {sizeTicksMm.map((mm) => (
        <G key={mm}>
          <Line x1={box.left} x2={box.right} y1={y(mm)} y2={y(mm)} stroke={palette.line} strokeWidth="1" />
          <Text
            x={box.left - 6}
            y={y(mm) + 4}
            fill={palette.soft}
            fontFamily={FONT}
            fontSize="13"
            textAnchor="end"
          >
            {write(mm)}
          </Text>
        </G>
      ))}
      {revealTicks.map((reveal) => (
        <G key={reveal}>
          <Line
            x1={x(reveal)}
            x2={x(reveal)}
            y1={box.bottom}
            y2={box.bottom + 5}
            stroke={palette.ink}
            strokeWidth="1"
          />
          <Text
            x={x(reveal)}
            y={box.bottom + 18}
            fill={palette.soft}
            fontFamily={FONT}
            fontSize="13"
            textAnchor="middle"
          >
            {String(reveal)}
          </Text>
        </G>
      ))}
      <Line
        x1={box.left}
        x2={box.right}
        y1={box.bottom}
        y2={box.bottom}
        stroke={palette.ink}
        strokeWidth="1"
      />
      <Path d={curvePath(dieCurve(observations), x, y)} fill="none" stroke={palette.ink} strokeWidth="2" />
      {observations.map(({ reveal, insideDiameterMm }, i) => (
        <Circle
          key={i}
          cx={x(reveal)}
          cy={y(insideDiameterMm)}
          r="4"
          fill={palette.paper}
          stroke={palette.ink}
          strokeWidth="2"
        />
      ))}
      {want ? (
        <G stroke={palette.target} strokeWidth="2" strokeDasharray={want.extrapolated ? '2 4' : '6 3'}>
          <Line
            x1={box.left}
            x2={x(want.reveal)}
            y1={y(want.insideDiameterMm)}
            y2={y(want.insideDiameterMm)}
          />
          <Line x1={x(want.reveal)} x2={x(want.reveal)} y1={y(want.insideDiameterMm)} y2={box.bottom} />
        </G>
      ) : null}
      <Text
        x={box.right}
        y={box.bottom - 6}
        fill={palette.soft}
        fontFamily={FONT}
        fontSize="13"
        textAnchor="end"
      >
        lines showing →
      </Text>
    </Svg>
  );
}
