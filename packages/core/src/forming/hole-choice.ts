import type { Coin } from '../stock';
import { washerOf } from './estimate';
import { finishedMeridian } from './finished';
import { defaultSizeWriter, isFeasible, judgeCoinRing } from './judge';
import { arcWidthMm } from './meridian';
import type { SchoolWish } from './school';
import type { WallWish } from './wall';

/** A coin, a size and a wall: what a hole is chosen for. */
export interface HoleQuestion {
  readonly coin: Coin;
  readonly targetInsideDiameterMm: number;
  readonly wall: WallWish;
  readonly school?: SchoolWish | undefined;
}

/** Edges and width need few fibres. */
const INTERVALS = 8;

/** Whether the forming limits let a hole become the ring, and how wide, by the quick estimate. */
export function washerFits(question: HoleQuestion, holeMm: number): { fits: boolean; bandWidthMm: number } {
  const { coin, targetInsideDiameterMm: target, wall, school } = question;
  const washer = washerOf(coin, holeMm);
  const finished = finishedMeridian(washer, wall, target, undefined, INTERVALS);
  const reasons = judgeCoinRing({
    coin,
    washer,
    wall,
    targetInsideDiameterMm: target,
    finished,
    range: undefined,
    writeSize: defaultSizeWriter,
    school,
  });
  return { fits: isFeasible(reasons), bandWidthMm: arcWidthMm(finished) };
}

/** A band that most fingers like, mm: what an unasked-for hole is chosen by. */
const USUAL_WIDTH_MM = 8.5;

/** The hole among the given ones that makes the ring with the most usual width; undefined when none makes it. */
export function suggestHoleMm(question: HoleQuestion, holesMm: readonly number[]): number | undefined {
  const fitting = holesMm
    .map((holeMm) => ({ holeMm, ...washerFits(question, holeMm) }))
    .filter(({ fits }) => fits)
    .sort((a, b) => Math.abs(a.bandWidthMm - USUAL_WIDTH_MM) - Math.abs(b.bandWidthMm - USUAL_WIDTH_MM));
  return fitting[0]?.holeMm;
}
