import {
  arcWidthMm,
  axialReachMm,
  cutEdge,
  DEFAULT_FOLD_ANGLE_DEG,
  finishedMeridian,
  flatMeridian,
  foldedMiddleMm,
  funnelWall,
  mapMeridian,
  placesAlong,
  rimEdge,
  sharesAlong,
  type Meridian,
} from '../forming';
import { bisect, degToRad, radToDeg } from '../numeric';
import { fittedTo } from '../replan';
import { edgesFromReading, type EdgeDiameters, type EdgesFromReading, type MandrelTaper } from '../size';
import { workingThickness, type Coin } from '../stock';
import type { StartedFrom } from './started-from';

/** Curl of a rounded ring whose lean nobody measured, degrees (default: one push in the 17° die). */
const ASSUMED_CURL_DEG = 17;
/** A hole is looked for between these, mm; a land of at least so much is left. */
const SMALLEST_HOLE_MM = 4;
const LEAST_LAND_MM = 2;
/** Heights this near are the same: a calliper on a wall that leans, mm. */
const SAME_HEIGHT_MM = 0.15;

/** A wall that measures what was read, and how it came about. */
export interface FittedWall {
  readonly wall: Meridian;
  /** The hole that it began with, as measured, planned or found from its height, mm. */
  readonly holeMm: number;
  /** Whether a height, measured or by a funnel's lean, told the hole. */
  readonly holeFromHeight: boolean;
  readonly edges: EdgeDiameters;
  readonly hiddenEdge: EdgesFromReading['hiddenEdge'];
  readonly heightMm: number;
  readonly leanDeg: number;
  /** Whether the height was measured and no hole of this coin explains it. */
  readonly disagrees: boolean;
}

function flatOf(coin: Coin, holeMm: number): Meridian {
  const { thicknessMm } = workingThickness(coin);
  return flatMeridian(holeMm / 2, coin.diameterMm / 2, thicknessMm);
}

/** The wall as its stage usually leaves it, near the sizes that were read. */
function usualWall(coin: Coin, holeMm: number, { stage, leanDeg, ...read }: StartedFrom): Meridian {
  const { thicknessMm } = workingThickness(coin);
  const washer = { diameterMm: coin.diameterMm, holeMm, thicknessMm };
  const insideMm = Math.min(read.rimDownMm, read.cutDownMm);
  switch (stage) {
    case 'punched':
      return flatOf(coin, holeMm);
    case 'folded': {
      const flat = flatOf(coin, holeMm);
      const angleDeg = leanDeg ?? DEFAULT_FOLD_ANGLE_DEG;
      const shape = funnelWall(foldedMiddleMm(flat, angleDeg), angleDeg);
      return mapMeridian(flat, shape, { share: sharesAlong(flat, 'fold') });
    }
    case 'rounded': {
      const curlDeg = leanDeg ?? ASSUMED_CURL_DEG;
      return finishedMeridian(washer, { kind: 'rounded', curlDeg }, insideMm);
    }
    case 'straight':
    case 'band':
      return finishedMeridian(washer, { kind: 'straight' }, insideMm);
  }
}

/** Thicknesses that were measured, in between in proportion; each fibre keeps its volume, so that its width follows. */
function withThickness(wall: Meridian, { thicknessCutMm, thicknessRimMm }: StartedFrom): Meridian {
  if (thicknessCutMm === undefined && thicknessRimMm === undefined) return wall;
  const [cut, rim] = [cutEdge(wall).thicknessMm, rimEdge(wall).thicknessMm];
  const atCut = (thicknessCutMm ?? cut) / cut;
  const atRim = (thicknessRimMm ?? rim) / rim;
  const factors = placesAlong(wall).map((place) => atCut + (atRim - atCut) * place);
  return {
    ...wall,
    thicknessMm: wall.thicknessMm.map((mm, i) => mm * (factors[i] ?? 1)),
    widthStretch: wall.widthStretch.map((stretch, i) => stretch / (factors[i] ?? 1)),
  };
}

