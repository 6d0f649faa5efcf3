import { degToRad } from '../numeric';
import type { FormedWall } from './blow';
import {
  arcWidthMm,
  axialReachMm,
  cutEdge,
  insideDiameterAtMm,
  rimEdge,
  type Edge,
  type Meridian,
} from './meridian';
import { atPlaces, standsUpright } from './places';

/** What is measured on a wall, mm. */
export interface WallFigures {
  /** Along the wall from edge to edge. */
  readonly widthMm: number;
  /** Over all along the axis. */
  readonly heightMm: number;
  readonly insideDiameterRimMm: number;
  readonly insideDiameterCutMm: number;
  readonly thicknessCutMm: number;
  readonly thicknessMidMm: number;
  readonly thicknessRimMm: number;
  readonly strainSinceAnneal: { readonly cut: number; readonly rim: number };
}

/** How far the corner of an edge that leans stands out past its middle, in shares of what a sharp one would: a die crushes it. */
const CORNER = { free: 0.5, crushed: 0.31 } as const;

function cornerMm({ thicknessMm, leanDeg }: Edge, share: number): number {
  return share * thicknessMm * Math.abs(Math.sin(degToRad(leanDeg)));
}

/** A belled edge is read where the bar binds: the smallest inside of the outer quarter of a wall that stands upright. */
function readEdgeMm(wall: Meridian, from: 'cut' | 'rim'): number {
  const last = wall.meanRadiusMm.length - 1;
  const quarter = standsUpright(wall) ? Math.round(last / 4) : 0;
  let least = Infinity;
  for (let i = 0; i <= quarter; i++) {
    least = Math.min(least, insideDiameterAtMm(wall, from === 'cut' ? i : last - i));
  }
  return least;
}

/** What a calliper and a bar say of a formed wall. */
export function figuresAfter({ wall, strainSinceAnneal }: FormedWall): WallFigures {
  const thickness = atPlaces(wall, wall.thicknessMm);
  const corner = standsUpright(wall) ? CORNER.crushed : CORNER.free;
  return {
    widthMm: arcWidthMm(wall),
    heightMm: axialReachMm(wall) + cornerMm(cutEdge(wall), corner) + cornerMm(rimEdge(wall), corner),
    insideDiameterRimMm: readEdgeMm(wall, 'rim'),
    insideDiameterCutMm: readEdgeMm(wall, 'cut'),
    thicknessCutMm: thickness[0],
    thicknessMidMm: thickness[2],
    thicknessRimMm: thickness[4],
    strainSinceAnneal: { cut: strainSinceAnneal[0], rim: strainSinceAnneal[4] },
  };
}
