import { View } from 'react-native';
import Svg, { Circle, Line } from 'react-native-svg';
import { usePalette } from '@/theme/light';

interface StationLineProps {
  /** How many stations there are, and at which one the order stands; −1 for off the line. */
  count: number;
  at: number;
  width: number;
  height?: number;
  /** The token is drawn elsewhere, to be dragged. */
  withoutToken?: boolean;
}

/** How far the ring reaches from its station, px: at either end all of it is seen. */
const TOKEN_REACH = 10.5;

/** Where along the line a station lies, px. */
export function stationX(index: number, count: number, width: number): number {
  const edge = Math.max(TOKEN_REACH, Math.min(14, width / (2 * count)));
  return edge + (index * (width - 2 * edge)) / Math.max(1, count - 1);
}

/** The line an order travels: stations behind it filled, those ahead open, the ring where it stands. */
export function StationLine({ count, at, width, height = 26, withoutToken = false }: StationLineProps) {
  const palette = usePalette();
  const y = height / 2;
  const x = (index: number) => stationX(index, count, width);
  return (
    <View aria-hidden>
      <Svg width={width} height={height}>
        <Line x1={x(0)} x2={x(count - 1)} y1={y} y2={y} stroke={palette.line} strokeWidth="1.5" />
        {at > 0 ? <Line x1={x(0)} x2={x(at)} y1={y} y2={y} stroke={palette.ink} strokeWidth="2.5" /> : null}
        {Array.from({ length: count }, (_, i) => (
          <Circle
            key={i}
            cx={x(i)}
            cy={y}
            r={3}
            fill={i < at ? palette.ink : palette.paper}
            stroke={i < at ? palette.ink : palette.soft}
            strokeWidth="1.2"
          />
        ))}
        {at >= 0 && !withoutToken ? (
          <>
            <Circle cx={x(at)} cy={y} r={8.5} fill={palette.paper} stroke={palette.ink} strokeWidth="3" />
            <Circle cx={x(at)} cy={y} r={4.5} fill="none" stroke={palette.ink} strokeWidth="1" />
          </>
        ) : null}
      </Svg>
    </View>
  );
}
