import type { BandPiece, StripPiece, Work, WorkPiece } from './kinds';

/** One piece of each kind, and what is made of them. For tests only. */
export const HANDLE: WorkPiece = {
  kind: 'handle',
  metal: 'silver-925',
  enamel: [],
  stations: [
    { atMm: 0, thicknessMm: 2.5, widthMm: 18 },
    { atMm: 60, thicknessMm: 2.1, widthMm: 9 },
    { atMm: 120, thicknessMm: 3.4, widthMm: 8 },
  ],
};
export const STRIP: StripPiece = {
  kind: 'strip',
  metal: 'silver-925',
  section: 'rect',
  thicknessMm: 1.5,
  widthMm: 7,
  lengthMm: 300,
};
export const COIN: WorkPiece = {
  kind: 'coin',
  metal: 'silver-900',
  diameterMm: 19,
  rimThicknessMm: 1.5,
  massG: 3.6,
};
export const BAND: BandPiece = {
  kind: 'band',
  metal: 'silver-925',
  insideDiameterMm: 19,
  thicknessMm: 1.7,
  widthMm: 6,
  profile: 'd',
  patterned: true,
  stones: false,
  soldered: false,
};
export const SAMPLES: readonly (readonly [Work, WorkPiece])[] = [
  [{ kind: 'handle', style: 'straight', keptEnd: 'tip', startMm: 0, ends: 'round' }, HANDLE],
  [{ kind: 'handle', style: 'overlap', overlapMm: 8, keptEnd: 'tip', startMm: 0, ends: 'square' }, HANDLE],
  [{ kind: 'strip', textured: true, rolledToMm: 1.2 }, STRIP],
  [{ kind: 'spinner', outerThicknessMm: 1.2, outerWidthMm: 4 }, STRIP],
  [{ kind: 'coin-band', stripWidthMm: 7, stripThicknessMm: 1.2, stripMetal: 'silver-925' }, COIN],
  [{ kind: 'resize', cover: 'cloth' }, BAND],
];
