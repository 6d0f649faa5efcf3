import { metalById } from '@round-mint/core/metal';
import { Link } from 'expo-router';
import { Pressable, View } from 'react-native';
import { OutsideFace } from '@/features/shared/picture/OutsideFace';
import { useWriters } from '@/features/shared/settings/use-settings';
import { LabelledChoices } from '@/ui/Choices';
import { Type } from '@/ui/Type';
import { measureWords, refusalOf } from '@/features/shared/words/piece-words';
import { VirtualRows } from '@/ui/VirtualRows';
import type { StockList } from './use-stock-table';

const ROW_PX = 66;
const SORTS = ['name', 'kind', 'metal', 'diameterMm', 'year'] as const;
const SORT_NAMES = { name: 'name', kind: 'kind', metal: 'metal', diameterMm: 'size', year: 'year' } as const;

/** The drawer as rows, for one column. */
export function StockRows({ list: { table, shown } }: { list: StockList }) {
  const write = useWriters();
  const sorted = table.getState().sorting[0];
  const by = SORTS.find((id) => id === sorted?.id);
  return (
    <View className="gap-2">
      <LabelledChoices
        label="Sort by"
        value={by}
        minWidth={60}
        choices={SORTS.map((id) => ({
          value: id,
          label: `${SORT_NAMES[id]}${id === sorted?.id ? (sorted.desc ? ' ↓' : ' ↑') : ''}`,
          describe: `Sort by ${SORT_NAMES[id]}`,
        }))}
        onChange={(id) => table.setSorting([{ id, desc: id === sorted?.id && !sorted.desc }])}
      />
      <VirtualRows
        label="Pieces of stock"
        items={table.getRowModel().rows}
        keyOf={({ id }) => id}
        rowPx={ROW_PX}
        from={shown}
        renderRow={({ original: piece }) => {
          const refusal = refusalOf(piece);
          return (
            <Link href={{ pathname: '/stock/[id]', params: { id: piece.id } }} asChild>
              <Pressable className="active:opacity-70 min-h-[60px] w-full flex-row items-center gap-3 border-b border-line py-2">
                {piece.kind === 'coin' ? <OutsideFace piece={piece} size={52} /> : null}
                <View className="flex-1">
                  <Type as="heading">{piece.name}</Type>
                  <Type as="small">
                    {`${metalById(piece.metal).name} · ${measureWords(piece, write.length)}`}
                  </Type>
                </View>
                <View className="items-end">
                  <Type as="strong">{`${piece.quantity} ×`}</Type>
                  {refusal ? (
                    <Type as="small" className="text-stop">
                      ✕ refused
                    </Type>
                  ) : null}
                </View>
              </Pressable>
            </Link>
          );
        }}
      />
    </View>
  );
}
