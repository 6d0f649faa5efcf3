import type { CurlWish, PushDepth } from './codes';
import {
  curlDrops,
  curledWall,
  deepestPushMm,
  dropsAt,
  type CurlDrops,
  type CurlTool,
  type PushedMm,
  type StraightBand,
} from './curl-law';
import { arcWidthMm, type Meridian } from './meridian';
import { middleThicknessMm } from './places';
import type { WallShape } from './wall-shape';

/** A deeper push into a hollow crushes the edge against the plate: the study's law ends here. */
const MOST_HOLLOW_SHARE = 0.35;

/** Push of each edge along the axis, as a share of the straight wall's width: craft §14. */
export const PUSH_SHARE: Readonly<Record<PushDepth, number>> = { light: 0.15, half: 0.3, full: 0.5 };

export const NOT_PUSHED: PushedMm = { cut: 0, rim: 0 };

/** Part of the way from one pair of depths to another. */
export function pushedBetween(from: PushedMm | undefined, to: PushedMm, share: number): PushedMm {
  const { cut, rim } = from ?? NOT_PUSHED;
  return { cut: cut + (to.cut - cut) * share, rim: rim + (to.rim - rim) * share };
}

export function curlToolOf(curl: CurlWish): CurlTool {
  return curl.dieAngleDeg === undefined
    ? { kind: 'hollow', radiusMm: curl.hollowRadiusMm }
    : { kind: 'cone', angleDeg: curl.dieAngleDeg };
}

/** The wish that names a tool and a depth. */
export function curlWishOf(tool: CurlTool, depth: PushDepth): CurlWish {
  return tool.kind === 'cone'
    ? { dieAngleDeg: tool.angleDeg, depth }
    : { hollowRadiusMm: tool.radiusMm, depth };
}

/** The push of each edge that a wish asks of a band of a width, mm along the axis. */
export function pushDepthMm(curl: CurlWish, widthMm: number): number {
  const share = PUSH_SHARE[curl.depth];
  return widthMm * (curl.dieAngleDeg === undefined ? Math.min(share, MOST_HOLLOW_SHARE) : share);
}

/** What the whole push of both edges does to a straight band. */
export function pushDrops(band: StraightBand, curl: CurlWish): CurlDrops {
  return curlDrops(band, curlToolOf(curl), pushDepthMm(curl, band.widthMm));
}

/** In a cone the drop hardly depends on the size it starts from: two rounds find it. In a hollow it takes a few more. */
const SIZE_ROUNDS = 12;
/** Far finer than a size is known: a wall's width settles only about a size that does. */
const SIZE_FOUND_MM = 1e-6;

/**
 * A hollow is so much wider than the finished ring's edges, at least and at most: narrower ones hardly let it in, and wider
 * ones than 1.3 of the band before a half push were not studied.
 */
export const HOLLOW_ROOM = { least: 1.12, most: 1.45 } as const;
/** Edges that go further towards the bottom of a hollow, as a share of the way to it, fold over. */
const MOST_OF_THE_WAY = 0.65;

/** The narrowest and the widest hollow that a ring's edges are pushed into, mm of diameter. */
export function hollowsMm(
  edgeInsideDiameterMm: number,
  thicknessMm: number,
): { readonly least: number; readonly most: number } {
  const outsideMm = edgeInsideDiameterMm + 2 * thicknessMm;
  return { least: HOLLOW_ROOM.least * outsideMm, most: HOLLOW_ROOM.most * outsideMm };
}

/** The straight band whose edges come to a diameter when both have been pushed. */
export function bandBeforePush(
  edgeInsideDiameterMm: number,
  curl: CurlWish,
  { widthMm, thicknessMm }: Omit<StraightBand, 'insideDiameterMm'>,
): StraightBand {
  /** By how much the edges would end too small from a size. */
  const missing = (insideDiameterMm: number) =>
    edgeInsideDiameterMm +
    pushDrops({ insideDiameterMm, widthMm, thicknessMm }, curl).edgeMm -
    insideDiameterMm;
  let [before, missingBefore] = [edgeInsideDiameterMm, missing(edgeInsideDiameterMm)];
  let insideDiameterMm = before + missingBefore;
  // Secants: the size less its own drop is smooth, and rises.
  for (let round = 0; round < SIZE_ROUNDS && Math.abs(insideDiameterMm - before) > SIZE_FOUND_MM; round++) {
    const still = missing(insideDiameterMm);
    const slope = (still - missingBefore) / (insideDiameterMm - before);
    [before, missingBefore] = [insideDiameterMm, still];
    insideDiameterMm = Math.max(edgeInsideDiameterMm, insideDiameterMm - still / slope);
  }
  return { insideDiameterMm, widthMm, thicknessMm };
}

/** A hollow that is to turn a wall's edges in, and what is left of its limits, mm: not negative where the wall keeps to them. */
export interface HollowRoom {
  readonly hollowMm: number;
  /** The narrowest that would do. */
  readonly neededMm: number;
  /** The ring goes in. */
  readonly in: number;
  /** Its edges meet the side, not the bottom. */
  readonly onSide: number;
}

/** What is left of the limits of a hollow for a finished wall; undefined for one that is pushed into none. */
export function hollowRoom(
  edgeInsideDiameterMm: number,
  curl: CurlWish | undefined,
  finished: Meridian,
): HollowRoom | undefined {
  if (curl?.hollowRadiusMm === undefined) return undefined;
  const hollowMm = 2 * curl.hollowRadiusMm;
  const wall = { widthMm: arcWidthMm(finished), thicknessMm: middleThicknessMm(finished) };
  const { least, most } = hollowsMm(edgeInsideDiameterMm, wall.thicknessMm);
  const deepest = deepestPushMm(bandBeforePush(edgeInsideDiameterMm, curl, wall), curlToolOf(curl));
  const further = MOST_OF_THE_WAY * deepest - pushDepthMm(curl, wall.widthMm);
  return { hollowMm, neededMm: least, in: hollowMm - least, onSide: Math.min(most - hollowMm, further) };
}

/** A band's wall with its edges pushed so far, each by its own depth. */
export function wallPushedTo(band: StraightBand, tool: CurlTool, pushedMm: PushedMm): WallShape {
  return curledWall(band.insideDiameterMm, dropsAt(band, tool, pushedMm));
}

/** Widths that differ by less are one, mm: far less than it is known. */
const SAME_WIDTH_MM = 1e-3;

/**
 * The finished wall of a wish, both edges at a diameter.
 * @param thicknessMm of the middle of the wall
 */
export function pushedWall(edgeInsideDiameterMm: number, curl: CurlWish, thicknessMm: number): WallShape {
  // All fibres of a wall ask with the same width, and ask again until it settles.
  let known: { readonly widthMm: number; readonly shape: WallShape } | undefined;
  const shapeFor = (widthMm: number) => {
    if (known && Math.abs(known.widthMm - widthMm) < SAME_WIDTH_MM) return known.shape;
    const drops = pushDrops(bandBeforePush(edgeInsideDiameterMm, curl, { widthMm, thicknessMm }), curl);
    const shape = curledWall(edgeInsideDiameterMm + drops.edgeMm, { cut: drops, rim: drops });
    known = { widthMm, shape };
    return shape;
  };
  return {
    radiusMm: (arcMm, widthMm, localMm, fibre) => shapeFor(widthMm).radiusMm(arcMm, widthMm, localMm, fibre),
    leanDeg: (arcMm, widthMm, localMm, fibre) => shapeFor(widthMm).leanDeg(arcMm, widthMm, localMm, fibre),
  };
}
