import { MM_PER_US_SIZE } from '@round-mint/core/size';
import type { Bin, Interval } from '@round-mint/core/uncertainty';
import Svg, { Line, Path, Rect, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { spreadPath, spreadScale } from './spread-shape';

interface SizeSpreadProps {
  bins: readonly Bin[];
  interval: Interval;
  targetMm: number;
  width: number;
  /** Writes an inside diameter as a size. */
  write: (insideDiameterMm: number) => string;
}

const HEIGHT = 116;
const BASE = HEIGHT - 30;
const FONT = 'Barlow_500Medium';

/** How the sizes of many rings spread round the target: the hill, the quarter size either way, and where ninety in a hundred lie. */
export function SizeSpread({ bins, interval, targetMm, width, write }: SizeSpreadProps) {
  const palette = usePalette();
  const { x, y } = spreadScale(bins, targetMm, width, BASE);
  const quarter = MM_PER_US_SIZE / 4;
  const [from, to] = [x(targetMm - quarter), x(targetMm + quarter)];
  const ends = [interval.low, interval.high];
  return (
    <Svg
      width={width}
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      role="img"
      aria-label={`Size before the last true-up: ninety rings in a hundred lie between ${interval.low.toFixed(2)} and ${interval.high.toFixed(2)} mm`}
      testID="size-spread"
    >
      <Rect x={from} y={8} width={to - from} height={BASE - 8} fill={palette.target} fillOpacity="0.14" />
      <Path d={spreadPath(bins, x, y, BASE)} fill={palette.fold} stroke={palette.ink} strokeWidth="1.6" />
      <Line x1="0" x2={width} y1={BASE} y2={BASE} stroke={palette.ink} strokeWidth="1" />
      {[from, to].map((at) => (
        <Line
          key={at}
          x1={at}
          x2={at}
          y1={8}
          y2={BASE}
          stroke={palette.target}
          strokeWidth="1"
          strokeDasharray="3 3"
        />
      ))}
      {ends.map((mm) => (
        <Line
          key={mm}
          x1={x(mm)}
          x2={x(mm)}
          y1={BASE - 16}
          y2={BASE + 4}
          stroke={palette.ink}
          strokeWidth="1.6"
        />
      ))}
      <Text
        x={(x(interval.low) + x(interval.high)) / 2}
        y={BASE - 8}
        fill={palette.ink}
        fontFamily={FONT}
        fontSize="13"
        textAnchor="middle"
      >
        90 in 100
      </Text>
      <Text
        x={Math.max(2, from)}
        y={HEIGHT - 12}
        fill={palette.soft}
        fontFamily={FONT}
        fontSize="13"
        textAnchor="middle"
      >
        −¼
      </Text>
      <Text
        x={x(targetMm)}
        y={HEIGHT - 12}
        fill={palette.ink}
        fontFamily={FONT}
        fontSize="13"
        textAnchor="middle"
      >
        {write(targetMm)}
      </Text>
      <Text
        x={Math.min(width - 2, to)}
        y={HEIGHT - 12}
        fill={palette.soft}
        fontFamily={FONT}
        fontSize="13"
        textAnchor="middle"
      >
        +¼
      </Text>
    </Svg>
  );
}
