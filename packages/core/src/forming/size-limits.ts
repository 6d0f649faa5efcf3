import { metalById } from '../metal';
import type { Coin } from '../stock';
import { largestMomentMm, type Washer } from './finished';
import { methodForRimStrain, NARROWEST_LAND_MM, THINNEST_CUT_EDGE_MM, type FormingMethod } from './limits';
import { cutEdge, rimEdge, type Meridian } from './meridian';
import { leastOverStretchMm, type SchoolWish } from './school';
import type { WallWish } from './wall';

/** A washer, what it is to become, and the closed form's wall of it. */
export interface SizeQuestion {
  readonly washer: Washer;
  readonly wall: WallWish;
  readonly targetInsideDiameterMm: number;
  readonly finished: Meridian;
  readonly school?: SchoolWish | undefined;
}

/** What speaks against a size, as numbers and yes or no (craft §3). */
export interface SizeLimits {
  /** Outside diameter at the largest moment of the route, mm. */
  readonly largestMm: number;
  readonly rimWouldGrow: boolean;
  readonly holeTooLarge: boolean;
  readonly cutEdgeThin: boolean;
  readonly method: FormingMethod;
}

export function sizeLimits({
  washer,
  wall,
  targetInsideDiameterMm,
  finished,
  school,
}: SizeQuestion): SizeLimits {
  const cut = cutEdge(finished);
  const largestMm = largestMomentMm(
    washer,
    wall,
    targetInsideDiameterMm,
    finished,
    leastOverStretchMm(school),
  );
  return {
    largestMm,
    rimWouldGrow: largestMm > washer.diameterMm,
    holeTooLarge: cut.strainLog < 0,
    cutEdgeThin: cut.thicknessMm < THINNEST_CUT_EDGE_MM,
    method: methodForRimStrain(rimEdge(finished).strainLog),
  };
}

/** Width of the metal that a hole leaves around it, mm. */
export function landMm({ diameterMm, holeMm }: Washer): number {
  return (diameterMm - holeMm) / 2;
}

/** Whether anything refuses the piece or the size; the judge says the same in words. */
export function isWithinLimits(coin: Coin, question: SizeQuestion): boolean {
  if (metalById(coin.metal).refusal !== undefined || (coin.form ?? 'round') !== 'round') return false;
  if (landMm(question.washer) < NARROWEST_LAND_MM) return false;
  const limits = sizeLimits(question);
  return !limits.rimWouldGrow && !limits.holeTooLarge && !limits.cutEdgeThin && limits.method !== 'none';
}
