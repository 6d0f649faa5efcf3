import type { StockItem } from '@round-mint/contract/stock';
import { metalById } from '@round-mint/core/metal';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { PieceShape } from '@/drawings/blank/PieceShape';
import { OutsideFace } from '@/features/shared/picture/OutsideFace';
import { useWriters } from '@/features/shared/settings/use-settings';
import { measureWords, refusalOf } from '@/features/shared/words/piece-words';
import { Type } from '@/ui/Type';
import { VirtualRows } from '@/ui/VirtualRows';
import type { StockList } from './use-stock-table';

const FACE_PX = 148;
const TILE_PX = 180;
const ROW_PX = 246;

interface StockTilesProps {
  list: StockList;
  chosenId: string | undefined;
  onChoose: (id: string) => void;
}

/** A row of tiles, named by its first piece. */
function inRows(pieces: readonly StockItem[], across: number): readonly (readonly StockItem[])[] {
  return Array.from({ length: Math.ceil(pieces.length / across) }, (_, i) =>
    pieces.slice(i * across, (i + 1) * across),
  );
}

/** The drawer as pictures: every piece as it looks, for a wide screen. */
export function StockTiles({ list: { table, shown }, chosenId, onChoose }: StockTilesProps) {
  const [width, setWidth] = useState(0);
  const across = Math.max(1, Math.floor(width / TILE_PX));
  const rows = inRows(
    table.getRowModel().rows.map(({ original }) => original),
    across,
  );
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)} testID="stock-tiles">
      <VirtualRows
        label="Pieces of stock"
        items={rows}
        keyOf={([first]) => first?.id ?? ''}
        rowPx={ROW_PX}
        from={shown}
        renderRow={(pieces) => (
          <View className="flex-row">
            {pieces.map((piece) => (
              <Tile
                key={piece.id}
                piece={piece}
                share={1 / across}
                chosen={piece.id === chosenId}
                onPress={() => onChoose(piece.id)}
              />
            ))}
          </View>
        )}
      />
    </View>
  );
}

interface TileProps {
  piece: StockItem;
  /** Of a row's width. */
  share: number;
  chosen: boolean;
  onPress: () => void;
}

function Tile({ piece, share, chosen, onPress }: TileProps) {
  const write = useWriters();
  const refused = refusalOf(piece) !== undefined;
  return (
    <Pressable
      role="button"
      aria-selected={chosen}
      onPress={onPress}
      style={{ width: `${100 * share}%`, minHeight: ROW_PX }}
      className={`items-center gap-2 px-2 py-3 active:opacity-70 ${chosen ? 'bg-fold' : ''}`}
    >
      <View style={{ height: FACE_PX }} className="justify-center">
        {piece.kind === 'coin' ? (
          <OutsideFace piece={piece} size={FACE_PX} />
        ) : (
          <PieceShape outline={piece} size={FACE_PX} />
        )}
      </View>
      <View className="items-center self-stretch">
        <Type as="strong" className="text-center" numberOfLines={2}>
          {piece.name}
        </Type>
        <Type as="small" className="text-center">
          {`${piece.quantity} × · ${metalById(piece.metal).name}${refused ? ' ✕ refused' : ''}`}
        </Type>
        <Type as="small" className="text-center">
          {measureWords(piece, write.length)}
        </Type>
      </View>
    </Pressable>
  );
}
