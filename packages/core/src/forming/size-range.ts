import { lastAbove } from '../numeric';
import { finishedMeridian, largestMomentMm, type Washer } from './finished';
import { COMFORTABLE_CUT_EDGE_MM, SHARP_CUT_EDGE_MM, STEPPED_RIM_STRAIN_LIMIT } from './limits';
import { cutEdge, rimEdge } from './meridian';
import { HOLLOW_ROOM, hollowRoom } from './push';
import { leastOverStretchMm } from './school';
import type { WallWish } from './wall';

export interface SizeRange {
  readonly min: number;
  readonly max: number;
  /** Up to here the cut edge stays comfortable; undefined where no size of the range leaves it so. */
  readonly comfortableMax: number | undefined;
  /** What ends the range above: the rim cannot grow, the cut edge gets sharp, or the ring does not go into its hollow. */
  readonly maxEndsBy: 'rim-would-grow' | 'cut-edge-sharp' | 'hollow-too-small';
  /** What ends it below: the rim cannot be crowded further, the hole cannot shrink, or the hollow is too wide. */
  readonly minEndsBy: 'rim-too-compressed' | 'hole-larger-than-ring' | 'hollow-too-wide';
}

/** Edges need few fibres; the arc width only enters through the curl. */
const INTERVALS = 8;
/** Far finer than a size is known, and quick. */
const WITHIN_MM = 2e-3;

/**
 * Inside diameters, mm, that a washer can become with a wall (craft §3): above, the rim's largest moment stays within
 * the coin, the cut edge thick enough, comfortably or at all, and the ring within the hollow that turns its edges in; below, the rim's crowding stays within stepped reduction and the hole
 * need not shrink.
 * @returns undefined when no size satisfies all of them
 */
export function sizeRange(
  washer: Washer,
  wall: WallWish,
  share?: number,
  overStretchMm = leastOverStretchMm(),
): SizeRange | undefined {
  const at = (targetMm: number) => finishedMeridian(washer, wall, targetMm, share, INTERVALS);
  // Most walls are pushed into no hollow: nothing is worked out for it then.
  const isHollowed = wall.curl?.hollowRadiusMm !== undefined;
  // Each is what is left of a limit: not negative where the size keeps to it.
  const rimRoom = (targetMm: number) =>
    washer.diameterMm - largestMomentMm(washer, wall, targetMm, at(targetMm), overStretchMm);
  const cutRoom = (thinnestMm: number) => (targetMm: number) =>
    cutEdge(at(targetMm)).thicknessMm - thinnestMm;
  const safeRoom = cutRoom(SHARP_CUT_EDGE_MM);
  const comfortRoom = cutRoom(COMFORTABLE_CUT_EDGE_MM);
  const roomOf = (part: 'in' | 'onSide') => (targetMm: number) =>
    isHollowed ? (hollowRoom(targetMm, wall.curl, at(targetMm))?.[part] ?? 0) : 0;
  const intoHollow = roomOf('in');
  const onItsSide = roomOf('onSide');
  const crowdRoom = (targetMm: number) => rimEdge(at(targetMm)).strainLog - STEPPED_RIM_STRAIN_LIMIT;
  const holeRoom = (targetMm: number) => cutEdge(at(targetMm)).strainLog;

  const hollowMm = 2 * (wall.curl?.hollowRadiusMm ?? 0);
  // Far below what a hollow is too wide for, its law says nothing; a wall that closes so far gains less than half of its thickness.
  const aboveBottom = hollowMm / HOLLOW_ROOM.most - 3 * washer.thicknessMm;
  const lowest = Math.max(2, washer.holeMm - 4 * washer.thicknessMm, aboveBottom);
  const highest = washer.diameterMm;
  if (rimRoom(lowest) < 0 || safeRoom(lowest) < 0 || intoHollow(lowest) < 0) return undefined;
  const byRim = lastAbove(rimRoom, lowest, highest, WITHIN_MM);
  const byCut = lastAbove(safeRoom, lowest, byRim, WITHIN_MM);
  const max = lastAbove(intoHollow, lowest, byCut, WITHIN_MM);
  if (crowdRoom(max) < 0 || holeRoom(max) < 0 || onItsSide(max) < 0) return undefined;
  const minByRim = lastAbove(crowdRoom, max, lowest, WITHIN_MM);
  const minByHole = lastAbove(holeRoom, max, lowest, WITHIN_MM);
  const minByHollow = lastAbove(onItsSide, max, lowest, WITHIN_MM);
  const min = Math.max(minByRim, minByHole, minByHollow);
  const comfortableMax = comfortRoom(min) < 0 ? undefined : lastAbove(comfortRoom, min, max, WITHIN_MM);
  return {
    min,
    max,
    comfortableMax,
    maxEndsBy: max < byCut ? 'hollow-too-small' : byCut < byRim ? 'cut-edge-sharp' : 'rim-would-grow',
    minEndsBy:
      minByHollow > Math.max(minByRim, minByHole)
        ? 'hollow-too-wide'
        : minByHole > minByRim
          ? 'hole-larger-than-ring'
          : 'rim-too-compressed',
  };
}
