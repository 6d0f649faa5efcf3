import { degToRad } from '../numeric';
import type { END_SHAPES } from './codes';
export type EndShape = (typeof END_SHAPES)[number];

/** A full round is half a circle over the width; a softer one has its divider set wider (default). */
const SOFT_ROUND = 0.75;
const MITRE_DEG = 30;

export interface EndMark {
  /** Divider setting for the arc; undefined for ends without one, mm. */
  readonly dividerMm?: number;
  /** How far the arc or the mitre reaches along the handle, mm. */
  readonly reachMm: number;
}

/**
 * How to mark an end of a given width (craft §6). A divider set to r over a width w reaches r − √(r² − w²/4) along the
 * handle; a mitre reaches w tan φ.
 */
export function endMark(shape: EndShape, widthMm: number, mitreDeg = MITRE_DEG): EndMark {
  if (shape === 'mitred') return { reachMm: widthMm * Math.tan(degToRad(mitreDeg)) };
  if (shape !== 'round') return { reachMm: 0 };
  const dividerMm = widthMm * SOFT_ROUND;
  return { dividerMm, reachMm: dividerMm - Math.sqrt(dividerMm ** 2 - widthMm ** 2 / 4) };
}

/** How far an end leaves the handle to both sides of its middle line at a distance from its tip, mm. */
export function endReachMm(
  shape: EndShape,
  widthMm: number,
  fromTipMm: number,
): { readonly leftMm: number; readonly rightMm: number } {
  const { dividerMm, reachMm } = endMark(shape, widthMm);
  if (fromTipMm >= reachMm) return { leftMm: Infinity, rightMm: Infinity };
  // A mitre begins at its right and reaches its left last.
  if (dividerMm === undefined) {
    return { leftMm: widthMm * (fromTipMm / reachMm - 0.5), rightMm: Infinity };
  }
  // An arc whose middle lies on the middle line, its own radius from the tip.
  const halfMm = Math.sqrt(Math.max(0, dividerMm ** 2 - (dividerMm - fromTipMm) ** 2));
  return { leftMm: halfMm, rightMm: halfMm };
}
