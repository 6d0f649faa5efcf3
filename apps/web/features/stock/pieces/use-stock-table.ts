import type { StockItem } from '@round-mint/contract/stock';
import { metalById } from '@round-mint/core/metal';
import {
  createColumnHelper,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  useReactTable,
  type SortingState,
} from '@tanstack/react-table';
import { useMemo, useState } from 'react';
import { useWriters } from '@/features/shared/settings/use-settings';
import { kindWords, searchText } from '@/features/shared/words/piece-words';

const column = createColumnHelper<StockItem>();

/** The drawer as a table: sorted and searched here, drawn as rows on a phone and as a table on a wide screen. */
export function useStockTable(pieces: StockItem[]) {
  const write = useWriters();
  const [sorting, setSorting] = useState<SortingState>([{ id: 'name', desc: false }]);
  const [search, setSearch] = useState('');
  const columns = useMemo(
    () => [
      column.accessor('name', { header: 'Name' }),
      column.accessor(kindWords, { id: 'kind', header: 'Kind' }),
      column.accessor((piece) => metalById(piece.metal).name, { id: 'metal', header: 'Metal' }),
      column.accessor('year', {
        header: 'Year',
        cell: (cell) => cell.getValue() ?? '–',
        meta: { numeric: true },
      }),
      column.accessor((piece) => (piece.kind === 'coin' ? piece.diameterMm : undefined), {
        id: 'diameterMm',
        header: '⌀',
        sortUndefined: 'last',
        cell: (cell) => {
          const diameterMm = cell.getValue();
          return diameterMm === undefined ? '–' : write.length(diameterMm);
        },
        meta: { numeric: true },
      }),
      column.accessor((piece) => (piece.kind === 'coin' ? piece.massG : undefined), {
        id: 'massG',
        sortUndefined: 'last',
        header: 'Mass',
        cell: (cell) => {
          const massG = cell.getValue();
          return massG === undefined ? '–' : `${massG.toFixed(2)} g`;
        },
        meta: { numeric: true },
      }),
      column.accessor('quantity', { header: 'Pieces', meta: { numeric: true } }),
    ],
    [write],
  );
  // eslint-disable-next-line react-hooks/incompatible-library -- the table is handed on as a new object, see below
  const table = useReactTable({
    data: pieces,
    columns,
    state: { sorting, globalFilter: search },
    onSortingChange: setSorting,
    onGlobalFilterChange: setSearch,
    globalFilterFn: (row, _column, words: string) =>
      words
        .toLowerCase()
        .split(/\s+/)
        .every((word) => searchText(row.original).includes(word)),
    getCoreRowModel: getCoreRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  // The package changes its own object in place, which what is drawn of it would not be told.
  return { table: { ...table }, search, setSearch };
}

export type StockTable = ReturnType<typeof useStockTable>['table'];

/** The rows in sight as tab-separated text, for a spreadsheet. */
export function tableText(table: StockTable): string {
  const heads = table.getFlatHeaders().map(({ column: { columnDef } }) => String(columnDef.header));
  const rows = table
    .getRowModel()
    .rows.map((row) => row.getVisibleCells().map((cell) => String(cell.getValue() ?? '')));
  return [heads, ...rows].map((cells) => cells.join('\t')).join('\n');
}
