import type { Coin } from '../stock';

/** How a hole is centred (craft §3, two schools): by scribed lines and eye, or with a self-centring punch. */
export const CENTRING_WAYS = ['by-eye', 'self-centring'] as const;
export type CentringWay = (typeof CENTRING_WAYS)[number];

/** How well each thing is known, as standard deviations. Defaults; the log corrects the last three. */
export interface Spread {
  /** Coin diameter by calliper, mm. */
  readonly diameterMm: number;
  /** Working thickness, as a share of itself. */
  readonly thicknessShare: number;
  /** Hole after deburring, mm. */
  readonly holeMm: number;
  /** Hole off centre: each of two directions, mm. */
  readonly centringMm: number;
  /** A reading of the mandrel, mm of inside diameter. */
  readonly readingMm: number;
  /** Share a of the width, every blow alike. */
  readonly share: number;
  /** Width that this bench gives against the simulation's, as a share of it. */
  readonly benchShare: number;
  /** What trimming the lip gives, mm of inside diameter. */
  readonly trimMm: number;
}

/** A calliper read to 0.01 by a careful hand. */
const CALLIPER_MM = 0.02;
/** Alloys are struck to a few thousandths of their fineness, and a worn coin's relief is not even. */
const ALLOY_SHARE = 0.004;
/** The field's share of the rim varies this much from coin to coin when no mass is known. */
const RIM_SHARE = 0.035;
/** Error of a scale that shows hundredths, g. */
const SCALE_G = 0.01;
/** The simulation meets the finite-element study within 1 %; a bench with its own dies and grease differs by more. */
const BENCH_SHARE = 0.012;
const CENTRING_MM: Readonly<Record<CentringWay, number>> = { 'by-eye': 0.12, 'self-centring': 0.05 };

/** What is known of a piece from how it was measured. */
export function spreadFor(
  coin: Coin,
  centring: CentringWay = 'by-eye',
  /** Error of the scale, g. */
  scaleErrorG: number = SCALE_G,
): Spread {
  const byMass = coin.massG === undefined ? undefined : Math.hypot(scaleErrorG / coin.massG, ALLOY_SHARE);
  return {
    diameterMm: CALLIPER_MM,
    thicknessShare: byMass ?? RIM_SHARE,
    holeMm: 0.03,
    centringMm: CENTRING_MM[centring],
    readingMm: 0.06,
    share: 0.03,
    benchShare: BENCH_SHARE,
    trimMm: 0.08,
  };
}
