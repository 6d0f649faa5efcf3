import type { Meridian } from './meridian';
import type { WallShape } from './wall-shape';

/**
 * A wall reduced from both edges and sized from inside is straight only so far: its thin cut edge bells out of a
 * throat, and an open cone leaves its outer half wider. Heights above the smallest inside, in shares of √(R t); lengths
 * in shares of √(R t) too (finite-element study, docs/validation.md).
 */
const BELL = {
  throat: { highOver: 0.135, perReduction: 0.42, reach: 0.33 },
} as const;
/** Height of the cone's swelling at three fifths of the wall, mm of diameter for a millimetre of √(R t). */
const CONE_SWELLING = 0.115;
const SWOLLEN_AT = 0.62;
const SWOLLEN_OVER = 0.2;

/** How much wider than the size the wall is inside at a place, mm of diameter. */
function overSizeMm(
  through: 'throat' | 'cone',
  place: number,
  arcMm: number,
  bendingMm: number,
  reduced: number,
) {
  if (through === 'cone') {
    return CONE_SWELLING * bendingMm * Math.exp(-(((place - SWOLLEN_AT) / SWOLLEN_OVER) ** 2));
  }
  const { highOver, perReduction, reach } = BELL.throat;
  const high = bendingMm * Math.min(1, reduced / 0.05) * (highOver + perReduction * (reduced - 0.15));
  return high * Math.exp(-arcMm / (reach * bendingMm));
}

/** What reducing from both edges to a size leaves of a straight wall, sized from inside with a rigid bar. */
export function reducedWall(
  insideDiameterMm: number,
  through: 'throat' | 'cone',
  { meanRadiusMm, thicknessMm }: Meridian,
): WallShape {
  const middle = (meanRadiusMm.length - 1) / 2;
  const radiusMm = insideDiameterMm / 2 + (thicknessMm[middle] ?? 0) / 2;
  const bendingMm = Math.sqrt(radiusMm * (thicknessMm[middle] ?? 0));
  const reduced = Math.max(0, Math.log((meanRadiusMm[middle] ?? radiusMm) / radiusMm));
  return {
    radiusMm: (arcMm, widthMm, thickness) =>
      (insideDiameterMm + thickness + overSizeMm(through, arcMm / widthMm, arcMm, bendingMm, reduced)) / 2,
    leanDeg: () => 0,
  };
}
