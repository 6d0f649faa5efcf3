import {
  DndContext,
  MouseSensor,
  TouchSensor,
  useDraggable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import type { Block, Pin } from '@round-mint/core/schedule';
import { useMemo } from 'react';
import { Pressable, View, type DimensionValue } from 'react-native';
import Svg, { Line, Rect, Text as SvgText } from 'react-native-svg';
import { runsOf, toolLanes, type Run } from '@/drawings/day/lane-shape';
import { usePalette } from '@/theme/light';
import { Type } from '@/ui/Type';
import { pinsOf, runWords, whoseRunWords } from './day-model';
import { clockWords } from '@/features/shared/words/wall-clock';

const PX_PER_MIN = 3.8;
const AXIS_PX = 46;
const TOOL_PX = 40;
/** Lower than this a block is pressed, not read. */
const WORDS_FROM_PX = 17;
const LINE_PX = 16;
const MOST_LINES = 5;
/** Pins lie on full five minutes. */
const PIN_GRID_MIN = 5;
const TICK_MIN = 30;

interface DayLanesProps {
  blocks: readonly Block[];
  /** Working spans of the day, wall-clock minutes. */
  spans: readonly { readonly fromMin: number; readonly toMin: number }[];
  names: ReadonlyMap<string, string>;
  pins: readonly Pin[];
  onOpen: (run: Run) => void;
  onPin: (run: Run, startMin: number) => void;
}

/** Colour means something physical: copper is heat, steel blue is force. */
function colourOf(lane: string, palette: ReturnType<typeof usePalette>): string {
  return lane === 'flame' ? palette.heat : lane === 'press' ? palette.force : palette.ink;
}

interface RunProps {
  run: Run;
  top: number;
  words: string;
  /** What it is called where nobody sees whose column it stands in. */
  spoken: string;
  /** Where it stands beside the other pair of hands. */
  column: { readonly left: DimensionValue; readonly right: DimensionValue };
  pinned: boolean;
  onOpen: () => void;
}

/** Half of the width for each pair of hands, with a little between them. */
const HALF = '50.5%';

function columnOf({ byHelper }: Run, isHelped: boolean): RunProps['column'] {
  if (!isHelped) return { left: 0, right: 0 };
  return byHelper ? { left: HALF, right: 0 } : { left: 0, right: HALF };
}

/** One go of the hands, to scale; dragged, it is pinned to another time. */
function RunBlock({ run, top, words, spoken, column, pinned, onOpen }: RunProps) {
  const palette = usePalette();
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id: run.key });
  const height = Math.max(5, (run.toMin - run.fromMin) * PX_PER_MIN - 1);
  const setUp = (run.workMin - run.fromMin) * PX_PER_MIN;
  const lane = run.blocks[0]?.lane ?? 'bench';
  return (
    <View
      ref={setNodeRef as unknown as React.Ref<View>}
      {...(listeners as object)}
      style={{
        position: 'absolute',
        ...column,
        top: top + (transform?.y ?? 0),
        height,
        zIndex: isDragging ? 2 : 1,
      }}
    >
      <Pressable
        role="button"
        aria-label={`${clockWords(run.fromMin)} to ${clockWords(run.toMin)}: ${spoken}${pinned ? ', pinned' : ''}`}
        onPress={onOpen}
        style={{ borderLeftColor: colourOf(lane, palette), borderLeftWidth: 5 }}
        className={`h-full justify-center overflow-hidden border border-line px-2 active:opacity-70 ${isDragging ? 'bg-paper' : 'bg-fold'}`}
      >
        {setUp > 0 ? (
          <View aria-hidden style={{ position: 'absolute', left: 0, right: 0, top: 0, height: setUp }}>
            <Svg width="100%" height={setUp}>
              <Rect x="0" y="0" width="100%" height={setUp} fill={palette.line} />
            </Svg>
          </View>
        ) : null}
        {height >= WORDS_FROM_PX ? (
          <Type
            as="label"
            numberOfLines={Math.min(MOST_LINES, Math.max(1, Math.floor(height / LINE_PX)))}
            style={{ lineHeight: LINE_PX, fontSize: 13 }}
          >
            {`${pinned ? 'pinned · ' : ''}${words}`}
          </Type>
        ) : null}
      </Pressable>
    </View>
  );
}

