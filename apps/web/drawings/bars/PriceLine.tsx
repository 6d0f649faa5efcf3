import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Path, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { TickLines, useChartText } from './TickLines';

interface PriceLineProps {
  /** One a day, oldest first. */
  values: readonly number[];
  firstLabel: string;
  lastLabel: string;
  write: (value: number) => string;
  describe: string;
  height?: number;
}

const MARGIN = { left: 50, right: 12, top: 12, bottom: 22 } as const;
const TICKS = 3;

/** A price by the day; the last one is marked. */
export function PriceLine({ values, firstLabel, lastLabel, write, describe, height = 120 }: PriceLineProps) {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const x = scaleLinear()
    .domain([0, Math.max(1, values.length - 1)])
    .range([MARGIN.left, Math.max(MARGIN.left + 1, width - MARGIN.right)]);
  const y = scaleLinear()
    .domain([Math.min(...values), Math.max(...values)])
    .nice(TICKS)
    .range([height - MARGIN.bottom, MARGIN.top]);
  const path = line<number>()
    .x((_value, i) => x(i))
    .y((value) => y(value));
  const text = useChartText();
  const last = values.at(-1);
  if (last === undefined) return null;
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)} style={{ height }}>
      {width > 0 ? (
        <Svg width={width} height={height} role="img" aria-label={describe}>
          <TickLines
            ticks={y.ticks(TICKS)}
            y={y}
            left={MARGIN.left}
            right={width - MARGIN.right}
            write={write}
          />
          <Path d={path(values) ?? ''} fill="none" stroke={palette.ink} strokeWidth="2" />
          <Circle cx={x(values.length - 1)} cy={y(last)} r={4} fill={palette.ink} />
          <Text {...text} x={MARGIN.left} y={height - 6}>
            {firstLabel}
          </Text>
          <Text {...text} x={width - MARGIN.right} y={height - 6} textAnchor="end">
            {lastLabel}
          </Text>
        </Svg>
      ) : null}
    </View>
  );
}
