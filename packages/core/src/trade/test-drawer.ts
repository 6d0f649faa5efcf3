import { SIZE_SYSTEMS } from '../size';
import type { PriceInput } from './price';
import type { CustomerWish, WishCoin, WishPiece } from './wish';

export const us = (size: number) => SIZE_SYSTEMS.us.toDiameterMm(size);

export function coin(id: string, change: Partial<WishCoin> = {}): WishCoin {
  return {
    kind: 'coin',
    id,
    name: `Coin ${id}`,
    diameterMm: 30.9,
    rimThicknessMm: 2.15,
    massG: 15.13,
    metal: 'silver-900',
    year: 1948,
    outsideFace: 'either',
    quantity: 3,
    price: 15,
    ...change,
  };
}

export const SPOON: WishPiece = {
  kind: 'handle',
  id: 'spoon',
  name: 'Spoon',
  metal: 'silver-925',
  quantity: 1,
  price: 9,
  stations: [
    { atMm: 0, thicknessMm: 1.6, widthMm: 12 },
    { atMm: 120, thicknessMm: 2, widthMm: 7 },
  ],
  enamel: [],
};
export const STRIP: WishPiece = {
  kind: 'strip',
  id: 'strip',
  name: 'Strip',
  metal: 'silver-925',
  section: 'rect',
  thicknessMm: 1.5,
  widthMm: 6,
  lengthMm: 300,
  quantity: 1,
};

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
