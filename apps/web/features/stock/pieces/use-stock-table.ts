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
import { askedBy, hasWords, useSearchedPages, wordsOf } from '@/features/shared/screen/use-searched-pages';
import { useWriters } from '@/features/shared/settings/use-settings';
import { kindWords, searchText } from '@/features/shared/words/piece-words';
import type { Asked } from '@/store/lists';
import { useStockPages } from '@/store/use-stock';

const column = createColumnHelper<StockItem>();

const BY_NAME: SortingState = [{ id: 'name', desc: false }];
const NO_PIECE: StockItem[] = [];

/** What the server is asked for: by name is how it lists by itself. */
function askedFor(search: string, [by]: SortingState): Asked {
  const sort = by && (by.id !== 'name' || by.desc) ? `${by.desc ? '-' : ''}${by.id}` : '';
  return { ...askedBy(search), ...(sort ? { sort } : {}) };
}

/** The drawer as a table: drawn as rows on a phone and as a table on a wide screen. */
export function useStockTable() {
  const write = useWriters();
  const [sorting, setSorting] = useState(BY_NAME);
  const [search, setSearch] = useState('');
  const typed = useMemo(() => askedFor(search, sorting), [search, sorting]);
  const { all, shown, narrowHere } = useSearchedPages(useStockPages, typed);
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
    data: useMemo(() => (shown.data ? [...shown.data] : NO_PIECE), [shown.data]),
    columns,
    state: { sorting, globalFilter: search },
    manualSorting: !narrowHere,
    manualFiltering: !narrowHere,
    onSortingChange: setSorting,
    onGlobalFilterChange: setSearch,
    globalFilterFn: (row, _column, words: string) => hasWords(searchText(row.original), wordsOf(words)),
    getRowId: ({ id }) => id,
    getCoreRowModel: getCoreRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
    getSortedRowModel: getSortedRowModel(),
  });
  // The package changes its own object in place, which what is drawn of it would not be told.
  return { table: { ...table }, search, setSearch, all, shown };
}

export type StockList = ReturnType<typeof useStockTable>;
export type StockTable = StockList['table'];

/** The rows in sight as tab-separated text, for a spreadsheet. */
export function tableText(table: StockTable): string {
  const heads = table.getFlatHeaders().map(({ column: { columnDef } }) => String(columnDef.header));
  const rows = table
    .getRowModel()
    .rows.map((row) => row.getVisibleCells().map((cell) => String(cell.getValue() ?? '')));
  return [heads, ...rows].map((cells) => cells.join('\t')).join('\n');
}
