import { knotsIn, thicknessAt, type Profile } from './profile';

/**
 * Length of handle from `startMm` on that is needed to turn through an angle round a finger. A slice ds at thickness t
 * runs on the radius r = ID/2 + t/2 and, in a spiral, climbs c = p/2π for each radian: it turns by dθ = ds/√(r² + c²).
 * Between stations r is a straight line r₀ + b s, for which
 * ∫ ds/√(r² + c²) = (1/b) ln[(r₁ + √(r₁² + c²))/(r₀ + √(r₀² + c²))], exactly; with even t it is Δs/√(r² + c²)
 * (craft §6: ∫ ds/(ID/2 + t/2) = 2π, and n√((π(ID + t))² + p²) for a spiral).
 * @param angleRad to be turned through
 * @param climbMm per radian; 0 for a ring that closes in a plane
 * @returns length, mm; past the last station the handle is taken to go on as it ends
 */
export function turnLengthMm(
  profile: Profile,
  startMm: number,
  insideDiameterMm: number,
  angleRad: number,
  climbMm = 0,
): number {
  const radiusAt = (atMm: number) => (insideDiameterMm + thicknessAt(profile, atMm)) / 2;
  let left = angleRad;
  const end = Math.max(profile.lengthMm, startMm);
  const knots = knotsIn(profile, { fromMm: startMm, toMm: end });
  for (const [i, toMm] of knots.slice(1).entries()) {
    const fromMm = knots[i] ?? startMm;
    const span = toMm - fromMm;
    const turned = span > 0 ? turnOver(radiusAt(fromMm), radiusAt(toMm), span, climbMm) : 0;
    if (turned >= left)
      return fromMm - startMm + spanFor(radiusAt(fromMm), radiusAt(toMm), span, climbMm, left);
    left -= turned;
  }
  return end - startMm + left * Math.hypot(radiusAt(end), climbMm);
}

/** Radii this much alike are the same: the logarithm of their ratio would drown in rounding. */
const SAME_MM = 1e-9;

function reach(radiusMm: number, climbMm: number): number {
  return radiusMm + Math.hypot(radiusMm, climbMm);
}

/** Angle that a stretch of handle turns through, rad. */
function turnOver(r0: number, r1: number, spanMm: number, climbMm: number): number {
  if (Math.abs(r1 - r0) < SAME_MM) return spanMm / Math.hypot(r0, climbMm);
  return (spanMm / (r1 - r0)) * Math.log(reach(r1, climbMm) / reach(r0, climbMm));
}

/** The inverse: length of the stretch that turns through an angle. */
function spanFor(r0: number, r1: number, spanMm: number, climbMm: number, angleRad: number): number {
  if (Math.abs(r1 - r0) < SAME_MM) return angleRad * Math.hypot(r0, climbMm);
  const slope = (r1 - r0) / spanMm;
  const u = reach(r0, climbMm) * Math.exp(slope * angleRad);
  return ((u * u - climbMm * climbMm) / (2 * u) - r0) / slope;
}
