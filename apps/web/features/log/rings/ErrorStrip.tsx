import type { LogEntry } from '@round-mint/contract/log';
import { quarterFraction } from '@round-mint/core/format';
import { markMm, MM_PER_US_SIZE, SIZE_SYSTEMS } from '@round-mint/core/size';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Rect, Text } from 'react-native-svg';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { usePalette } from '@/theme/light';

const HEIGHT = 92;
const MARGIN = 26;
/** How far the strip reaches either way, and where it is labelled, in marks of the maker's system: a size in the US one. */
const WIDEST_MARKS = 4;
const DOT = 5;
/** Rings of a like size stand below each other. */
const ROWS = 5;
const ROW_PX = 9;

/** Every finished ring by how far its size came out from the plan; the band is a mark either way. */
export function ErrorStrip({ entries }: { entries: readonly LogEntry[] }) {
  const palette = usePalette();
  const write = useWriters();
  const { primarySystem } = useSettings();
  const mark = markMm(primarySystem);
  const [width, setWidth] = useState(0);
  const x = scaleLinear()
    .domain([-WIDEST_MARKS * mark, WIDEST_MARKS * mark])
    .range([MARGIN, Math.max(MARGIN + 1, width - MARGIN)])
    .clamp(true);
  const read = entries.flatMap(({ ringId, sizeErrorUs }) =>
    sizeErrorUs === null ? [] : [{ ringId, offMm: sizeErrorUs * MM_PER_US_SIZE }],
  );
  const middle = 38;
  const inBand = read.filter(({ offMm }) => Math.abs(offMm) <= mark).length;
  const [half, whole] = [WIDEST_MARKS / 2, WIDEST_MARKS].map((marks) =>
    quarterFraction(marks * SIZE_SYSTEMS[primarySystem].step),
  );
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)} style={{ height: HEIGHT }}>
      {width > 0 ? (
        <Svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`Size of ${read.length} rings against the plan: ${inBand} within ${write.amount(mark)}`}
        >
          <Rect
            x={x(-mark)}
            y={12}
            width={x(mark) - x(-mark)}
            height={54}
            fill={palette.target}
            opacity={0.22}
          />
          <Line
            x1={x(-WIDEST_MARKS * mark)}
            x2={x(WIDEST_MARKS * mark)}
            y1={66}
            y2={66}
            stroke={palette.ink}
            strokeWidth="1.2"
          />
          <Line x1={x(0)} x2={x(0)} y1={12} y2={66} stroke={palette.target} strokeWidth="1.5" />
          {[
            { marks: -WIDEST_MARKS, label: `${whole} too small`, anchor: 'start', dx: -20 } as const,
            { marks: -WIDEST_MARKS / 2, label: half, anchor: 'middle', dx: 0 } as const,
            { marks: 0, label: 'on size', anchor: 'middle', dx: 0 } as const,
            { marks: WIDEST_MARKS / 2, label: half, anchor: 'middle', dx: 0 } as const,
            { marks: WIDEST_MARKS, label: `${whole} too large`, anchor: 'end', dx: 20 } as const,
          ].map(({ marks, label, anchor, dx }) => (
            <G key={marks}>
              <Line
                x1={x(marks * mark)}
                x2={x(marks * mark)}
                y1={62}
                y2={70}
                stroke={palette.ink}
                strokeWidth="1.2"
              />
              <Text
                x={x(marks * mark)}
                y={84}
                fill={palette.soft}
                fontFamily="Barlow_500Medium"
                fontSize="12"
                textAnchor={anchor}
                dx={dx}
              >
                {label}
              </Text>
            </G>
          ))}
          {read.map(({ ringId, offMm }, i) => (
            <Circle
              key={ringId}
              cx={x(offMm)}
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
