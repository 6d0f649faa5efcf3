import type { CoinStock } from '@round-mint/contract/stock';
import { metalById } from '@round-mint/core/metal';
import { memo } from 'react';
import { Pressable, View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { refusalOf } from '@/features/shared/words/piece-words';
import { Type } from '@/ui/Type';
import { usePieceOutcomes } from './use-piece-outcomes';

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

/** What can become this size: the drawer, each piece with its width. */
export function PieceList({ chosenId, onChoose, search = '' }: PieceListProps) {
  const outcomes = usePieceOutcomes();
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = outcomes.filter(({ piece }) =>
    words.every((word) => `${piece.name} ${metalById(piece.metal).name}`.toLowerCase().includes(word)),
  );
  if (shown.length === 0) return <Type as="small">No piece matches.</Type>;
  return (
    <View role="radiogroup" aria-label="Pieces of stock">
      {shown.map(({ piece, bandWidthMm, known }) => (
        <PieceRow
          key={piece.id}
          piece={piece}
          bandWidthMm={bandWidthMm}
          known={known}
          chosen={piece.id === chosenId}
          onChoose={onChoose}
        />
      ))}
    </View>
  );
}
