import { flexRender, type RowData } from '@tanstack/react-table';
import { Pressable, View } from 'react-native';
import { Type } from '@/ui/Type';
import { refusalOf } from '@/features/shared/words/piece-words';
import { VirtualRows } from '@/ui/VirtualRows';
import type { StockList } from './use-stock-table';

declare module '@tanstack/react-table' {
  interface ColumnMeta<TData extends RowData, TValue> {
    /** Figures stand flush right. */
    numeric?: boolean;
    /** What is copied where there is no figure. */
    otherwise?: (row: TData) => string;
  }
}

const SHARES: Readonly<Record<string, number>> = { name: 2.4, metal: 1.5, diameterMm: 1.9, massG: 1.1 };

const ROW_PX = 47;

interface StockGridProps {
  list: StockList;
  chosenId: string | undefined;
  onChoose: (id: string) => void;
}

/** The drawer as a table with sortable heads. */
export function StockGrid({ list: { table, shown }, chosenId, onChoose }: StockGridProps) {
  return (
    <View role="table" aria-label="Pieces of stock">
      <View role="row" className="flex-row border-b-2 border-ink">
        {table.getFlatHeaders().map(({ id, column }) => {
          const direction = column.getIsSorted();
          return (
            <View
              key={id}
              role="columnheader"
              aria-sort={direction === 'asc' ? 'ascending' : direction === 'desc' ? 'descending' : 'none'}
              style={{ flex: SHARES[id] ?? 1 }}
              className="px-2"
            >
              <Pressable
                role="button"
                onPress={() => column.toggleSorting()}
                className="min-h-[44px] justify-center active:opacity-70"
              >
                <Type as="label" className={column.columnDef.meta?.numeric ? 'text-right' : ''}>
                  {`${String(column.columnDef.header)}${direction ? (direction === 'asc' ? ' ↑' : ' ↓') : ''}`}
                </Type>
              </Pressable>
            </View>
          );
        })}
      </View>
      <VirtualRows
        role="rowgroup"
        items={table.getRowModel().rows}
        keyOf={({ id }) => id}
        rowPx={ROW_PX}
        from={shown}
        renderRow={(row) => {
          const chosen = row.original.id === chosenId;
          const refused = refusalOf(row.original) !== undefined;
          return (
            <Pressable
              role="row"
              aria-selected={chosen}
              onPress={() => onChoose(row.original.id)}
              className={`min-h-[46px] flex-row items-center border-b py-1.5 border-line active:opacity-70 ${chosen ? 'bg-fold' : ''}`}
            >
              {row.getVisibleCells().map((cell) => (
                <View
                  key={cell.id}
                  role="cell"
                  style={{ flex: SHARES[cell.column.id] ?? 1 }}
                  className="px-2"
                >
                  <Type
                    as={cell.column.id === 'name' ? 'strong' : 'body'}
                    className={`${cell.column.columnDef.meta?.numeric ? 'text-right' : ''} ${refused ? 'text-soft' : ''}`}
                  >
                    {flexRender(cell.column.columnDef.cell, cell.getContext())}
                    {cell.column.id === 'metal' && refused ? ' ✕' : ''}
                  </Type>
                </View>
              ))}
            </Pressable>
          );
        }}
      />
    </View>
  );
}
