import { SIZE_SYSTEMS } from '../size';
import { COIN, SPOON as NARROW_SPOON, STRIP as PAID_STRIP } from '../ways/test-drawer';
import type { PriceInput } from './price';
import type { CustomerWish, WishCoin, WishPiece } from './wish';

export const us = (size: number) => SIZE_SYSTEMS.us.toDiameterMm(size);

export function coin(id: string, change: Partial<WishCoin> = {}): WishCoin {
  return { ...COIN, id, name: `Coin ${id}`, ...change };
}

export const SPOON: WishPiece = {
  ...NARROW_SPOON,
  stations: [
    { atMm: 0, thicknessMm: 1.6, widthMm: 12 },
    { atMm: 120, thicknessMm: 2, widthMm: 7 },
  ],
};
const { price: _paid, ...unpaid } = PAID_STRIP;
export const STRIP: WishPiece = { ...unpaid, name: 'Strip' };

export const WISH: CustomerWish = {
  kind: 'coin',
  targetInsideDiameterMm: us(10),
  wall: { kind: 'straight' },
  finish: 'polished',
  widthMm: {},
};

export const PRICE_INPUT: PriceInput = {
  stockCost: 20,
  meltValue: 12,
  consumablesCost: 3,
  minutes: 90,
  hourlyRate: 40,
  scrapValue: 4,
  refinerShare: 0.9,
  post: 6,
  feeShare: 0.05,
  feeFixed: 0.5,
  marginShare: 0.25,
};
