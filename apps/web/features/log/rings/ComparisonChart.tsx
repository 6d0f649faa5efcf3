import type { LogEntry } from '@round-mint/contract/log';
import type { Ring } from '@round-mint/contract/rings';
import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Rect, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { Type } from '@/ui/Type';
import { comparisons } from './log-model';

const ROW = 30;
const TOP = 22;
const NAMES = 104;
const RIGHT = 24;
/** How high the band is in which nine of ten were told to lie. */
const BAND = 20;

/** The middle of a row. */
const middleOf = (row: number) => TOP + row * ROW + ROW / 2;
/** Wider deviations are drawn at the edge, percent. */
const WIDEST_PERCENT = 8;

interface ComparisonChartProps {
  readonly entry: LogEntry;
  /** What was told when the ring was begun. */
  readonly forecast: Ring['forecast'];
}

/** How far each figure came out from its prediction, on one scale in percent, and where nine of ten were told to lie. */
export function ComparisonChart({ entry, forecast }: ComparisonChartProps) {
  const palette = usePalette();
  const [width, setWidth] = useState(0);
  const rows = comparisons(entry, forecast).flatMap(({ name, predictedMm, actualMm, toldMm }) => {
    if (actualMm === null) return [];
    const percentOf = (mm: number) => (mm / predictedMm - 1) * 100;
    const told = toldMm && { low: percentOf(toldMm.low), high: percentOf(toldMm.high) };
    return [{ name, percent: percentOf(actualMm), told }];
  });
  if (rows.length === 0) return null;
  const x = scaleLinear()
    .domain([-WIDEST_PERCENT, WIDEST_PERCENT])
    .range([NAMES, Math.max(NAMES + 1, width - RIGHT)])
    .clamp(true);
  const height = TOP + rows.length * ROW + 6;
  const words = rows
    .map(
      ({ name, percent, told }) =>
        `${name} ${percent.toFixed(1)} percent${told ? `, told ${told.low.toFixed(1)} to ${told.high.toFixed(1)}` : ''}`,
    )
    .join('; ');
  return (
    <View onLayout={(event) => setWidth(event.nativeEvent.layout.width)} className="gap-1">
      {width > 0 ? (
        <Svg width={width} height={height} role="img" aria-label={`Off the prediction: ${words}`}>
          {rows.map(({ name, told }, i) =>
            told ? (
              <Rect
                key={name}
                x={x(told.low)}
                y={middleOf(i) - BAND / 2}
                width={x(told.high) - x(told.low)}
                height={BAND}
                fill={palette.fold}
              />
            ) : null,
          )}
          {[-WIDEST_PERCENT, -WIDEST_PERCENT / 2, 0, WIDEST_PERCENT / 2, WIDEST_PERCENT].map((at) => (
            <G key={at}>
              <Line
                x1={x(at)}
                x2={x(at)}
                y1={TOP - 4}
                y2={height}
                stroke={at === 0 ? palette.target : palette.line}
                strokeWidth={at === 0 ? 2 : 1}
              />
              <Text
                x={x(at)}
                y={14}
                fill={palette.soft}
                fontFamily="Barlow_500Medium"
                fontSize="13"
                textAnchor="middle"
              >
                {at === 0 ? 'as predicted' : `${at > 0 ? '+' : '−'}${Math.abs(at)}%`}
              </Text>
            </G>
          ))}
          {rows.map(({ name, percent }, i) => {
            const y = middleOf(i);
            return (
              <G key={name}>
                <Text x={0} y={y + 4} fill={palette.ink} fontFamily="Barlow_500Medium" fontSize="13">
                  {name}
                </Text>
                <Line x1={x(0)} x2={x(percent)} y1={y} y2={y} stroke={palette.ink} strokeWidth="3" />
                <Circle
                  cx={x(percent)}
                  cy={y}
                  r={6}
                  fill={palette.paper}
                  stroke={palette.ink}
                  strokeWidth="2"
                />
              </G>
            );
          })}
        </Svg>
      ) : null}
      {rows.some(({ told }) => told) ? (
        <Type as="small">Shaded: 90 in 100 were to lie there, as told when it was begun.</Type>
      ) : null}
    </View>
  );
}
