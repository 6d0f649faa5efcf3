import { bisect, degToRad, radToDeg } from '../numeric';
import type { WallShape } from './wall-shape';

/** Tools that turn an edge in: a cone of an angle, or a hollow of a radius. */
export type CurlTool =
  | { readonly kind: 'cone'; readonly angleDeg: number }
  | { readonly kind: 'hollow'; readonly radiusMm: number };

/** A straight wall before its edges are turned in. */
export interface StraightBand {
  readonly insideDiameterMm: number;
  /** Arc width, mm. */
  readonly widthMm: number;
  /** Of the middle of the wall, mm. */
  readonly thicknessMm: number;
  /** Pushed one edge after the other against a flat plate, or both at once between two tools. */
  readonly atOnce?: boolean | undefined;
}

/** What the push leaves: by how much the inside diameters fall, mm. */
export interface CurlDrops {
  /** By how much the tool itself is narrower at the depth of the push. */
  readonly closesMm: number;
  /** Of both edges, in the mean, when both have been pushed. */
  readonly edgeMm: number;
  /** Of the first edge while the second has not been pushed. */
  readonly firstEdgeMm: number;
  /** Of the middle. */
  readonly bellyMm: number;
  /** r(s) = belly − (belly − edge) · |2s/W|^m along the wall from its middle. */
  readonly exponent: number;
}

/** By how much the tool's own shape closes at the depth of the push, mm of diameter. */
function toolClosesMm(
  { insideDiameterMm, thicknessMm }: StraightBand,
  tool: CurlTool,
  depthMm: number,
): number {
  if (tool.kind === 'cone') return 2 * depthMm * Math.tan(degToRad(tool.angleDeg));
  const outsideMm = insideDiameterMm / 2 + thicknessMm;
  const highMm = Math.sqrt(Math.max(0, tool.radiusMm ** 2 - outsideMm ** 2)) + depthMm;
  return 2 * (outsideMm - Math.sqrt(Math.max(0, tool.radiusMm ** 2 - highMm ** 2)));
}

/** The deepest push before an edge meets the bottom of its tool, mm along the axis. */
export function deepestPushMm({ insideDiameterMm, thicknessMm }: StraightBand, tool: CurlTool): number {
  if (tool.kind === 'cone') return Infinity;
  const outsideMm = insideDiameterMm / 2 + thicknessMm;
  return tool.radiusMm - Math.sqrt(Math.max(0, tool.radiusMm ** 2 - outsideMm ** 2));
}

/** How far the edges follow the tool: c − a (1 − f) e^(−b (w − 1)²), with what a cone or a hollow changes. */
const FOLLOWS = {
  cone: { c: 1.0418, a: 0.5195, perDepth: 0, perClosing: 0, elastic: 0.0065 },
  hollow: { c: 0.9203, a: 0.1244, perDepth: 0, perClosing: -0.2103, elastic: 0.002 },
  'at-once': { c: 0.8684, a: 0.1329, perDepth: 0.4422, perClosing: 0, elastic: -0.0005 },
} as const;
const SLENDER = 1.6143;

/**
 * What a push of chosen depth does to a straight wall, by the laws of the finite-element study (docs/validation.md;
 * cones of 17° and 25°, depth up to 0.7 of the width, ±0.07 mm at the edges and ±0.05 at the belly up to half).
 * Wide thin walls behave like a cone that is pushed in; stubby ones turn as a block and their belly follows.
 * @param depthMm how far the tool goes on along the axis after it first touches the edge; each edge by as much
 */
