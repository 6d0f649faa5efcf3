import { G, Line, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';

/** How text is set in a chart. */
export function useChartText() {
  const palette = usePalette();
  return { fill: palette.soft, fontFamily: 'Barlow_500Medium', fontSize: '13' } as const;
}

interface TickLinesProps {
  ticks: readonly number[];
  y: (value: number) => number;
  left: number;
  right: number;
  write: (value: number) => string;
}

/** Hairlines across a chart, each with its figure at the left edge. */
export function TickLines({ ticks, y, left, right, write }: TickLinesProps) {
  const palette = usePalette();
  const text = useChartText();
  return ticks.map((tick) => (
    <G key={tick}>
      <Line x1={left} x2={right} y1={y(tick)} y2={y(tick)} stroke={palette.line} />
      <Text {...text} x={left - 6} y={y(tick) + 4} textAnchor="end">
        {write(tick)}
      </Text>
    </G>
  ));
}
