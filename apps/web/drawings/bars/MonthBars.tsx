import { scaleBand, scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Rect, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { TickLines, useChartText } from './TickLines';

export interface MonthBar {
  /** Below the bar: "Nov". */
  readonly label: string;
  /** Undefined where nothing is known: a gap, not a nought. */
  readonly value: number | undefined;
  /** On top of it, hatched: what was lost. */
  readonly lost?: number | undefined;
}

interface MonthBarsProps {
  bars: readonly MonthBar[];
  write: (value: number) => string;
  /** The whole chart in a sentence. */
  describe: string;
  height?: number;
}

const MARGIN = { left: 44, right: 6, top: 18, bottom: 22 } as const;
const TICKS = 3;

/** A bar a month; the last one is written out. */
export function MonthBars({ bars, write, describe, height = 150 }: MonthBarsProps) {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const values = bars.map(({ value = 0, lost = 0 }) => value + lost);
  const most = Math.max(0, ...values);
  const least = Math.min(0, ...values);
  const x = scaleBand<number>()
    .domain(bars.map((_, i) => i))
    .range([MARGIN.left, Math.max(MARGIN.left + 1, width - MARGIN.right)])
    .padding(0.28);
  const y = scaleLinear()
    .domain([least, most || 1])
    .nice(TICKS)
    .range([height - MARGIN.bottom, MARGIN.top]);
  const text = useChartText();
  const last = bars.findLastIndex(({ value }) => value !== undefined);
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
          {bars.map(({ label, value, lost = 0 }, i) => {
            const left = x(i) ?? 0;
            const top = y(Math.max(0, value ?? 0));
            return (
              <G key={label + String(i)}>
                {value === undefined ? null : (
                  <Rect
                    x={left}
                    y={top}
                    width={x.bandwidth()}
                    height={Math.max(1, y(Math.min(0, value)) - top)}
                    fill={i === last ? palette.ink : palette.soft}
                  />
                )}
                {lost > 0 ? (
                  <Rect
                    x={left + 0.75}
                    y={y((value ?? 0) + lost)}
                    width={x.bandwidth() - 1.5}
                    height={y(value ?? 0) - y((value ?? 0) + lost)}
                    fill="none"
                    stroke={palette.stop}
                    strokeWidth="1.5"
                    strokeDasharray="3 2"
                  />
                ) : null}
                <Text {...text} x={left + x.bandwidth() / 2} y={height - 6} textAnchor="middle">
                  {label}
                </Text>
                {i === last && value !== undefined ? (
                  <Text
                    {...text}
                    fill={palette.ink}
                    fontFamily="Barlow_600SemiBold"
                    x={left + x.bandwidth() / 2}
                    y={y(Math.max(0, value + lost)) - 5}
                    textAnchor="middle"
                  >
                    {write(value)}
                  </Text>
                ) : null}
              </G>
            );
          })}
        </Svg>
      ) : null}
    </View>
  );
}
