import type { LogSummary } from '@round-mint/contract/log';
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
const MIDDLE = 38;

/** More dots than these would lie over each other: columns are drawn instead. */
const MOST_DOTS = 150;
const COLUMN = 5;
const BASE = 66;
const TOP = 14;

interface MarksProps {
  readonly read: readonly { readonly offMm: number; readonly rings: number }[];
  readonly x: (offMm: number) => number;
}

/** A dot for each ring. */
function Dots({ read, x }: MarksProps) {
  const palette = usePalette();
  const each = read.flatMap(({ offMm, rings }) => Array<number>(rings).fill(offMm));
  return each.map((offMm, i) => (
    <Circle
      key={i}
      cx={x(offMm)}
      cy={MIDDLE + ((i % ROWS) - (ROWS - 1) / 2) * ROW_PX}
      r={DOT}
      fill={palette.paper}
      stroke={palette.ink}
      strokeWidth="2"
    />
  ));
}

/** A column for each size of error, as high as there are rings. */
function Columns({ read, x }: MarksProps) {
  const palette = usePalette();
  const most = Math.max(...read.map(({ rings }) => rings));
  return read.map(({ offMm, rings }) => {
    const height = Math.max(1, ((BASE - TOP) * rings) / most);
    return (
      <Rect
        key={offMm}
        x={x(offMm) - COLUMN / 2}
        y={BASE - height}
        width={COLUMN}
        height={height}
        fill={palette.ink}
      />
    );
  });
}

/** Finished rings by how far their sizes came out from the plan; the band is a mark either way. */
export function ErrorStrip({ sizeErrors }: Pick<LogSummary, 'sizeErrors'>) {
  const palette = usePalette();
  const write = useWriters();
  const { primarySystem } = useSettings();
  const mark = markMm(primarySystem);
  const [width, setWidth] = useState(0);
  const x = scaleLinear()
    .domain([-WIDEST_MARKS * mark, WIDEST_MARKS * mark])
    .range([MARGIN, Math.max(MARGIN + 1, width - MARGIN)])
    .clamp(true);
  const read = sizeErrors.map(({ sizeErrorUs, rings }) => ({ offMm: sizeErrorUs * MM_PER_US_SIZE, rings }));
  const count = (some: typeof read) => some.reduce((sum, { rings }) => sum + rings, 0);
  const all = count(read);
  const inBand = count(read.filter(({ offMm }) => Math.abs(offMm) <= mark));
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
          aria-label={`Size of ${all} rings against the plan: ${inBand} within ${write.amount(mark)}`}
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
                fontSize="13"
                textAnchor={anchor}
                dx={dx}
              >
                {label}
              </Text>
            </G>
          ))}
          {all > MOST_DOTS ? <Columns read={read} x={x} /> : <Dots read={read} x={x} />}
        </Svg>
      ) : null}
    </View>
  );
}