/** The day to scale, time downwards: hands, and beside them flame, press and baths. */
export function DayLanes({ blocks, spans, names, pins, onOpen, onPin }: DayLanesProps) {
  const palette = usePalette();
  const runs = useMemo(() => runsOf(blocks), [blocks]);
  const tools = useMemo(() => toolLanes(blocks), [blocks]);
  const isHelped = runs.some(({ byHelper }) => byHelper);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 250, tolerance: 8 } }),
  );
  // Hours that are over, or in which nothing is done yet, need not be scrolled past.
  const from = Math.min(...blocks.map(({ startMin }) => startMin));
  const to = Math.max(...spans.map(({ toMin }) => toMin), ...blocks.map(({ endMin }) => endMin));
  if (!Number.isFinite(from) || !Number.isFinite(to)) return null;
  const start = Math.floor(from / TICK_MIN) * TICK_MIN;
  const height = (to - start) * PX_PER_MIN + 12;
  const y = (min: number) => (min - start) * PX_PER_MIN + 6;
  const ticks = Array.from(
    { length: Math.floor((to - start) / TICK_MIN) + 1 },
    (_, i) => start + i * TICK_MIN,
  );
  const drop = ({ active, delta }: DragEndEvent) => {
    const run = runs.find(({ key }) => key === active.id);
    if (!run || Math.abs(delta.y) < PX_PER_MIN) return;
    const wanted = Math.round((run.workMin + delta.y / PX_PER_MIN) / PIN_GRID_MIN) * PIN_GRID_MIN;
    onPin(run, wanted);
  };
  const text = { fill: palette.soft, fontFamily: 'Barlow_500Medium', fontSize: '13' } as const;
  return (
    <View testID="day-lanes">
      <View className="flex-row items-end border-b-2 border-ink pb-1">
        <View style={{ width: AXIS_PX }} />
        {(isHelped ? ['you', 'helper'] : ['hands']).map((whose) => (
          <Type key={whose} as="label" className="flex-1">
            {whose}
          </Type>
        ))}
        {tools.map(({ name }) => (
          <Type
            key={name}
            as="small"
            numberOfLines={2}
            style={{ width: TOOL_PX, fontSize: 13, lineHeight: 14 }}
            className="text-center"
          >
            {name.replace(/^(the|warm) | of .*$/g, '')}
          </Type>
        ))}
      </View>
      <View style={{ height }} className="flex-row">
        <View style={{ width: AXIS_PX }} aria-hidden>
          <Svg width={AXIS_PX} height={height}>
            {ticks.map((tick) => (
              <SvgText key={tick} {...text} x={AXIS_PX - 8} y={y(tick) + 4} textAnchor="end">
                {clockWords(tick)}
              </SvgText>
            ))}
          </Svg>
        </View>
        <View className="min-w-0 flex-1">
          <View aria-hidden style={{ position: 'absolute', left: 0, right: 0, top: 0, height }}>
            <Svg width="100%" height={height}>
              {ticks.map((tick) => (
                <Line
                  key={tick}
                  x1="0"
                  x2="100%"
                  y1={y(tick)}
                  y2={y(tick)}
                  stroke={palette.line}
                  strokeWidth="0.7"
                />
              ))}
              {spans.slice(1).map(({ fromMin }, i) => {
                const before = spans[i]?.toMin ?? fromMin;
                return (
                  <Rect
                    key={fromMin}
                    x="0"
                    y={y(before)}
                    width="100%"
                    height={y(fromMin) - y(before)}
                    fill={palette.line}
                    opacity={0.35}
                  />
                );
              })}
            </Svg>
          </View>
          <DndContext sensors={sensors} onDragEnd={drop}>
            {runs.map((run) => (
              <RunBlock
                key={run.key}
                run={run}
                top={y(run.fromMin)}
                words={runWords(run, names)}
                spoken={whoseRunWords(run, names)}
                column={columnOf(run, isHelped)}
                pinned={pinsOf(run, pins).length > 0}
                onOpen={() => onOpen(run)}
              />
            ))}
          </DndContext>
        </View>
        {tools.map(({ name, lane, taken }) => (
          <View key={name} style={{ width: TOOL_PX }}>
            <Svg
              width={TOOL_PX}
              height={height}
              role="img"
              aria-label={`${name}: ${taken.map((one) => `${clockWords(one.fromMin)} to ${clockWords(one.toMin)}`).join(', ')}`}
            >
              <Line x1="0.5" x2="0.5" y1="0" y2={height} stroke={palette.line} />
              {taken.map((one) => (
                <Rect
                  key={one.key}
                  x={8}
                  y={y(one.fromMin)}
                  width={TOOL_PX - 14}
                  height={Math.max(3, (one.handsOffMin - one.fromMin) * PX_PER_MIN - 1)}
                  fill={colourOf(lane, palette)}
                />
              ))}
              {taken
                .filter((one) => one.toMin > one.handsOffMin)
                .map((one) => (
                  <Rect
                    key={`${one.key} by itself`}
                    x={9}
                    y={y(one.handsOffMin)}
                    width={TOOL_PX - 16}
                    height={(one.toMin - one.handsOffMin) * PX_PER_MIN - 1}
                    fill="none"
                    stroke={colourOf(lane, palette)}
                    strokeWidth="1.5"
                    strokeDasharray="3 2"
                  />
                ))}
            </Svg>
          </View>
        ))}
      </View>
    </View>
  );
}
