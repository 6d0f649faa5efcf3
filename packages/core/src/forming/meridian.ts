import { degToRad } from '../numeric';
import type { WallShape } from './wall-shape';

/**
 * The wall as a line of fibres from the cut edge (first) to the rim edge (last), evenly spaced in the flat coin.
 * Each fibre is a hoop; the arrays run side by side.
 */
export interface Meridian {
  /** Distance of neighbouring fibres in the flat coin, mm. */
  readonly spacingMm: number;
  readonly originalRadiusMm: readonly number[];
  /** Radius of the middle of the wall now, mm. */
  readonly meanRadiusMm: readonly number[];
  /** Lean of the wall, outward from cut edge to rim edge, degrees from the axis; 90 is flat. */
  readonly leanDeg: readonly number[];
  /** Arc width now against the flat coin's. */
  readonly widthStretch: readonly number[];
  readonly thicknessMm: readonly number[];
}

/** Fibres enough for widths exact to a micrometre; see docs/model.md. */
const FIBRE_INTERVALS = 64;

/** The flat washer: hole radius to coin radius at an even thickness, mm. */
export function flatMeridian(
  holeRadiusMm: number,
  coinRadiusMm: number,
  thicknessMm: number,
  intervals = FIBRE_INTERVALS,
): Meridian {
  const spacingMm = (coinRadiusMm - holeRadiusMm) / intervals;
  const radii = Array.from({ length: intervals + 1 }, (_, i) => holeRadiusMm + i * spacingMm);
  return {
    spacingMm,
    originalRadiusMm: radii,
    meanRadiusMm: radii,
    leanDeg: radii.map(() => 90),
    widthStretch: radii.map(() => 1),
    thicknessMm: radii.map(() => thicknessMm),
  };
}

/** Trapezoid weight: the two edge fibres stand for half a spacing each. */
function weight(index: number, last: number): number {
  return index === 0 || index === last ? 0.5 : 1;
}

function at(values: readonly number[], index: number): number {
  const value = values[index];
  if (value === undefined) throw new RangeError(`no fibre ${index}`);
  return value;
}

/** Every nth value from the first; a plain loop, since walls are thinned thousands of times. */
export function everyNth(values: readonly number[], every: number): number[] {
  const kept: number[] = [];
  for (let i = 0; i < values.length; i += every) kept.push(at(values, i));
  return kept;
}

/** Intervals of a coarse wall. */
const COARSE_INTERVALS = 8;

/** The same wall with few of its fibres: enough where just the edges matter. */
export function coarseMeridian(meridian: Meridian): Meridian {
  const every = (meridian.meanRadiusMm.length - 1) / COARSE_INTERVALS;
  const thin = (values: readonly number[]) => everyNth(values, every);
  return {
    spacingMm: meridian.spacingMm * every,
    originalRadiusMm: thin(meridian.originalRadiusMm),
    meanRadiusMm: thin(meridian.meanRadiusMm),
    leanDeg: thin(meridian.leanDeg),
    widthStretch: thin(meridian.widthStretch),
    thicknessMm: thin(meridian.thicknessMm),
  };
}

/** Arc width of the wall from edge to edge, mm. */
export function arcWidthMm(meridian: Meridian): number {
  const last = meridian.widthStretch.length - 1;
  return meridian.widthStretch.reduce((sum, g, i) => sum + weight(i, last) * g * meridian.spacingMm, 0);
}

/** How the finished walls of a bench differ from what the simulation gives, as logarithms of each figure. */
export interface WallShift {
  readonly widthLog: number;
  readonly cutEdgeLog: number;
  readonly rimEdgeLog: number;
}

/**
 * A wall that is wider and thicker by so much than it was simulated; between the edges the thickness goes evenly over. Its
 * inside stays: a ring is worked to what a mandrel reads.
 */
export function shiftedWall(meridian: Meridian, { widthLog, cutEdgeLog, rimEdgeLog }: WallShift): Meridian {
  if (widthLog === 0 && cutEdgeLog === 0 && rimEdgeLog === 0) return meridian;
  const last = meridian.thicknessMm.length - 1;
  const thicker = meridian.thicknessMm.map(
    (mm, i) => mm * Math.expm1(cutEdgeLog + ((rimEdgeLog - cutEdgeLog) * i) / last),
  );
  return {
    ...meridian,
    widthStretch: meridian.widthStretch.map((stretch) => stretch * Math.exp(widthLog)),
    thicknessMm: meridian.thicknessMm.map((mm, i) => mm + at(thicker, i)),
    meanRadiusMm: meridian.meanRadiusMm.map(
      (mm, i) => mm + (at(thicker, i) * Math.cos(degToRad(at(meridian.leanDeg, i)))) / 2,
    ),
  };
}

/** How far the wall reaches along the axis, mm. */
export function axialReachMm(meridian: Meridian): number {
  const last = meridian.widthStretch.length - 1;
  return meridian.widthStretch.reduce(
    (sum, g, i) =>
      sum + weight(i, last) * g * meridian.spacingMm * Math.cos(degToRad(at(meridian.leanDeg, i))),
    0,
  );
}

/** Volume of metal in the wall, mm³. The trapezoid rule is exact for the flat washer and each fibre keeps its own. */
export function volumeMm3(meridian: Meridian): number {
  const last = meridian.widthStretch.length - 1;
  return meridian.widthStretch.reduce(
    (sum, g, i) =>
      sum +
      2 *
        Math.PI *
        at(meridian.meanRadiusMm, i) *
        at(meridian.thicknessMm, i) *
        weight(i, last) *
        g *
        meridian.spacingMm,
    0,
  );
}

