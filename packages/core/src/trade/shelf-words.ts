import type { SaleWay, ShelfState } from './shelf-state';

export const SHELF_STATE_NAMES: Readonly<Record<ShelfState, string>> = {
  'for-sale': 'for sale',
  reserved: 'reserved',
  sold: 'sold',
  'given-away': 'given away',
  'taken-apart': 'taken apart',
};

export const SALE_WAY_NAMES: Readonly<Record<SaleWay, string>> = {
  'own-page': 'own page',
  market: 'market',
  other: 'other',
};
