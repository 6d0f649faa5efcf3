import type { CoinStock, StockItem } from '@round-mint/contract/stock';
import { useListStockQuery } from './api';
import type { Asked } from './lists';

const coins = new WeakMap<StockItem[], CoinStock[]>();

/** The same list for the same drawer, so that what is computed from it is computed once. */
function coinsOf(stock: StockItem[]): CoinStock[] {
  const known = coins.get(stock);
  if (known) return known;
  const found = stock.filter((piece) => piece.kind === 'coin');
  coins.set(stock, found);
  return found;
}

const COINS: Asked = { kind: 'coin' };

/** All coins, medals and rounds of the drawer: what a coin ring is made from. */
export function useCoins() {
  const fetched = useListStockQuery(COINS);
  return { ...fetched, data: fetched.data && coinsOf(fetched.data) };
}