export function curlDrops(band: StraightBand, tool: CurlTool, depthMm: number): CurlDrops {
  const { insideDiameterMm, widthMm, thicknessMm, atOnce = false } = band;
  const radiusMm = (insideDiameterMm + thicknessMm) / 2;
  const slender = widthMm / Math.sqrt(radiusMm * thicknessMm);
  const depth = depthMm / widthMm;
  const closesMm = toolClosesMm(band, tool, depthMm);
  const law = FOLLOWS[atOnce ? 'at-once' : tool.kind];
  const stubby = Math.exp(-SLENDER * (slender - 1) ** 2);
  const follows =
    law.c - law.a * (1 - depth) * stubby + law.perDepth * depth + (law.perClosing * closesMm) / widthMm;
  const carried = 0.745 / (1 + Math.exp((slender - 1.6465) / 0.4158));
  // What springs back is nothing until the metal has yielded: a push of nothing leaves nothing.
  const sprung = (share: number) => Math.min(closesMm, share * radiusMm);
  return {
    closesMm,
    edgeMm: Math.max(0, closesMm * follows - sprung(law.elastic)),
    firstEdgeMm: Math.max(0, closesMm * (1.0066 + 0.0722 * depth) - sprung(0.0038)),
    bellyMm: closesMm * (carried + 1.1791 * Math.max(0, depth - 0.3601) * (1 - carried)),
    exponent: Math.max(1, 2.594 - 1.727 * depth),
  };
}

/** How far each edge has been pushed, mm along the axis. */
export interface PushedMm {
  readonly cut: number;
  readonly rim: number;
}

/** What each edge's own push takes, of both. */
export interface BothDrops {
  readonly cut: CurlDrops;
  readonly rim: CurlDrops;
}

/** The drops of both edges, each pushed by its own depth. */
export function dropsAt(band: StraightBand, tool: CurlTool, pushedMm: PushedMm): BothDrops {
  const cut = curlDrops(band, tool, pushedMm.cut);
  return { cut, rim: pushedMm.rim === pushedMm.cut ? cut : curlDrops(band, tool, pushedMm.rim) };
}

/** No push of the study went further, as a share of the width. */
const MOST_DEPTH = 0.7;

/** The push after which both edges have come in by so much, mm along the axis: the inverse of {@link curlDrops}. */
export function depthForDropMm(band: StraightBand, tool: CurlTool, edgeDropMm: number): number {
  return bisect((depthMm) => curlDrops(band, tool, depthMm).edgeMm, edgeDropMm, 0, MOST_DEPTH * band.widthMm);
}

/**
 * The wall after its edges have been pushed, each by its own depth; an edge that has not been pushed leaves the other
 * the drop of a first push, and the belly half of its own. The second push opens the first edge again as it goes on.
 */
export function curledWall(straightInsideMm: number, { cut, rim }: BothDrops): WallShape {
  const [less, more] = [Math.min(cut.closesMm, rim.closesMm), Math.max(cut.closesMm, rim.closesMm)];
  const alike = more === 0 ? 0 : less / more;
  const bellyDropMm = (cut.bellyMm + rim.bellyMm) / 2;
  const bellyMm = (straightInsideMm - bellyDropMm) / 2;
  const falls = (side: CurlDrops) => ({
    exponent: side.exponent,
    edgeMm:
      side.closesMm === 0
        ? 0
        : (side.firstEdgeMm + (side.edgeMm - side.firstEdgeMm) * alike - bellyDropMm) / 2,
  });
  const [cutFalls, rimFalls] = [falls(cut), falls(rim)];
  const fallAt = (place: number, widthMm: number) => {
    const { edgeMm, exponent } = place < 0.5 ? cutFalls : rimFalls;
    const out = Math.abs(2 * place - 1);
    const steep = edgeMm * out ** (exponent - 1);
    return { mm: steep * out, slope: (2 * exponent * steep) / widthMm };
  };
  return {
    radiusMm: (arcMm, widthMm, thicknessMm) => {
      const { mm, slope } = fallAt(arcMm / widthMm, widthMm);
      // cos(atan(slope)), without the two of them: every fibre of every blow comes here.
      return bellyMm - mm + thicknessMm / (2 * Math.sqrt(1 + slope ** 2));
    },
    leanDeg: (arcMm, widthMm) => {
      const place = arcMm / widthMm;
      const leanDeg = radToDeg(Math.atan(fallAt(place, widthMm).slope));
      return place < 0.5 ? leanDeg : -leanDeg;
    },
  };
}
