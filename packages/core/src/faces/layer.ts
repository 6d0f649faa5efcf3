import { degToRad } from '../numeric';
import type { WALL_LAYERS } from './codes';
import { slopesOf, type WallLine } from './wall-line';

export type WallLayer = (typeof WALL_LAYERS)[number];

/** How far each layer lies outward of the middle, in halves of the thickness. */
const OUTWARD: Readonly<Record<WallLayer, number>> = { outside: 1, middle: 0, inside: -1 };

/** One layer of a wall: by fibres that lay evenly in the flat piece. Between them radius and stretch change evenly. */
export interface Layer {
  readonly spacingMm: number;
  readonly holeRadiusMm: number;
  readonly rimRadiusMm: number;
  /** From the axis, mm. */
  readonly radiusMm: Float64Array;
  /** Length along this layer against the flat piece's. */
  readonly stretch: Float64Array;
  /** Along this layer from the cut edge, mm. */
  readonly arcMm: Float64Array;
  readonly widthMm: number;
}

/**
 * How much longer a side is than the middle: where a wall bends outward its outside is longer, and where it grows thicker
 * both sides run off at a slant. The normal turns by as much as the wall leans.
 */
function stretchOf(line: WallLine, outward: number): Float64Array {
  const bend = slopesOf(line.leanDeg.map(degToRad), line.spacingMm);
  const thicken = slopesOf(line.thicknessMm, line.spacingMm);
  return Float64Array.from(line.widthStretch, (stretch, i) => {
    const half = outward * 0.5;
    const along = stretch - half * (line.thicknessMm[i] ?? 0) * (bend[i] ?? 0);
    return Math.hypot(along, half * (thicken[i] ?? 0));
  });
}

/** One layer of a wall, ready to be asked. */
export function layer(line: WallLine, which: WallLayer): Layer {
  const outward = OUTWARD[which];
  const { spacingMm, holeRadiusMm, meanRadiusMm, thicknessMm, leanDeg } = line;
  const stretch = stretchOf(line, outward);
  const arcMm = new Float64Array(stretch.length);
  for (let i = 1; i < stretch.length; i++) {
    arcMm[i] = (arcMm[i - 1] ?? 0) + (spacingMm * ((stretch[i - 1] ?? 0) + (stretch[i] ?? 0))) / 2;
  }
  return {
    spacingMm,
    holeRadiusMm,
    rimRadiusMm: holeRadiusMm + spacingMm * (meanRadiusMm.length - 1),
    radiusMm: Float64Array.from(
      meanRadiusMm,
      (radius, i) => radius + outward * ((thicknessMm[i] ?? 0) / 2) * Math.cos(degToRad(leanDeg[i] ?? 0)),
    ),
    stretch,
    arcMm,
    widthMm: arcMm.at(-1) ?? 0,
  };
}

/** A place of the flat piece among the fibres: the one before it, and how far it is from there to the next, 0 to 1. */
export interface FibrePlace {
  readonly fibre: number;
  readonly part: number;
}

export function placeAt(wall: Layer, radiusMm: number): FibrePlace {
  const place = (radiusMm - wall.holeRadiusMm) / wall.spacingMm;
  const fibre = Math.min(Math.max(Math.floor(place), 0), wall.arcMm.length - 2);
  return { fibre, part: place - fibre };
}

/** What is known at the fibres, at a place among them. */
export function valueAt(values: Float64Array, { fibre, part }: FibrePlace): number {
  const from = values[fibre] ?? 0;
  return from + part * ((values[fibre + 1] ?? 0) - from);
}

/** Along the layer from the cut edge to a place among the fibres, mm. */
export function arcAtMm(wall: Layer, { fibre, part }: FibrePlace): number {
  const from = wall.stretch[fibre] ?? 0;
  const change = (wall.stretch[fibre + 1] ?? 0) - from;
  return (wall.arcMm[fibre] ?? 0) + wall.spacingMm * part * (from + (change * part) / 2);
}

/** The last fibre at or below a height. */
function fibreBelow(arcMm: Float64Array, heightMm: number): number {
  let [low, high] = [0, arcMm.length - 2];
  while (low < high) {
    const middle = (low + high + 1) >> 1;
    if ((arcMm[middle] ?? 0) <= heightMm) low = middle;
    else high = middle - 1;
  }
  return low;
}

/** Where in the flat piece lay what is now so far along the layer from the cut edge, mm from its middle: the exact inverse. */
export function radiusAtArcMm(wall: Layer, heightMm: number): number {
  const fibre = fibreBelow(wall.arcMm, heightMm);
  const from = wall.stretch[fibre] ?? 0;
  const change = (wall.stretch[fibre + 1] ?? 0) - from;
  const rest = (heightMm - (wall.arcMm[fibre] ?? 0)) / wall.spacingMm;
  // The root of rest = part·(from + change·part/2), in the form that also holds where nothing changes.
  const part = (2 * rest) / (from + Math.sqrt(from ** 2 + 2 * change * rest));
  return wall.holeRadiusMm + wall.spacingMm * (fibre + part);
}
