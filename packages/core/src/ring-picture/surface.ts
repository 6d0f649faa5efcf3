import { smoothStep } from '../numeric';
import type { Finish } from '../steps';
import { GOLD, type Colour } from './metal-look';
import type { RingSide } from './ring-profile';

/** Surfaces that a ring can be shown with: every finish, and what heat colours do. */
export const RING_SURFACES = [
  'polished',
  'satin',
  'dark',
  'as-formed',
  'fire-scale',
  'rainbow',
] as const satisfies readonly (Finish | 'rainbow')[];
export type RingSurface = (typeof RING_SURFACES)[number];

/** Those that change from place to place, not only with the relief. */
export const PATCHY: readonly RingSurface[] = ['as-formed', 'fire-scale', 'rainbow'];

export interface RingLook {
  readonly metal: Colour;
  readonly surface: RingSurface;
  readonly goldInside: boolean;
}

/** A spot of a surface as light meets it. */
export interface Spot {
  /** What it gives back of each colour, 0 to 1. */
  readonly colour: [number, number, number];
  /** 0 like a mirror, 1 like chalk. */
  roughness: number;
}

export function newSpot(): Spot {
  return { colour: [0, 0, 0], roughness: 0 };
}

/** Patches without a pattern, 0 to 1, by a place: smooth, and the same at every call. */
export function patches(x: number, y: number): number {
  const wave =
    Math.sin(x * 1.7 + 3 * Math.sin(y * 0.9)) +
    Math.sin(y * 2.3 + 2 * Math.sin(x * 1.3 + 1)) +
    0.6 * Math.sin(5.1 * x - 4.3 * y + 2 * Math.sin(x + y));
  return 0.5 + wave / 5.2;
}

const DARK: Colour = [0.055, 0.055, 0.06];
const SCALE: Colour = [0.2, 0.16, 0.15];

/** Colours that a thin skin shows one after the other as it grows. */
const SKIN: readonly Colour[] = [
  [0.93, 0.84, 0.55],
  [0.86, 0.62, 0.36],
  [0.7, 0.36, 0.42],
  [0.45, 0.34, 0.62],
  [0.3, 0.48, 0.72],
  [0.42, 0.66, 0.66],
];

function put(spot: Spot, from: Colour, to: Colour, share: number, roughness: number): void {
  for (let i = 0; i < 3; i++) {
    const start = from[i] ?? 0;
    spot.colour[i] = start + share * ((to[i] ?? 0) - start);
  }
  spot.roughness = roughness;
}

/** A skin so thick, 0 to 1, over a metal. */
function putSkin(spot: Spot, metal: Colour, thick: number, height: number): void {
  const place = thick * (SKIN.length - 1.001);
  const first = Math.floor(place);
  put(spot, SKIN[first] ?? metal, SKIN[first + 1] ?? metal, place - first, 0.22);
  const bare = 0.35 * smoothStep(0.55, 0.85, height);
  put(spot, [...spot.colour], metal, bare, 0.22);
}

/**
 * What a surface looks like at one spot.
 * @param height of the relief there, 0 to 1
 * @param x of the place on the face, and y, for what is patchy
 * @param spot is written over: it is asked for every pixel
 */
export function lookAt(
  { metal, surface, goldInside }: RingLook,
  side: RingSide,
  height: number,
  x: number,
  y: number,
  spot: Spot,
): void {
  if (side === 'inside' && goldInside) return put(spot, GOLD, GOLD, 0, 0.2);
  const isEdge = side === 'rimEdge' || side === 'cutEdge';
  switch (surface) {
    case 'polished':
      return put(spot, metal, metal, 0, 0.1);
    case 'satin':
      return put(spot, metal, metal, 0, 0.42);
    case 'as-formed':
      return put(spot, metal, metal, 0, 0.3 + 0.12 * patches(9 * x, 9 * y));
    case 'dark': {
      // High places and edges are rubbed bright again.
      const bright = isEdge ? 1 : smoothStep(0.42, 0.66, height);
      return put(spot, DARK, metal, bright, 0.5 - 0.34 * bright);
    }
    case 'fire-scale': {
      const cover = smoothStep(0.25, 0.75, patches(3.1 * x, 3.1 * y));
      return put(spot, metal, SCALE, 0.35 + 0.5 * cover, 0.7);
    }
    case 'rainbow':
      return putSkin(spot, metal, Math.min(1, Math.max(0, patches(2.2 * x, 2.2 * y))), height);
  }
}
