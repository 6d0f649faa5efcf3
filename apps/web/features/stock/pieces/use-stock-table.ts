import type { StockItem } from '@round-mint/contract/stock';
import { metalById } from '@round-mint/core/metal';
import { pieceMass } from '@round-mint/core/work';
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
import { kindWords, massFigure, massWords, searchText, sizeWords } from '@/features/shared/words/piece-words';
import type { Asked } from '@/store/lists';
import { useStockPages } from '@/store/use-stock';

const column = createColumnHelper<StockItem>();

const BY_NAME: SortingState = [{ id: 'name', desc: false }];
const NO_PIECE: StockItem[] = [];

/** As weighed, or as its measures tell it, g. */
function massOf(piece: StockItem): number | undefined {
  const mass = pieceMass(piece);
  return mass && Number(massFigure(mass));
}

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
        header: 'Size',
        // Of coins the diameter; what is another kind is as large in another way, and stands behind them.
        sortUndefined: 'last',
        cell: ({ row }) => sizeWords(row.original, write.length),
        meta: { numeric: true, otherwise: (piece) => sizeWords(piece, write.length) },
      }),
      column.accessor(massOf, {
        id: 'massG',
        sortUndefined: 'last',
        header: 'Mass',
        cell: ({ row }) => massWords(row.original) ?? '–',
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
    .rows.map((row) =>
      row
        .getVisibleCells()
        .map(({ column: { columnDef }, getValue }) =>
          String(getValue() ?? columnDef.meta?.otherwise?.(row.original) ?? ''),
        ),
    );
  return [heads, ...rows].map((cells) => cells.join('\t')).join('\n');
}
