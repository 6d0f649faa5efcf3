import type { Coin } from '../stock';
import { washerOf } from './estimate';
import { finishedMeridian } from './finished';
import { arcWidthMm, cutEdge, rimEdge } from './meridian';
import type { SchoolWish } from './school';
import { isWithinLimits } from './size-limits';
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

/** A hole at a glance. */
export interface WasherGlance {
  /** Whether the forming limits let this hole become the ring. */
  readonly fits: boolean;
  readonly bandWidthMm: number;
  /** Hoop strains from flat coin to finished ring. */
  readonly strainCutEdge: number;
  readonly strainRimEdge: number;
}

/** What a hole would give by the quick estimate: enough to choose between thousands. */
export function glanceAt(question: HoleQuestion, holeMm: number): WasherGlance {
  const { coin, targetInsideDiameterMm, wall, school } = question;
  const washer = washerOf(coin, holeMm);
  const finished = finishedMeridian(washer, wall, targetInsideDiameterMm, undefined, INTERVALS);
  return {
    fits: isWithinLimits(coin, { washer, wall, targetInsideDiameterMm, finished, school }),
    bandWidthMm: arcWidthMm(finished),
    strainCutEdge: cutEdge(finished).strainLog,
    strainRimEdge: rimEdge(finished).strainLog,
  };
}

/** A band that most fingers like, mm: what an unasked-for hole is chosen by. */
const USUAL_WIDTH_MM = 8.5;

/** The hole among the given ones that makes the ring with the most usual width; undefined when none makes it. */
export function suggestHoleMm(question: HoleQuestion, holesMm: readonly number[]): number | undefined {
  const fitting = holesMm
    .map((holeMm) => ({ holeMm, ...glanceAt(question, holeMm) }))
    .filter(({ fits }) => fits)
    .sort((a, b) => Math.abs(a.bandWidthMm - USUAL_WIDTH_MM) - Math.abs(b.bandWidthMm - USUAL_WIDTH_MM));
  return fitting[0]?.holeMm;
}
