import type { Coin } from '../stock';
import { normalDeviate, type Random } from './random';
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

export function drawInputs(random: Random, spread: Spread): Draw {
  const normal = () => normalDeviate(random);
  return {
    diameter: normal() * spread.diameterMm,
    thickness: normal() * spread.thicknessShare,
    hole: normal() * spread.holeMm,
    centring: Math.hypot(normal(), normal()) * spread.centringMm,
    reading: normal() * spread.readingMm,
    share: normal() * spread.share,
    bench: normal() * spread.benchShare,
    trim: normal() * spread.trimMm,
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
