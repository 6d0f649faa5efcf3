import type { StockItem } from '@round-mint/contract/stock';
import { identify } from '@round-mint/core/identify';
import { kitOrReference } from '@round-mint/core/kit';
import type { WishBench, WishPiece } from '@round-mint/core/trade';
import { useMemo } from 'react';
import { useListKitQuery, useListStockQuery } from './api';
import { useBenchTraits } from './use-bench-traits';

/** A piece as the answer to a wish sees it: with what a test found that it may bear. */
function wishPiece(piece: StockItem): WishPiece {
  const may = piece.evidence ? identify(piece.evidence).may : undefined;
  return { ...piece, may };
}

/** What rings can be made of and with; undefined until it is there. */
export function useDrawer(): WishBench | undefined {
  const stock = useListStockQuery().data;
  const tools = useListKitQuery().data;
  const traits = useBenchTraits();
  return useMemo(
    () => stock && tools && { stock: stock.map(wishPiece), kit: kitOrReference(tools), traits },
    [stock, tools, traits],
  );
}
