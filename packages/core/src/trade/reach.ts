import { glanceAt, sizeRange, washerOf, type WallWish } from '../forming';
import { metalById } from '../metal';
import { holesFor, type Kit } from '../kit';
import type { Coin } from '../stock';

/** From smallest to largest, mm. */
interface Span {
  readonly min: number;
  readonly max: number;
}

/** Inside diameters that a coin can become with the punches at hand, mm. */
export interface Reach extends Span {
  /** Up to here a punch leaves the cut edge comfortable; undefined where none does. */
  readonly comfortableMax: number | undefined;
}

const STRAIGHT: WallWish = { kind: 'straight' };

/** @returns undefined for a metal or a form that is not folded, or a coin that no punch fits */
export function coinReach(coin: Coin, kit: Kit, wall: WallWish = STRAIGHT): Reach | undefined {
  if (metalById(coin.metal).refusal || (coin.form ?? 'round') !== 'round') return undefined;
  const ranges = holesFor(kit, coin.diameterMm).flatMap(
    (holeMm) => sizeRange(washerOf(coin, holeMm), wall) ?? [],
  );
  if (ranges.length === 0) return undefined;
  const comfortable = ranges.flatMap(({ comfortableMax }) => comfortableMax ?? []);
  return {
    min: Math.min(...ranges.map(({ min }) => min)),
    max: Math.max(...ranges.map(({ max }) => max)),
    comfortableMax: comfortable.length > 0 ? Math.max(...comfortable) : undefined,
  };
}

/** Widths that a coin can give at a size, mm; undefined where no punch makes the size. */
export function coinWidths(
  coin: Coin,
  kit: Kit,
  targetInsideDiameterMm: number,
  wall: WallWish = STRAIGHT,
): Span | undefined {
  const widths = holesFor(kit, coin.diameterMm)
    .map((holeMm) => glanceAt({ coin, targetInsideDiameterMm, wall }, holeMm))
    .filter(({ standing }) => standing === 'comfortable')
    .map(({ bandWidthMm }) => bandWidthMm);
  return widths.length === 0 ? undefined : { min: Math.min(...widths), max: Math.max(...widths) };
}
