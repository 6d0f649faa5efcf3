import { degToRad, radToDeg } from '../numeric';
import { straightWall, type WallPlace, type WallShape } from './wall-shape';

/** Which edge of the wall goes into a die first. */
export type LeadingEdge = 'rim' | 'cut';

/**
 * A washer cupped by a ball: the wall lies on a sphere about the axis while its middle keeps a radius.
 * @param curvaturePerMm 1/radius of the sphere through the middle of the wall; 0 is the flat washer
 */
export function ballWall(middleRadiusMm: number, curvaturePerMm: number): WallShape {
  const slope = Math.asin(Math.min(1, curvaturePerMm * middleRadiusMm));
  const slopeAt = (arcMm: number, widthMm: number) => slope + curvaturePerMm * (arcMm - widthMm / 2);
  return {
    radiusMm: (arcMm, widthMm) =>
      curvaturePerMm === 0
        ? middleRadiusMm + arcMm - widthMm / 2
        : Math.sin(slopeAt(arcMm, widthMm)) / curvaturePerMm,
    leanDeg: (arcMm, widthMm) => 90 - radToDeg(slopeAt(arcMm, widthMm)),
  };
}

/** A wall part of the way from where it stands to a shape; fibres move in proportion. */
export function partWay(place: WallPlace, shape: WallShape, progress: number): WallShape {
  if (progress >= 1) return shape;
  const mix = (from: number, to: number) => from + (to - from) * progress;
  return {
    radiusMm: (arc, width, thickness, fibre) =>
      mix(place.meanRadiusMm[fibre] ?? 0, shape.radiusMm(arc, width, thickness, fibre)),
    leanDeg: (arc, width, thickness, fibre) =>
      mix(place.leanDeg[fibre] ?? 0, shape.leanDeg(arc, width, thickness, fibre)),
  };
}

/**
 * A stretcher whose splines taper. The ring is flipped between pulls, so both edges meet the thick end and the middle
 * stays lower by what the taper gives over half the width. Without taper it leaves a straight wall.
 */
export function stretcherWall(insideDiameterMm: number, taperDeg: number): WallShape {
  if (taperDeg === 0) return straightWall(insideDiameterMm);
  const fall = Math.tan(degToRad(taperDeg));
  return {
    radiusMm: (arcMm, widthMm, thicknessMm) =>
      insideDiameterMm / 2 + thicknessMm / 2 - Math.min(arcMm, widthMm - arcMm) * fall,
    leanDeg: (arcMm, widthMm) => (arcMm < widthMm / 2 ? -taperDeg : taperDeg),
  };
}

/**
 * What a reducing die leaves of a wall pushed in edge first: straight in the throat, opening by the die's angle
 * above it. Where the wall was already closer to the axis, the die does not touch it (see `closedTo`).
 * @param depthShare how much of the wall's width went into the throat, 0 to 1
 */
export function throatWall(
  leading: LeadingEdge,
  insideDiameterMm: number,
  angleDeg: number,
  depthShare: number,
): WallShape {
  const rise = Math.sin(degToRad(angleDeg));
  const above = (arcMm: number, widthMm: number) => {
    const fromLeading = leading === 'rim' ? widthMm - arcMm : arcMm;
    return fromLeading - depthShare * widthMm;
  };
  return {
    radiusMm: (arcMm, widthMm, thicknessMm) =>
      insideDiameterMm / 2 + thicknessMm / 2 + Math.max(0, above(arcMm, widthMm)) * rise,
    leanDeg: (arcMm, widthMm) => {
      if (above(arcMm, widthMm) <= 0) return 0;
      return leading === 'rim' ? -angleDeg : angleDeg;
    },
  };
}
