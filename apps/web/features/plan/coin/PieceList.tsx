import type { CoinStock } from '@round-mint/contract/stock';
import { metalById } from '@round-mint/core/metal';
import { memo, useCallback, useMemo, useState } from 'react';
import { Pressable, View } from 'react-native';
import { hasWords, wordsOf } from '@/features/shared/screen/use-searched-pages';
import { useWriters } from '@/features/shared/settings/use-settings';
import { refusalOf } from '@/features/shared/words/piece-words';
import { Type } from '@/ui/Type';
import { VirtualRows } from '@/ui/VirtualRows';
import { useListedPieces, usePieceOutcomes } from './use-piece-outcomes';

interface PieceListProps {
  chosenId: string | undefined;
  onChoose: (id: string) => void;
  /** Words to filter by. */
  search?: string;
}

function widthWords(bandWidthMm: number | undefined, known: boolean, refused: boolean): string {
  if (bandWidthMm !== undefined) return 'wide';
  if (refused) return 'refused';
  return known ? 'not this size' : '';
}

interface PieceRowProps {
  piece: CoinStock;
  bandWidthMm: number | undefined;
  known: boolean;
  chosen: boolean;
  onChoose: (id: string) => void;
}

/** Drawn anew only when its own width or choice changes: the drawer may be long. */
const PieceRow = memo(function PieceRow({ piece, bandWidthMm, known, chosen, onChoose }: PieceRowProps) {
  const write = useWriters();
  return (
    <Pressable
      role="radio"
      aria-checked={chosen}
      onPress={() => onChoose(piece.id)}
      className={`min-h-[60px] flex-row items-center gap-3 border-b border-line px-3 py-2 active:opacity-70 ${
        chosen ? 'bg-fold' : ''
      }`}
    >
      <View className="flex-1">
        <Type as="heading" className={bandWidthMm === undefined && known ? 'text-soft' : ''}>
          {piece.name}
        </Type>
        <Type as="small">{`${metalById(piece.metal).name} · ⌀ ${write.length(piece.diameterMm)}`}</Type>
      </View>
      <View className="items-end">
        <Type as="strong">{bandWidthMm === undefined ? (known ? '–' : '…') : write.length(bandWidthMm)}</Type>
        <Type as="small">{widthWords(bandWidthMm, known, refusalOf(piece) !== undefined)}</Type>
      </View>
    </Pressable>
  );
});

const NO_PIECES: readonly CoinStock[] = [];
const ROW_PX = 66;
/** Until it is known which rows are in sight, the first ones are. */
const FIRST_ROWS = { from: 0, to: 20 };

/** What can become this size: the drawer, each piece with its width. */
export function PieceList({ chosenId, onChoose, search = '' }: PieceListProps) {
  const list = useListedPieces(search);
  const { data: pieces, narrowHere } = list;
  const shown = useMemo(() => {
    const words = narrowHere ? wordsOf(search) : [];
    return (pieces ?? NO_PIECES).filter(({ name, metal }) =>
      hasWords(`${name} ${metalById(metal).name}`, words),
    );
  }, [pieces, narrowHere, search]);
  const [{ from, to }, setDrawn] = useState(FIRST_ROWS);
  const inSight = useMemo(() => shown.slice(from, to + 1), [shown, from, to]);
  const outcomes = usePieceOutcomes(inSight);
  const drawn = useCallback((first: number, last: number) => setDrawn({ from: first, to: last }), []);
  if (pieces && shown.length === 0 && !list.more) return <Type as="small">No piece matches.</Type>;
  return (
    <VirtualRows
      role="radiogroup"
      label="Pieces of stock"
      items={shown}
      keyOf={({ id }) => id}
      rowPx={ROW_PX}
      from={list}
      onDrawn={drawn}
      renderRow={(piece) => (
        <PieceRow
          piece={piece}
          bandWidthMm={outcomes.get(piece)?.bandWidthMm}
          known={outcomes.has(piece)}
          chosen={piece.id === chosenId}
          onChoose={onChoose}
        />
      )}
    />
  );
}
