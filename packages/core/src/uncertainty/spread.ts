import { type BenchTraits, DEFAULT_TRAITS, type WidthSpread } from '../steps';
import type { Coin } from '../stock';

/** How a hole is centred (craft §3, two schools): by scribed lines and eye, or with a self-centring punch. */
export const CENTRING_WAYS = ['by-eye', 'self-centring'] as const;
export type CentringWay = (typeof CENTRING_WAYS)[number];

/** How well each thing is known, as standard deviations. Defaults; the log tells how well widths, dies and curls are known. */
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
  /** Width that this bench gives against the simulation's. */
  readonly width: WidthSpread;
  /** What trimming the lip gives, mm of inside diameter. */
  readonly trimMm: number;
  /** Funnels of the fold's die, in its own scatters. */
  readonly foldScatters: number;
  /** Drop of the size when the edges are turned in, as a share of it. */
  readonly curlShare: number;
  /** A mandrel's marks against true millimetres, the same at every reading. */
  readonly gaugeMm: number;
  /** Thickness of an edge over worn relief, as a share of it. */
  readonly edgeShare: number;
}

/** A calliper read to 0.01 by a careful hand. */
const CALLIPER_MM = 0.02;
/** Alloys are struck to a few thousandths of their fineness, and a worn coin's relief is not even. */
const ALLOY_SHARE = 0.004;
/** The field's share of the rim varies this much from coin to coin when no mass is known. */
const RIM_SHARE = 0.035;
/** Error of a scale that shows hundredths, g. */
const SCALE_G = 0.01;
/**
 * Angles that dies really turn edges by differ by 12 % (the pull of what the log learns); the reading after a first,
 * shallower die lets the second make up for part of that. A die that the log knows is as far off as its readings.
 */
const CURL_SHARE = { unknown: 0.08, known: 0.04 };
/** Mandrels of a workshop are seldom off by more than an eighth of a US size. */
const GAUGE_MM = 0.05;
const CENTRING_MM: Readonly<Record<CentringWay, number>> = { 'by-eye': 0.12, 'self-centring': 0.05 };

/** A reading of the mandrel, mm of inside diameter. */
export const READING_MM = 0.06;

/** What a piece is worked with, and how it was measured. */
export interface Measured {
  readonly centring?: CentringWay | undefined;
  /** Error of the scale, g. */
  readonly scaleErrorG?: number | undefined;
  /** How the bench behaves; left out, by default. */
  readonly traits?: BenchTraits | undefined;
}

/** What is known of a piece from how it was measured, and of the bench from its log. */
export function spreadFor(
  coin: Coin,
  { centring = 'by-eye', scaleErrorG = SCALE_G, traits = DEFAULT_TRAITS }: Measured = {},
): Spread {
  const byMass = coin.massG === undefined ? undefined : Math.hypot(scaleErrorG / coin.massG, ALLOY_SHARE);
  return {
    diameterMm: CALLIPER_MM,
    thicknessShare: byMass ?? RIM_SHARE,
    holeMm: 0.03,
    centringMm: CENTRING_MM[centring],
    readingMm: READING_MM,
    share: 0.03,
    width: traits.widthSpread,
    trimMm: 0.08,
    foldScatters: 1,
    curlShare: Object.keys(traits.curlGain).length > 0 ? CURL_SHARE.known : CURL_SHARE.unknown,
    gaugeMm: GAUGE_MM,
    edgeShare: 0.02,
  };
}
