import type { WayCoin, WayHandle, WayStrip } from './way';

/** Pieces that tests make rings of. */
export const SPOON: WayHandle = {
  kind: 'handle',
  id: 'spoon',
  name: 'Spoon',
  metal: 'silver-925',
  quantity: 1,
  price: 9,
  stations: [
    { atMm: 0, thicknessMm: 1.6, widthMm: 9 },
    { atMm: 120, thicknessMm: 1.8, widthMm: 7 },
  ],
  enamel: [],
};
export const STRIP: WayStrip = {
  kind: 'strip',
  id: 'strip',
  name: 'Strip, 6 × 1.5',
  metal: 'silver-925',
  section: 'rect',
  thicknessMm: 1.5,
  widthMm: 6,
  lengthMm: 300,
  quantity: 1,
  price: 4,
};
export const BROAD: WayStrip = {
  ...STRIP,
  id: 'broad',
  name: 'Strip, 10 × 1.2',
  thicknessMm: 1.2,
  widthMm: 10,
};
export const COIN: WayCoin = {
  kind: 'coin',
  id: 'coin',
  name: 'Coin',
  diameterMm: 30.9,
  rimThicknessMm: 2.15,
  massG: 15.13,
  metal: 'silver-900',
  year: 1948,
  outsideFace: 'either',
  quantity: 3,
  price: 15,
};
