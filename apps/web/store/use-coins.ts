import type { CoinStock, StockItem } from '@round-mint/contract/stock';
import { useListStockQuery } from './api';

const coins = new WeakMap<StockItem[], CoinStock[]>();

/** The same list for the same drawer, so that what is computed from it is computed once. */
function coinsOf(stock: StockItem[]): CoinStock[] {
  const known = coins.get(stock);
  if (known) return known;
  const found = stock.filter((piece) => piece.kind === 'coin');
  coins.set(stock, found);
  return found;
}

/** Coins, medals and rounds of the drawer: what a coin ring is planned from. */
export function useCoins() {
  const fetched = useListStockQuery();
  return { ...fetched, data: fetched.data && coinsOf(fetched.data) };
}
