import type { MetalId } from '../metal';
import { bisect } from '../numeric';
import type { MandrelTaper } from '../size';
import type { Coin } from '../stock';
import { fitWall } from './fit-wall';
import type { StartedFrom } from './started-from';

/** A coin of which perhaps no more is known than its metal. */
export interface PartlyKnownCoin {
  readonly metal: MetalId;
  readonly diameterMm?: number | undefined;
  readonly rimThicknessMm?: number | undefined;
  readonly massG?: number | undefined;
}

/** A usual piece, where nothing tells (ours), mm. */
const USUAL_THICKNESS_MM = 2;
const USUAL_DIAMETER_MM = 30;
const USUAL_HEIGHT_MM = 9;
/** Coins and medals that rings are made of, mm. */
const DIAMETERS_MM = { min: 14, max: 60 } as const;

/**
 * The coin that a half-made piece was: as thick as its rim was measured, and as wide as gives a wall of the height that
 * was measured, from a hole of the given size; what nothing tells is as usual.
 * @param holeMm taken for the hole, mm
 */
export function guessCoin(
  known: PartlyKnownCoin,
  started: StartedFrom,
  holeMm: number,
  mandrel: MandrelTaper,
): Coin {
  const { metal, massG, diameterMm } = known;
  const { heightMm, ...read } = started;
  const rimThicknessMm = known.rimThicknessMm ?? started.thicknessRimMm ?? USUAL_THICKNESS_MM;
  const thickness = { metal, rimThicknessMm };
  if (diameterMm !== undefined) {
    return { ...thickness, diameterMm, ...(massG === undefined ? {} : { massG }) };
  }
  if (started.stage === 'punched') return { ...thickness, diameterMm: USUAL_DIAMETER_MM };
  const heightOf = (mm: number) => fitWall({ ...thickness, diameterMm: mm }, holeMm, read, mandrel).heightMm;
  const least = Math.max(DIAMETERS_MM.min, holeMm + 4);
  // The wider the coin, the higher its wall.
  return { ...thickness, diameterMm: bisect(heightOf, heightMm ?? USUAL_HEIGHT_MM, least, DIAMETERS_MM.max) };
}
