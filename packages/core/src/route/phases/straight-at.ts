import { cutEdge, rimEdge, type Edge, type Meridian } from '../../forming';

/** Inside diameter of a straight wall that an edge would have without moving, mm. */
function straightAtMm({ meanRadiusMm, thicknessMm }: Edge): number {
  return 2 * meanRadiusMm - thicknessMm;
}

/** Inside diameter at which a stretched funnel is straight without moving its rim, mm. */
export function straightAtRimMm(funnel: Meridian): number {
  return straightAtMm(rimEdge(funnel));
}

/** Inside diameter at which a closed funnel is straight without moving its cut edge, mm. */
export function straightAtCutMm(funnel: Meridian): number {
  return straightAtMm(cutEdge(funnel));
}
