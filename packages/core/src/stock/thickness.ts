import { metalById } from '../metal';
import type { Coin } from './coin';

/** A struck coin's field lies below its rim; without a mass this share of the rim is taken (craft §3). */
const FIELD_SHARE_OF_RIM = 0.9;

export interface WorkingThickness {
  readonly thicknessMm: number;
  readonly source: 'mass' | 'rim';
}

function discAreaMm2(diameterMm: number): number {
  return (Math.PI * diameterMm ** 2) / 4;
}

/** g/mm³ of a coin's metal. */
export function densityGMm3(coin: Pick<Coin, 'metal'>): number {
  return metalById(coin.metal).densityGCm3 / 1000;
}

/**
 * The even thickness with which a coin enters forming: t = m/(ρ π D²/4) when the mass is known,
 * else 0.9 of the rim (craft §3).
 * @throws when neither mass nor rim thickness is known; edges validate before they call.
 */
export function workingThickness(coin: Coin): WorkingThickness {
  if (coin.massG !== undefined) {
    return { thicknessMm: coin.massG / (densityGMm3(coin) * discAreaMm2(coin.diameterMm)), source: 'mass' };
  }
  if (coin.rimThicknessMm === undefined) throw new Error('a coin needs a mass or a rim thickness');
  return { thicknessMm: FIELD_SHARE_OF_RIM * coin.rimThicknessMm, source: 'rim' };
}

/**
 * Fill factor m/(ρ π/4 D² t_rim): the share of the enclosing disc that is metal (craft §2).
 * @returns undefined unless mass and rim thickness are both known
 */
export function fillFactor(coin: Coin): number | undefined {
  if (coin.massG === undefined || coin.rimThicknessMm === undefined) return undefined;
  return coin.massG / (densityGMm3(coin) * discAreaMm2(coin.diameterMm) * coin.rimThicknessMm);
}
