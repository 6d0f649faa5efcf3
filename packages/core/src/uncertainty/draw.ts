import type { Coin } from '../stock';
import { normalPlace, studentPlace } from '../numeric';
import {
  type BenchTraits,
  type FoldDieContact,
  foldDieKey,
  funnelsOf,
  NINE_OF_TEN,
  type WidthSpread,
} from '../steps';
import type { Spread } from './spread';

/** Dies that a ring may meet. */
export interface RingDies {
  readonly folds: readonly FoldDieContact[];
  /** Nominal angles of the dies that turn edges in. */
  readonly curlDegs: readonly number[];
}

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
  'fold',
  'curl',
  'gauge',
  'edges',
] as const;
export type UnsureInput = (typeof UNSURE_INPUTS)[number];

/**
 * How far each input is off in one ring: mm, except thickness, bench, curl and edges (shares of thickness, width, drop and
 * edges), share, and fold (scatters of the die).
 */
export type Draw = Readonly<Record<UnsureInput, number>>;

/** So many numbers say how one ring is off: centring has two directions. */
export const DRAWN_NUMBERS = UNSURE_INPUTS.length + 1;

/** @param point {@link DRAWN_NUMBERS} numbers between 0 and 1: each input's place in its own distribution */
export function drawInputs(point: Float64Array, spread: Spread): Draw {
  const normal = (number: number) => normalPlace(point[number] ?? 0.5);
  return {
    diameter: normal(0) * spread.diameterMm,
    thickness: normal(1) * spread.thicknessShare,
    hole: normal(2) * spread.holeMm,
    centring: Math.hypot(normal(3), normal(4)) * spread.centringMm,
    reading: normal(5) * spread.readingMm,
    share: normal(6) * spread.share,
    bench: widthOff(point[7] ?? 0.5, spread.width),
    trim: normal(8) * spread.trimMm,
    fold: normal(9) * spread.foldScatters,
    curl: normal(10) * spread.curlShare,
    gauge: normal(11) * spread.gaugeMm,
    edges: normal(12) * spread.edgeShare,
  };
}

/** Bias and scatter of a bench whose scatter is not known either are a Student's t together. */
function widthOff(share: number, { biasShare, scatterShare, degrees, widened }: WidthSpread): number {
  return studentPlace(share, degrees) * Math.hypot(biasShare, scatterShare) * widened;
}

/** The bench as it is in one ring: its dies fold and turn in a little more or less than they mostly do. */
export function drawnTraits(traits: BenchTraits, draw: Draw, dies: RingDies): BenchTraits {
  return {
    ...traits,
    funnels: Object.fromEntries(
      dies.folds.map((die) => {
        const { growthMm, scatterMm } = funnelsOf(traits, die);
        const grownMm = growthMm + (draw.fold * scatterMm) / NINE_OF_TEN;
        return [foldDieKey(die), { growthMm: grownMm, scatterMm }];
      }),
    ),
    curlGain: Object.fromEntries(
      dies.curlDegs.map((angle) => [angle, (traits.curlGain[angle] ?? 1) * (1 + draw.curl)]),
    ),
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
