import { degToRad, radToDeg, withinTurnDeg } from '../numeric';
import type { FACE_TURNS } from './codes';
import { arcAtMm, layer, placeAt, radiusAtArcMm, valueAt, type WallLayer } from './layer';
import type { WallLine } from './wall-line';

/** A place on a face of the piece: from its middle, and clockwise from its top as one looks at that face. */
export interface FacePoint {
  readonly radiusMm: number;
  readonly angleDeg: number;
}

/**
 * A place on the band unrolled, as one looks at that side of it with the rim edge up: from the cut edge along the wall,
 * and to the right from where the top of the face has come to.
 */
export interface BandPlace {
  readonly heightMm: number;
  readonly roundMm: number;
}

/** A place on the band, and how a detail there has been drawn out (above 1) or crowded (below 1). */
export interface MappedPoint extends BandPlace {
  readonly stretchRound: number;
  readonly stretchAcross: number;
  /** What takes it away although it has a place on the band; null where it stays. */
  readonly lost: 'lip' | null;
}

/** How one face of a piece lies on one side of the band that is made of it. */
export interface FaceMap {
  readonly holeRadiusMm: number;
  readonly rimRadiusMm: number;
  /** Along this side of the wall, from the cut edge to the rim edge. */
  readonly widthMm: number;
  /** @returns null for what lies in the hole, and for what lies beyond the rim: there is no such place on the band */
  readonly toBand: (point: FacePoint) => MappedPoint | null;
  /** The exact inverse of `toBand`. @returns null beyond the edges */
  readonly toFace: (place: BandPlace) => FacePoint | null;
  /** Radius of this side of the band at a place of the face, from the axis, mm. */
  readonly bandRadiusMm: (radiusMm: number) => number;
}

export interface FaceMapOptions {
  /** Which side of the wall the face has come to; left out, the middle of the wall. */
  readonly side?: WallLayer | undefined;
  /** How much is filed off the wall below the rim edge, mm along it; left out, nothing. */
  readonly lipMm?: number | undefined;
}

/** Places so near an edge are on it: what is computed of a radius that was computed of a height. */
const ON_EDGE_MM = 1e-9;

function within(value: number, low: number, high: number): number | null {
  if (value < low - ON_EDGE_MM || value > high + ON_EDGE_MM) return null;
  return Math.min(Math.max(value, low), high);
}

/**
 * Where every point of a face comes to lie on the band (craft §15): a point goes to the fibre that began at its radius,
 * at its own angle; its height is the length of the wall from the cut edge to there.
 */
export function faceMap(line: WallLine, { side = 'middle', lipMm = 0 }: FaceMapOptions = {}): FaceMap {
  const wall = layer(line, side);
  const { holeRadiusMm, rimRadiusMm, widthMm } = wall;
  const bandRadiusMm = (radiusMm: number) => valueAt(wall.radiusMm, placeAt(wall, radiusMm));
  return {
    holeRadiusMm,
    rimRadiusMm,
    widthMm,
    toBand: ({ radiusMm, angleDeg }) => {
      const radius = within(radiusMm, holeRadiusMm, rimRadiusMm);
      if (radius === null) return null;
      const place = placeAt(wall, radius);
      const heightMm = arcAtMm(wall, place);
      const bandMm = valueAt(wall.radiusMm, place);
      return {
        heightMm,
        roundMm: degToRad(angleDeg) * bandMm,
        stretchRound: bandMm / radius,
        stretchAcross: valueAt(wall.stretch, place),
        lost: heightMm > widthMm - lipMm ? 'lip' : null,
      };
    },
    toFace: ({ heightMm, roundMm }) => {
      const height = within(heightMm, 0, widthMm);
      if (height === null) return null;
      const radiusMm = radiusAtArcMm(wall, height);
      return { radiusMm, angleDeg: radToDeg(roundMm / bandRadiusMm(radiusMm)) };
    },
    bandRadiusMm,
  };
}

export type FaceTurn = (typeof FACE_TURNS)[number];

/**
 * The angle on its own face of what lies at an angle of the band, that counted clockwise from the top of the outside face
 * as one looks at it from outside; radians.
 */
export function angleOnFace(round: number, side: 'outside' | 'inside', turn: FaceTurn): number {
  return side === 'inside' ? degToRad(behindDeg(radToDeg(round), turn)) : round;
}

/** The angle on one face of what lies right behind an angle of the other, degrees. */
export function behindDeg(angleDeg: number, turn: FaceTurn): number {
  const behind = turn === 'medal' ? -angleDeg : 180 - angleDeg;
  return withinTurnDeg(behind);
}
