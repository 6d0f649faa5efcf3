import { curlOf, TRIM_GAIN_MM, type WallWish } from '../forming';
import type { MetalId } from '../metal';
import type { StepKind } from './step-kind';

/** How one maker's bench behaves: what the log teaches (craft §9). The defaults are the trade's. */
export interface BenchTraits {
  /** Added to the share a of every kind of blow. */
  readonly shareShift: number;
  /** By how much trimming the lip raises the reading, mm. */
  readonly trimGainMm: number;
  /** Angle that a curl die really turns the edges by, against its nominal one; keyed by the nominal angle. */
  readonly curlGain: Readonly<Record<string, number>>;
  /** Strain that a metal bears between anneals, against the table. */
  readonly allowanceFactor: Partial<Readonly<Record<MetalId, number>>>;
  /** Hands-on minutes of a kind of step. */
  readonly handsOnMin: Partial<Readonly<Record<StepKind, number>>>;
  /** What a ring gives back after a kind of blow, against the default. */
  readonly springbackFactor: Partial<Readonly<Record<StepKind, number>>>;
}

export const DEFAULT_TRAITS: BenchTraits = {
  shareShift: 0,
  trimGainMm: TRIM_GAIN_MM,
  curlGain: {},
  allowanceFactor: {},
  handsOnMin: {},
  springbackFactor: {},
};

/** Angle that the edges really come to in a die of a nominal angle, degrees. */
export function turnedDeg(traits: BenchTraits, nominalDeg: number): number {
  return nominalDeg * (traits.curlGain[nominalDeg] ?? 1);
}

/** The wall as this bench's dies really leave it. */
export function formedWish(traits: BenchTraits, wish: WallWish): WallWish {
  return wish.kind === 'rounded' && !wish.curl ? { ...wish, curlDeg: turnedDeg(traits, curlOf(wish)) } : wish;
}
