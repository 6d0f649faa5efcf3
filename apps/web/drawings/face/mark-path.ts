import type { FaceMark } from '@round-mint/core/faces';
import { degToRad, withinTurnDeg } from '@round-mint/core/numeric';

/** A mark's outline as an SVG path, in mm from the middle, y down. */
export function markPath(mark: FaceMark): string {
  if (mark.kind === 'box') {
    const { leftMm, rightMm, bottomMm, topMm } = mark;
    return `M${leftMm} ${-topMm}H${rightMm}V${-bottomMm}H${leftMm}Z`;
  }
  const { fromDeg, toDeg, innerMm, outerMm } = mark;
  const sweepDeg = withinTurnDeg(toDeg - fromDeg) || 359.99;
  const at = (far: number, deg: number) =>
    `${(far * Math.sin(degToRad(deg))).toFixed(3)} ${(-far * Math.cos(degToRad(deg))).toFixed(3)}`;
  const large = sweepDeg > 180 ? 1 : 0;
  const end = fromDeg + sweepDeg;
  return `M${at(outerMm, fromDeg)}A${outerMm} ${outerMm} 0 ${large} 1 ${at(outerMm, end)}L${at(innerMm, end)}A${innerMm} ${innerMm} 0 ${large} 0 ${at(innerMm, fromDeg)}Z`;
}
