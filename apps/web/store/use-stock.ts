import type { StockItem } from '@round-mint/contract/stock';
import { useGetPieceQuery, useStockPagesInfiniteQuery } from './api';
import { ALL, usePages, type Asked, type Paged } from './lists';
import { lookUp, oneOf, type One } from './use-one';

/** Pieces of the drawer, as far as they are looked at. */
export function useStockPages(asked: Asked = ALL, options = { skip: false }): Paged<StockItem> {
  return usePages(useStockPagesInfiniteQuery(asked, options));
}

/** One piece of stock. @param id undefined where none is asked for */
export function usePiece(id: string | undefined): One<StockItem> {
  const { listed, skip } = lookUp(useStockPages(), id);
  return oneOf(listed, useGetPieceQuery(id ?? '', { skip }));
}
