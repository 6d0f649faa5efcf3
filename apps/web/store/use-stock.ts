import type { StockItem } from '@round-mint/contract/stock';
import { useGetPieceQuery, useStockPagesInfiniteQuery } from './api';
import { ALL, usePages, type Asked, type Paged } from './lists';
import { oneOf, type One } from './use-one';

/** Pieces of the drawer, as far as they are looked at. */
export function useStockPages(asked: Asked = ALL, options = { skip: false }): Paged<StockItem> {
  return usePages(useStockPagesInfiniteQuery(asked, options));
}

/** One piece of stock. @param id undefined where none is asked for */
export function usePiece(id: string | undefined): One<StockItem> {
  const { data, isError } = useStockPages();
  const listed = data?.find((piece) => piece.id === id);
  const looked = data !== undefined || isError;
  const got = useGetPieceQuery(id ?? '', { skip: id === undefined || !looked || listed !== undefined });
  return oneOf(listed, got);
}
