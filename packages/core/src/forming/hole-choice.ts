import type { Coin } from '../stock';
import { washerOf } from './estimate';
import { finishedMeridian } from './finished';
import { arcWidthMm, cutEdge, rimEdge } from './meridian';
import type { SchoolWish } from './codes';
import { limitStanding, type Standing } from './size-limits';
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
  /** How the forming limits let this hole become the ring. */
  readonly standing: Standing;
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
    standing: limitStanding(coin, { washer, wall, targetInsideDiameterMm, finished, school }),
    bandWidthMm: arcWidthMm(finished),
    strainCutEdge: cutEdge(finished).strainLog,
    strainRimEdge: rimEdge(finished).strainLog,
  };
}

/** Bands that most fingers like, mm: what an unasked-for hole is chosen by (ours). */
export const USUAL_WIDTHS_MM = { min: 7, max: 10 } as const;
/** Strains this near to each other are alike: the more usual width decides. */
const ALIKE_STRAIN = 0.02;

/** The widths that were wished for; what is left open is as usual. */
export interface WidthWish {
  readonly min?: number | undefined;
  readonly max?: number | undefined;
}

/**
 * The sane hole among the given ones: comfortable before thin, within the wished or usual width, and there the one that
 * strains the metal least; the width nearest the middle where strains are alike, or where no width is as wished.
 * @returns undefined when none makes the ring
 */
export function suggestHoleMm(
  question: HoleQuestion,
  holesMm: readonly number[],
  { min = USUAL_WIDTHS_MM.min, max = USUAL_WIDTHS_MM.max }: WidthWish = USUAL_WIDTHS_MM,
): number | undefined {
  const middleMm = (min + max) / 2;
  const looks = holesMm.map((holeMm) => {
    const { standing, bandWidthMm, strainCutEdge, strainRimEdge } = glanceAt(question, holeMm);
    const outsideMm = Math.max(0, min - bandWidthMm, bandWidthMm - max);
    const strain = Math.max(Math.abs(strainCutEdge), Math.abs(strainRimEdge));
    return { holeMm, standing, outsideMm, strain, offMiddleMm: Math.abs(bandWidthMm - middleMm) };
  });
  const possible = looks.filter(({ standing }) => standing !== 'refused');
  const comfortable = possible.filter(({ standing }) => standing === 'comfortable');
  const pool = comfortable.length > 0 ? comfortable : possible;
  const leastOutsideMm = Math.min(...pool.map(({ outsideMm }) => outsideMm));
  const wished = pool.filter(({ outsideMm }) => outsideMm <= leastOutsideMm);
  const leastStrain = Math.min(...wished.map(({ strain }) => strain));
  return wished
    .filter(({ strain }) => strain <= leastStrain + ALIKE_STRAIN)
    .sort((a, b) => a.offMiddleMm - b.offMiddleMm)[0]?.holeMm;
}
