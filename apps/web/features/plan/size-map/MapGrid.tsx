import type { MapCell, SizeMap } from '@round-mint/core/search';
import { MM_PER_US_SIZE } from '@round-mint/core/size';
import { memo, useMemo } from 'react';
import { Pressable, ScrollView, View } from 'react-native';
import { usePalette } from '@/theme/light';
import { Type } from '@/ui/Type';
import { CELL_WORDS, kindOf, SPOILT, tintOf } from './map-words';

interface MapGridProps {
  map: SizeMap;
  /** The size asked for now: its row is framed. */
  targetMm: number | undefined;
  size: (mm: number) => string;
  length: (mm: number) => string;
  /** What of all that must stay a hole cuts, by name. */
  spoils: (holeMm: number) => readonly string[];
  onChoose: (cell: MapCell) => void;
}

/** A hole that cuts what must stay makes its column paler than this by as much. */
const PALER = 4;
const CELL = { width: 58, height: 44 };
const HEAD_PX = 84;

function bare(text: string): string {
  return text.replace(/\s?(mm|in)$/, '');
}

interface CellProps {
  cell: MapCell;
  tint: number;
  name: string;
  text: string;
  onChoose: (cell: MapCell) => void;
}

/** One cell: width and mark. Drawn anew only when it changes: there are hundreds. */
const Cell = memo(function Cell({ cell, tint, name, text, onChoose }: CellProps) {
  const palette = usePalette();
  const kind = kindOf(cell);
  const { mark } = CELL_WORDS[kind];
  return (
    <Pressable
      role="button"
      aria-label={name}
      aria-disabled={kind === 'not'}
      disabled={kind === 'not'}
      onPress={() => onChoose(cell)}
      style={CELL}
      className={`items-center justify-center border-b border-r border-line active:opacity-70 ${kind === 'tool' ? 'border-dashed' : ''}`}
    >
      <View
        className="absolute inset-0"
        style={{ backgroundColor: palette.target, opacity: kind === 'tool' ? tint / 3 : tint }}
      />
      {kind === 'not' ? <Type as="small">{mark}</Type> : <Type as="label">{`${text}${mark}`}</Type>}
    </Pressable>
  );
});

/** Sizes down, holes across; a tap plans the cell. */
export function MapGrid({ map, targetMm, size, length, spoils, onChoose }: MapGridProps) {
  const tint = useMemo(() => tintOf(map), [map]);
  const cuts = useMemo(() => new Map(map.holesMm.map((holeMm) => [holeMm, spoils(holeMm)])), [map, spoils]);
  const cutBy = (holeMm: number) => cuts.get(holeMm) ?? [];
  const isTarget = (mm: number) => targetMm !== undefined && Math.abs(mm - targetMm) <= MM_PER_US_SIZE / 4;
  return (
    <View className="flex-row" role="group" aria-label="What this coin can become: sizes down, holes across">
      <View style={{ width: HEAD_PX }}>
        <View style={{ height: CELL.height }} className="justify-center border-b border-ink">
          <Type as="small">size \ hole</Type>
        </View>
        {map.sizesMm.map((mm) => (
          <View
            key={mm}
            style={{ height: CELL.height }}
            className={`justify-center border-b border-line ${isTarget(mm) ? 'border-l-4 border-l-ink pl-1' : ''}`}
          >
            <Type as="label">{size(mm)}</Type>
          </View>
        ))}
      </View>
      <ScrollView horizontal className="flex-1">
        <View>
          <View className="flex-row">
            {map.holesMm.map((holeMm) => (
              <View key={holeMm} style={CELL} className="items-center justify-center border-b border-ink">
                <Type as="label">{`${bare(length(holeMm))}${cutBy(holeMm).length > 0 ? ` ${SPOILT.mark}` : ''}`}</Type>
              </View>
            ))}
          </View>
          {map.cells.map((row, i) => (
            <View key={map.sizesMm[i]} className="flex-row">
              {row.map((cell) => (
                <Cell
                  key={cell.holeMm}
                  cell={cell}
                  tint={tint(cell) / (cutBy(cell.holeMm).length > 0 ? PALER : 1)}
                  text={cell.bandWidthMm === undefined ? '' : bare(length(cell.bandWidthMm))}
                  name={`${size(cell.targetMm)}, hole ${length(cell.holeMm)}: ${
                    cell.bandWidthMm === undefined ? '' : `${length(cell.bandWidthMm)} wide, `
                  }${[CELL_WORDS[kindOf(cell)].words, ...cutBy(cell.holeMm).map((name) => `cuts ${name}`)].join(', ')}`}
                  onChoose={onChoose}
                />
              ))}
            </View>
          ))}
        </View>
      </ScrollView>
    </View>
  );
}
