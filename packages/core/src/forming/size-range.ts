import { lastWhere } from '../numeric';
import { finishedMeridian, largestMomentMm, type Washer } from './finished';
import { OVER_STRETCH_MM, STEPPED_RIM_STRAIN_LIMIT, THINNEST_CUT_EDGE_MM } from './limits';
import { cutEdge, rimEdge } from './meridian';
import type { WallWish } from './wall';

export interface SizeRange {
  readonly min: number;
  readonly max: number;
  /** What ends the range above: the rim cannot grow, or the cut edge gets too thin. */
  readonly maxEndsBy: 'rim-would-grow' | 'cut-edge-thin';
  /** What ends it below: the rim cannot be crowded further, or the hole cannot shrink. */
  readonly minEndsBy: 'rim-too-compressed' | 'hole-larger-than-ring';
}

/** Edges need few fibres; the arc width only enters through the curl. */
const INTERVALS = 8;
/** A size is told to a thousandth of the range: far finer than it is known, and quick. */
const HALVINGS = 14;

/**
 * Inside diameters, mm, that a washer can become with a wall (craft §3): above, the rim's largest moment stays within
 * the coin and the cut edge thick enough; below, the rim's crowding stays within stepped reduction and the hole
 * need not shrink.
 * @returns undefined when no size satisfies all of them
 */
export function sizeRange(
  washer: Washer,
  wall: WallWish,
  share?: number,
  overStretchMm: number = OVER_STRETCH_MM.min,
): SizeRange | undefined {
  const at = (targetMm: number) => finishedMeridian(washer, wall, targetMm, share, INTERVALS);
  const rimFits = (targetMm: number) =>
    largestMomentMm(washer, wall, targetMm, at(targetMm), overStretchMm) <= washer.diameterMm;
  const cutThick = (targetMm: number) => cutEdge(at(targetMm)).thicknessMm >= THINNEST_CUT_EDGE_MM;
  const rimBears = (targetMm: number) => rimEdge(at(targetMm)).strainLog >= STEPPED_RIM_STRAIN_LIMIT;
  const holeOpens = (targetMm: number) => cutEdge(at(targetMm)).strainLog >= 0;

  const lowest = Math.max(2, washer.holeMm - 4 * washer.thicknessMm);
  const highest = washer.diameterMm;
  if (!rimFits(lowest) || !cutThick(lowest)) return undefined;
  const byRim = lastWhere(rimFits, lowest, highest, HALVINGS);
  const byCut = cutThick(byRim) ? byRim : lastWhere(cutThick, lowest, byRim, HALVINGS);
  const max = Math.min(byRim, byCut);
  if (!rimBears(max) || !holeOpens(max)) return undefined;
  const minByRim = rimBears(lowest) ? lowest : lastWhere(rimBears, max, lowest, HALVINGS);
  const minByHole = holeOpens(lowest) ? lowest : lastWhere(holeOpens, max, lowest, HALVINGS);
  const min = Math.max(minByRim, minByHole);
  return {
    min,
    max,
    maxEndsBy: byCut < byRim ? 'cut-edge-thin' : 'rim-would-grow',
    minEndsBy: minByHole > minByRim ? 'hole-larger-than-ring' : 'rim-too-compressed',
  };
}
