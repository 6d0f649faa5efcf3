import type { LearntAnswer } from '@round-mint/contract/learnt';
import { MM_PER_US_SIZE, SIZE_SYSTEMS, sizeMm, type SizeSystemId } from '@round-mint/core/size';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Path, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { runningMean } from './course-model';

const HEIGHT = 190;
const MARGIN = { left: 46, right: 84, top: 14, bottom: 30 } as const;

interface CourseChartProps {
  readonly course: LearntAnswer['course'];
  readonly what: 'size' | 'wall';
  /** The maker's own sizes. */
  readonly system: SizeSystemId;
}

/** What is drawn, in the maker's own sizes, and what a figure of the log is multiplied by for it. */
function scaleOf(what: CourseChartProps['what'], system: SizeSystemId) {
  return what === 'size'
    ? {
        title: `Where turned-in edges and trims landed off, ${SIZE_SYSTEMS[system].prefix} sizes`,
        times: MM_PER_US_SIZE / sizeMm(system),
      }
    : { title: 'Width and edges off, percent', times: 1 };
}

/** The error of predictions, ring by ring: by default and as the rings before had taught; running means. */
export function CourseChart({ course, what, system }: CourseChartProps) {
  const palette = usePalette();
  const { title, times } = scaleOf(what, system);
  const [width, setWidth] = useState(0);
  const points = course.flatMap((point) => {
    const before = what === 'size' ? point.sizeBefore : point.wallBefore;
    const after = what === 'size' ? point.sizeAfter : point.wallAfter;
    return before === undefined || after === undefined
      ? []
      : [{ before: before * times, after: after * times }];
  });
  if (points.length < 2) return null;
  const before = runningMean(points.map((point) => point.before));
  const after = runningMean(points.map((point) => point.after));
  const most = Math.max(...before, ...after) * 1.1;
  const x = scaleLinear()
    .domain([1, points.length])
    .range([MARGIN.left, Math.max(MARGIN.left + 1, width - MARGIN.right)]);
  const y = scaleLinear()
    .domain([0, most])
    .nice(4)
    .range([HEIGHT - MARGIN.bottom, MARGIN.top]);
  const path = line<number>()
    .x((_value, i) => x(i + 1))
    .y((value) => y(value));
  const [lastBefore, lastAfter] = [before.at(-1) ?? 0, after.at(-1) ?? 0];
  const text = { fill: palette.soft, fontFamily: 'Barlow_500Medium', fontSize: '13' } as const;
  // Labels at the lines' ends must not lie on each other.
  const apart = Math.max(0, 16 - Math.abs(y(lastBefore) - y(lastAfter))) / 2;
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)} style={{ height: HEIGHT }}>
      {width > 0 ? (
        <Svg
          width={width}
          height={HEIGHT}
          role="img"
          aria-label={`${title}: by default ${lastBefore.toFixed(2)}, as learnt ${lastAfter.toFixed(2)}, over ${points.length} rings`}
        >
          {y.ticks(4).map((tick) => (
            <G key={tick}>
              <Line x1={MARGIN.left} x2={x(points.length)} y1={y(tick)} y2={y(tick)} stroke={palette.line} />
              <Text {...text} x={MARGIN.left - 8} y={y(tick) + 4} textAnchor="end">
                {tick.toFixed(most < 1 ? 2 : 1)}
              </Text>
            </G>
          ))}
          {x.ticks(Math.min(6, points.length)).map((tick) => (
            <Text {...text} key={tick} x={x(tick)} y={HEIGHT - 10} textAnchor="middle">
              {tick}
            </Text>
          ))}
          <Text {...text} x={x(points.length) + 16} y={HEIGHT - 10}>
            rings
          </Text>
          <Path
            d={path(before) ?? ''}
            fill="none"
            stroke={palette.soft}
            strokeWidth="2"
            strokeDasharray="5 4"
          />
          <Path d={path(after) ?? ''} fill="none" stroke={palette.ink} strokeWidth="2.5" />
          <Text {...text} x={x(points.length) + 8} y={y(lastBefore) + 4 - apart}>
            by default
          </Text>
          <Text {...text} fill={palette.ink} x={x(points.length) + 8} y={y(lastAfter) + 4 + apart}>
            as learnt
          </Text>
        </Svg>
      ) : null}
    </View>
  );
}
