import { placesAlong, type Meridian } from './meridian';

/**
 * How much of a hoop stretch is taken from the width, the rest from the thickness: the share a of craft §3.
 * Width stretch λ^(−a), thickness stretch λ^(−(1−a)). Half, where nothing presses on the wall's faces.
 */
export const FREE_SHARE = 0.5;

/** Kinds of blow that share a hoop stretch differently. */
export type Blow = 'fold' | 'open' | 'throat' | 'cone' | 'tape' | 'curl';

/** Values at the cut edge, a quarter, the middle, three quarters and the rim edge of the wall. */
export type AlongWall = readonly [number, number, number, number, number];

/**
 * The value at a place of the wall, in a straight line between the five.
 * @param place 0 at the cut edge, 1 at the rim edge
 */
export function atPlace(values: AlongWall, place: number): number {
  const from = Math.min(3, Math.max(0, Math.floor(place * 4)));
  const [a, b] = [values[from] ?? 0, values[from + 1] ?? 0];
  return a + (b - a) * (place * 4 - from);
}

/**
 * Share of a hoop whose tool presses on one face: flow at (σ_hoop, 0, −p) with p = σ t/R (Levy and Mises).
 * @param pressure −1 pressed from inside and opened, 1 pressed from outside and closed, 0 free
 * @param stoutness thickness over the diameter of the middle of the wall
 */
export function flowShare(pressure: -1 | 0 | 1, stoutness: number): number {
  return (1 + pressure * stoutness) / (2 - pressure * stoutness);
}

/**
 * A wall that is closed whole, with the stoutness of the flat washer: share 0.5 + slope · κ − less along the wall.
 * Fitted to the chains of the finite-element study (docs/validation.md): pushed through a throat from both edges in
 * turn, or again and again into an open cone, then sized from inside.
 */
const CLOSED: Readonly<Record<'throat' | 'cone', { slope: number; less: AlongWall }>> = {
  throat: { slope: 2.506, less: [0.276, 0.101, 0.205, 0.138, 0.113] },
  cone: { slope: 2.133, less: [0.05, 0.112, 0.346, 0.2, -0.294] },
};

/** An edge that is turned in is drawn as well as pressed (finite-element study, docs/validation.md). */
const CURL = { middle: 0.25, perStoutness: 1.435, edges: 0.193 } as const;

function shareOf(blow: Blow, stoutness: number, place: number): number {
  switch (blow) {
    case 'fold':
      return FREE_SHARE;
    case 'open':
      return flowShare(-1, stoutness);
    case 'tape':
      return flowShare(1, stoutness);
    case 'throat':
    case 'cone': {
      const { slope, less } = CLOSED[blow];
      return FREE_SHARE + slope * stoutness - atPlace(less, place);
    }
    case 'curl':
      return CURL.middle + CURL.perStoutness * stoutness + CURL.edges * (2 * place - 1) ** 2;
  }
}

/** Thickness of the flat washer, mm: each fibre keeps its volume, so that any of them tells it. */
export function flatThicknessMm({
  originalRadiusMm,
  meanRadiusMm,
  thicknessMm,
  widthStretch,
}: Meridian): number {
  const first = originalRadiusMm[0] ?? 1;
  return ((thicknessMm[0] ?? 0) * (widthStretch[0] ?? 1) * (meanRadiusMm[0] ?? 0)) / first;
}

/** Thickness of the flat washer over the diameter of its middle: κ, the same for a ring from punch to finish. */
export function stoutnessOf(wall: Meridian): number {
  const { originalRadiusMm } = wall;
  return flatThicknessMm(wall) / ((originalRadiusMm[0] ?? 1) + (originalRadiusMm.at(-1) ?? 1));
}

/**
 * The share of every fibre under a kind of blow.
 * @param shift added to all: how this bench differs, as the log has taught
 */
export function sharesAlong(wall: Meridian, blow: Blow, shift = 0): readonly number[] {
  const stoutness = stoutnessOf(wall);
  return placesAlong(wall).map((place) => shareOf(blow, stoutness, place) + shift);
}

/** The mean share over the wall: for a word on it. */
export function meanShare(blow: Blow, stoutness: number): number {
  const places = [0, 0.25, 0.5, 0.75, 1];
  return places.reduce((sum, place) => sum + shareOf(blow, stoutness, place), 0) / places.length;
}
