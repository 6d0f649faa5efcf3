import type { Coin } from '../stock';
import { normalPlace } from '../numeric';
import type { Spread } from './spread';

/** What is drawn for each ring. */
export const UNSURE_INPUTS = [
  'diameter',
  'thickness',
  'hole',
  'centring',
  'reading',
  'share',
  'bench',
  'trim',
] as const;
export type UnsureInput = (typeof UNSURE_INPUTS)[number];

/** How far each input is off in one ring: mm, except thickness and bench (shares of thickness and width) and share. */
export type Draw = Readonly<Record<UnsureInput, number>>;

/** So many numbers say how one ring is off: centring has two directions. */
export const DRAWN_NUMBERS = UNSURE_INPUTS.length + 1;

/** @param point {@link DRAWN_NUMBERS} numbers between 0 and 1: each input's place in its own distribution */
export function drawInputs(point: Float64Array, spread: Spread): Draw {
  const normal = (number: number) => normalPlace(point[number] ?? 0.5);
  return {
    diameter: normal(0) * spread.diameterMm,
    thickness: normal(1) * spread.thicknessShare,
    hole: normal(2) * spread.holeMm,
    centring: Math.hypot(normal(3), normal(4)) * spread.centringMm,
    reading: normal(5) * spread.readingMm,
    share: normal(6) * spread.share,
    bench: normal(7) * spread.benchShare,
    trim: normal(8) * spread.trimMm,
  };
}

/** The piece as it is in one ring. Mass follows, so that the thickness is off by what was drawn and no more. */
export function drawnCoin(coin: Coin, draw: Draw): Coin {
  const diameterMm = coin.diameterMm + draw.diameter;
  const thicker = 1 + draw.thickness;
  const wider = (diameterMm / coin.diameterMm) ** 2;
  return {
    ...coin,
    diameterMm,
    ...(coin.massG === undefined ? {} : { massG: coin.massG * thicker * wider }),
    ...(coin.rimThicknessMm === undefined ? {} : { rimThicknessMm: coin.rimThicknessMm * thicker }),
  };
}
