import { scaleBand, scaleLinear } from 'd3-scale';
import Svg, { Line, Rect, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';

interface PlaceBarsProps {
  /** How many rings fell in each part of what was predicted, lowest first. */
  readonly places: readonly number[];
  readonly width: number;
  /** What a ring at either end is called. */
  readonly ends: { readonly low: string; readonly high: string };
}

const HEIGHT = 104;
const BASE = HEIGHT - 26;
const TOP = 8;
const TEXT = { fontFamily: 'Barlow_500Medium', fontSize: '13' } as const;

/** Where rings fell in what was predicted of them, a bar for each tenth; as many were to fall in each. */
export function PlaceBars({ places, width, ends }: PlaceBarsProps) {
  const palette = usePalette();
  const all = places.reduce((sum, count) => sum + count, 0);
  const even = all / places.length;
  const x = scaleBand<number>()
    .domain(places.map((_count, i) => i))
    // Half of an outline lies outside of its bar.
    .range([1, width - 1])
    .paddingInner(0.16);
  const y = scaleLinear()
    .domain([0, Math.max(even * 2, ...places)])
    .range([BASE, TOP]);
  return (
    <Svg
      width={width}
      height={HEIGHT}
      role="img"
      aria-label={`Where ${all} rings fell in what was predicted, a tenth each from ${ends.low} to ${ends.high}: ${places.join(', ')}`}
      testID="place-bars"
    >
      {places.map((count, i) => (
        <Rect
          key={i}
          x={x(i)}
          y={y(count)}
          width={x.bandwidth()}
          height={BASE - y(count)}
          fill={palette.fold}
          stroke={palette.ink}
          strokeWidth={count > 0 ? 1 : 0}
        />
      ))}
      <Line x1={0} x2={width} y1={BASE} y2={BASE} stroke={palette.ink} strokeWidth="1" />
      <Line
        x1={0}
        x2={width}
        y1={y(even)}
        y2={y(even)}
        stroke={palette.target}
        strokeWidth="1.6"
        strokeDasharray="4 4"
      />
      <Text {...TEXT} x={0} y={HEIGHT - 8} fill={palette.soft}>
        {ends.low}
      </Text>
      <Text {...TEXT} x={width / 2} y={HEIGHT - 8} fill={palette.soft} textAnchor="middle">
        as predicted
      </Text>
      <Text {...TEXT} x={width} y={HEIGHT - 8} fill={palette.soft} textAnchor="end">
        {ends.high}
      </Text>
    </Svg>
  );
}
