import { densityGMm3, workingThickness, type Coin } from '../stock';
import { finishedMeridian, type Washer } from './finished';
import { isFeasible, judgeCoinRing } from './judge';
import { methodForRimStrain, type FormingMethod } from './limits';
import { arcWidthMm, axialReachMm, cutEdge, rimEdge, type Meridian } from './meridian';
import { naturalInsideDiameterMm } from './natural-size';
import type { Reason } from './reason';
import type { SchoolWish } from './codes';
import { leastOverStretchMm } from './school';
import { sizeRange, type SizeRange } from './size-range';
import { defaultSizeWriter, type SizeWriter } from './size-writer';
import { wallCurlDropMm, type WallWish } from './wall';

/** What the maker chose. Lengths in mm, mass in g, angles in degrees from the axis. */
export interface CoinRingInput {
  readonly coin: Coin;
  readonly holeMm: number;
  readonly targetInsideDiameterMm: number;
  readonly wall: WallWish;
  /** How the wall is brought to size; left out, {@link DEFAULT_SCHOOL}. */
  readonly school?: SchoolWish | undefined;
}

/** The ring that comes out, in numbers. */
export interface CoinRingFigures {
  readonly bandWidthMm: number;
  readonly axialHeightMm: number;
  readonly thicknessCutEdgeMm: number;
  readonly thicknessRimEdgeMm: number;
  readonly outsideDiameterMm: number;
  /** Hoop strains from flat coin to finished ring, ln(R_f/r). */
  readonly strainCutEdge: number;
  readonly strainRimEdge: number;
  readonly curlDropMm: number;
  readonly beforeCurlInsideDiameterMm: number;
}

export interface CoinRingEstimate extends CoinRingFigures {
  readonly workingThicknessMm: number;
  readonly thicknessSource: 'mass' | 'rim';
  readonly method: FormingMethod;
  readonly feasible: boolean;
  readonly reasons: readonly Reason[];
  readonly sizeRangeMm: SizeRange | undefined;
  readonly naturalInsideDiameterMm: number;
  readonly slugMassG: number;
  readonly ringMassG: number;
  readonly meridian: Meridian;
}

/** The flat washer a coin and a hole make. */
export function washerOf(coin: Coin, holeMm: number): Washer {
  return { diameterMm: coin.diameterMm, holeMm, thicknessMm: workingThickness(coin).thicknessMm };
}

/** Reads the figures off a finished wall. */
export function figuresOf(
  meridian: Meridian,
  wall: WallWish,
  targetInsideDiameterMm: number,
): CoinRingFigures {
  const cut = cutEdge(meridian);
  const rim = rimEdge(meridian);
  const bandWidthMm = arcWidthMm(meridian);
  const curlDropMm = wallCurlDropMm(wall, meridian, targetInsideDiameterMm);
  // A rounded ring is widest at its belly; thicknesses there lie between the edges' and the flat coin's.
  const outsideDiameterMm =
    2 * Math.max(...meridian.meanRadiusMm.map((r, i) => r + (meridian.thicknessMm[i] ?? 0) / 2));
  return {
    bandWidthMm,
    axialHeightMm: axialReachMm(meridian),
    thicknessCutEdgeMm: cut.thicknessMm,
    thicknessRimEdgeMm: rim.thicknessMm,
    outsideDiameterMm,
    strainCutEdge: cut.strainLog,
    strainRimEdge: rim.strainLog,
    curlDropMm,
    beforeCurlInsideDiameterMm: targetInsideDiameterMm + curlDropMm,
  };
}

/**
 * The quick answer for a coin, a hole, a size and a wall: the closed form with one share, the verdict with reasons,
 * and the sizes this washer can become (craft §3).
 * @param share a of craft §3, one number for the whole route
 */
export function estimateCoinRing(
  input: CoinRingInput,
  share?: number,
  writeSize: SizeWriter = defaultSizeWriter,
): CoinRingEstimate {
  const { coin, holeMm, targetInsideDiameterMm, wall, school } = input;
  const { thicknessMm, source } = workingThickness(coin);
  const washer: Washer = { diameterMm: coin.diameterMm, holeMm, thicknessMm };
  const meridian = finishedMeridian(washer, wall, targetInsideDiameterMm, share);
  const range = sizeRange(washer, wall, share, leastOverStretchMm(school));
  const reasons = judgeCoinRing({
    coin,
    washer,
    wall,
    targetInsideDiameterMm,
    finished: meridian,
    range,
    writeSize,
    school,
  });
  const figures = figuresOf(meridian, wall, targetInsideDiameterMm);
  const feasible = isFeasible(reasons);
  const gramsPerArea = densityGMm3(coin) * thicknessMm * (Math.PI / 4);
  const slugMassG = gramsPerArea * holeMm ** 2;
  return {
    ...figures,
    workingThicknessMm: thicknessMm,
    thicknessSource: source,
    method: feasible ? methodForRimStrain(figures.strainRimEdge) : 'none',
    feasible,
    reasons,
    sizeRangeMm: range,
    naturalInsideDiameterMm: naturalInsideDiameterMm(coin.diameterMm, holeMm, thicknessMm),
    slugMassG,
    ringMassG: gramsPerArea * coin.diameterMm ** 2 - slugMassG,
    meridian,
  };
}