/** Arc positions of the fibres from the cut edge, mm. */
export function arcPositionsMm(meridian: Meridian): readonly number[] {
  const positions = [0];
  for (let i = 1; i < meridian.widthStretch.length; i++) {
    const mean = (at(meridian.widthStretch, i - 1) + at(meridian.widthStretch, i)) / 2;
    positions.push(at(positions, i - 1) + mean * meridian.spacingMm);
  }
  return positions;
}

/** Places of the fibres along the wall, from 0 at the cut edge to 1 at the rim edge. */
export function placesAlong(meridian: Meridian): readonly number[] {
  const arcs = arcPositionsMm(meridian);
  const whole = arcs.at(-1) ?? 1;
  return arcs.map((arc) => arc / whole);
}

export interface MapOptions {
  /** Share a of the hoop stretch that the width takes: one, or one for each fibre. */
  readonly share: number | readonly number[];
  /** Extra widening by the tool at constant volume, one or one for each fibre; 1 is none. */
  readonly widthDraw?: number | readonly number[];
}

/** The position of a fibre depends on widths and thicknesses that depend on it: iterate until nothing moves by more. */
const TOLERANCE_MM = 1e-6;
const MAX_ITERATIONS = 60;

/**
 * Moves the wall into a new shape. Every fibre at radius R goes to R' = λR; its width follows by λ^(−a), its
 * thickness by λ^(−(1−a)), so that each fibre keeps its volume (craft §3).
 */
export function mapMeridian(meridian: Meridian, shape: WallShape, options: MapOptions): Meridian {
  const { share, widthDraw = 1 } = options;
  const { originalRadiusMm, spacingMm, meanRadiusMm, widthStretch, thicknessMm } = meridian;
  const count = originalRadiusMm.length;
  const shares = typeof share === 'number' ? widthStretch.map(() => share) : share;
  const draws = typeof widthDraw === 'number' ? widthStretch.map(() => widthDraw) : widthDraw;
  const radius = meanRadiusMm.slice();
  const stretch = widthStretch.slice();
  const thickness = thicknessMm.slice();
  const positions = new Array<number>(count).fill(0);
  const halfSpacing = spacingMm / 2;
  let width = 0;
  // The hottest loop of the program: indices stay within `count` by construction, so the checks of `at` are left out.
  for (
    let iteration = 0, moved = Infinity;
    iteration < MAX_ITERATIONS && moved >= TOLERANCE_MM;
    iteration++
  ) {
    for (let i = 1; i < count; i++) {
      positions[i] =
        (positions[i - 1] as number) + halfSpacing * ((stretch[i - 1] as number) + (stretch[i] as number));
    }
    width = positions[count - 1] as number;
    moved = 0;
    for (let i = 0; i < count; i++) {
      const next = shape.radiusMm(positions[i] as number, width, thickness[i] as number, i);
      moved = Math.max(moved, Math.abs(next - (radius[i] as number)));
      radius[i] = next;
      // Width and thickness share one logarithm, and one exponential as their product is known.
      const hoop = next / (meanRadiusMm[i] as number);
      const widthFactor = (draws[i] as number) * Math.exp(-(shares[i] as number) * Math.log(hoop));
      stretch[i] = (widthStretch[i] as number) * widthFactor;
      thickness[i] = (thicknessMm[i] as number) / (widthFactor * hoop);
    }
  }
  return {
    spacingMm,
    originalRadiusMm,
    meanRadiusMm: radius,
    leanDeg: radius.map((_, i) => shape.leanDeg(at(positions, i), width, at(thickness, i), i)),
    widthStretch: stretch,
    thicknessMm: thickness,
  };
}

/** One edge of the wall. */
export interface Edge {
  readonly originalRadiusMm: number;
  readonly meanRadiusMm: number;
  readonly thicknessMm: number;
  readonly insideDiameterMm: number;
  readonly outsideDiameterMm: number;
  readonly leanDeg: number;
  /** Hoop strain since the flat coin, ln(R/r): positive is stretched. */
  readonly strainLog: number;
}

/** Inside diameter at a fibre of the wall, mm. */
export function insideDiameterAtMm(meridian: Meridian, index: number): number {
  const across = at(meridian.thicknessMm, index) * Math.cos(degToRad(at(meridian.leanDeg, index)));
  return 2 * at(meridian.meanRadiusMm, index) - across;
}

function edge(meridian: Meridian, index: number): Edge {
  const originalRadiusMm = at(meridian.originalRadiusMm, index);
  const meanRadiusMm = at(meridian.meanRadiusMm, index);
  const thicknessMm = at(meridian.thicknessMm, index);
  const leanDeg = at(meridian.leanDeg, index);
  const acrossMm = thicknessMm * Math.cos(degToRad(leanDeg));
  return {
    originalRadiusMm,
    meanRadiusMm,
    thicknessMm,
    insideDiameterMm: insideDiameterAtMm(meridian, index),
    outsideDiameterMm: 2 * meanRadiusMm + acrossMm,
    leanDeg,
    strainLog: Math.log(meanRadiusMm / originalRadiusMm),
  };
}

export function cutEdge(meridian: Meridian): Edge {
  return edge(meridian, 0);
}

export function rimEdge(meridian: Meridian): Edge {
  return edge(meridian, meridian.originalRadiusMm.length - 1);
}
