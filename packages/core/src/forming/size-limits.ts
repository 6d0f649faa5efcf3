import { metalById } from '../metal';
import type { Coin } from '../stock';
import { largestMomentMm, type Washer } from './finished';
import {
  COMFORTABLE_CUT_EDGE_MM,
  methodForRimStrain,
  NARROWEST_LAND_MM,
  SHARP_CUT_EDGE_MM,
  type FormingMethod,
} from './limits';
import { cutEdge, rimEdge, type Meridian } from './meridian';
import type { SchoolWish } from './codes';
import { leastOverStretchMm } from './school';
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
  /** Thinner than is comfortable, and thinner than is safe. */
  readonly cutEdgeThin: boolean;
  readonly cutEdgeSharp: boolean;
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
    cutEdgeThin: cut.thicknessMm < COMFORTABLE_CUT_EDGE_MM,
    cutEdgeSharp: cut.thicknessMm < SHARP_CUT_EDGE_MM,
    method: methodForRimStrain(rimEdge(finished).strainLog),
  };
}

/** Width of the metal that a hole leaves around it, mm. */
export function landMm({ diameterMm, holeMm }: Washer): number {
  return (diameterMm - holeMm) / 2;
}

/** How a piece, a hole and a size stand to the limits; the judge says the same in words. */
export type Standing = 'comfortable' | 'possible' | 'refused';

export function limitStanding(coin: Coin, question: SizeQuestion): Standing {
  if (metalById(coin.metal).refusal !== undefined || (coin.form ?? 'round') !== 'round') return 'refused';
  if (landMm(question.washer) < NARROWEST_LAND_MM) return 'refused';
  const { rimWouldGrow, holeTooLarge, cutEdgeSharp, cutEdgeThin, method } = sizeLimits(question);
  if (rimWouldGrow || holeTooLarge || cutEdgeSharp || method === 'none') return 'refused';
  return cutEdgeThin ? 'possible' : 'comfortable';
}