/** An edge that the other one hid from the mandrel stands where the usual wall puts it from the one that was read. */
function seenEdges(read: EdgesFromReading, usual: Meridian): EdgeDiameters {
  const { hiddenEdge, rimInsideDiameterMm: rim, cutInsideDiameterMm: cut } = read;
  const widerMm = rimEdge(usual).insideDiameterMm - cutEdge(usual).insideDiameterMm;
  return {
    rimInsideDiameterMm: hiddenEdge === 'rim' ? Math.max(rim, cut + widerMm) : rim,
    cutInsideDiameterMm: hiddenEdge === 'cut' ? Math.max(cut, rim - widerMm) : cut,
  };
}

/** Its height and what the mandrel hides hang on each other: twice round is enough. */
const ROUNDS = 2;

function wallFor(coin: Coin, holeMm: number, started: StartedFrom, mandrel: MandrelTaper) {
  const usual = withThickness(usualWall(coin, holeMm, started), started);
  if (started.stage === 'punched') {
    const edges = { rimInsideDiameterMm: coin.diameterMm, cutInsideDiameterMm: holeMm };
    return { wall: usual, edges, hiddenEdge: undefined };
  }
  let wall = usual;
  let read: EdgesFromReading | undefined;
  let edges = { rimInsideDiameterMm: started.rimDownMm, cutInsideDiameterMm: started.cutDownMm };
  for (let round = 0; round < ROUNDS; round++) {
    read = edgesFromReading(started, started.heightMm ?? axialReachMm(wall), 'leading', mandrel);
    edges = seenEdges(read, usual);
    wall = withThickness(fittedTo(usual, edges), started);
  }
  return { wall, edges, hiddenEdge: read?.hiddenEdge };
}

/** The height that was measured, or that a funnel's lean tells: both say how wide the wall is. */
function toldHeightMm({ stage, heightMm, leanDeg, rimDownMm, cutDownMm }: StartedFrom): number | undefined {
  if (heightMm !== undefined || stage !== 'folded' || leanDeg === undefined) return heightMm;
  const acrossMm = (rimDownMm - cutDownMm) / 2;
  return acrossMm > 0 ? acrossMm / Math.tan(degToRad(leanDeg)) : undefined;
}

/**
 * The wall of a half-made piece: a wall of its coin's metal, in the shape of its stage, that measures what was read
 * (craft §13). Where a height was measured the hole is the one that leaves a wall so high; else it is the one given.
 * @param holeMm to be taken where nothing tells another, mm
 */
export function fitWall(coin: Coin, holeMm: number, started: StartedFrom, mandrel: MandrelTaper): FittedWall {
  const told = toldHeightMm(started);
  const most = coin.diameterMm - LEAST_LAND_MM;
  const reachOf = (hole: number) => axialReachMm(wallFor(coin, hole, started, mandrel).wall);
  const hole =
    started.stage === 'punched'
      ? Math.min(started.rimDownMm, started.cutDownMm)
      : told === undefined
        ? Math.min(holeMm, most)
        : // A larger hole leaves a lower wall.
          most - bisect((less) => reachOf(most - less), told, 0, most - SMALLEST_HOLE_MM);
  const fitted = wallFor(coin, hole, started, mandrel);
  const heightMm = axialReachMm(fitted.wall);
  const { rimInsideDiameterMm: rim, cutInsideDiameterMm: cut } = fitted.edges;
  const lean = Math.max(-1, Math.min(1, (rim - cut) / 2 / arcWidthMm(fitted.wall)));
  return {
    ...fitted,
    holeMm: hole,
    holeFromHeight: started.stage !== 'punched' && told !== undefined,
    heightMm,
    leanDeg: started.stage === 'punched' ? 90 : radToDeg(Math.asin(lean)),
    disagrees: told !== undefined && Math.abs(heightMm - told) > SAME_HEIGHT_MM,
  };
}
