import type { LogEntry } from '@round-mint/contract/log';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Rect, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';

const HEIGHT = 92;
const MARGIN = 26;
const WIDEST_US = 1;
const DOT = 5;
/** Rings of a like size stand below each other. */
const ROWS = 5;
const ROW_PX = 9;

/** Every finished ring by how far its size came out from the plan; the band is a quarter size either way. */
export function ErrorStrip({ entries }: { entries: readonly LogEntry[] }) {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const x = scaleLinear()
    .domain([-WIDEST_US, WIDEST_US])
    .range([MARGIN, Math.max(MARGIN + 1, width - MARGIN)])
    .clamp(true);
  const read = entries.flatMap(({ ringId, sizeErrorUs }) =>
    sizeErrorUs === null ? [] : [{ ringId, sizeErrorUs }],
  );
  const middle = 38;
  const inBand = read.filter(({ sizeErrorUs }) => Math.abs(sizeErrorUs) <= 0.25).length;
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)} style={{ height: HEIGHT }}>
      {width > 0 ? (
        <Svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`Size of ${read.length} rings against the plan: ${inBand} within a quarter size`}
        >
          <Rect
            x={x(-0.25)}
            y={12}
            width={x(0.25) - x(-0.25)}
            height={54}
            fill={palette.target}
            opacity={0.22}
          />
          <Line x1={x(-1)} x2={x(1)} y1={66} y2={66} stroke={palette.ink} strokeWidth="1.2" />
          <Line x1={x(0)} x2={x(0)} y1={12} y2={66} stroke={palette.target} strokeWidth="1.5" />
          {[
            [-1, '1 too small'],
            [-0.5, '½'],
            [0, 'on size'],
            [0.5, '½'],
            [1, '1 too large'],
          ].map(([at, label]) => (
            <G key={String(at)}>
              <Line
                x1={x(Number(at))}
                x2={x(Number(at))}
                y1={62}
                y2={70}
                stroke={palette.ink}
                strokeWidth="1.2"
              />
              <Text
                x={x(Number(at))}
                y={84}
                fill={palette.soft}
                fontFamily="Barlow_500Medium"
                fontSize="12"
                textAnchor={at === -1 ? 'start' : at === 1 ? 'end' : 'middle'}
                dx={at === -1 ? -20 : at === 1 ? 20 : 0}
              >
                {label}
              </Text>
            </G>
          ))}
          {read.map(({ ringId, sizeErrorUs }, i) => (
            <Circle
              key={ringId}
              cx={x(sizeErrorUs)}
              cy={middle + ((i % ROWS) - (ROWS - 1) / 2) * ROW_PX}
              r={DOT}
              fill={palette.paper}
              stroke={palette.ink}
              strokeWidth="2"
            />
          ))}
        </Svg>
      ) : null}
    </View>
  );
}
