import { placesAlong, type Meridian } from './meridian';
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

/** By how much thicker an open cone leaves the rim edge than its share says, ln: metal piles up where it first touches. */
const PILED_UP = 0.04;
/** It reaches so far along the wall from the rim edge. */
const PILED_FROM = 0.75;
const WHOLE_FROM_REDUCTION = 0.05;

/** The value of the fibre that began in the middle. */
function middleOf(values: readonly number[]): number {
  return values[(values.length - 1) / 2] ?? 0;
}

/** How far a wall is reduced at its middle when it comes to a size, ln. */
function reductionTo(insideDiameterMm: number, { meanRadiusMm, thicknessMm }: Meridian): number {
  const radiusMm = (insideDiameterMm + middleOf(thicknessMm)) / 2;
  return Math.max(0, Math.log(middleOf(meanRadiusMm) / radiusMm));
}

/** How an open cone draws each fibre beside its share, on the way to a size: width at constant volume. */
export function coneDraw(insideDiameterMm: number, wall: Meridian): readonly number[] {
  const grown = Math.min(1, reductionTo(insideDiameterMm, wall) / WHOLE_FROM_REDUCTION);
  return placesAlong(wall).map((place) => {
    const piled = Math.max(0, (place - PILED_FROM) / (1 - PILED_FROM));
    return Math.exp(-PILED_UP * piled * grown);
  });
}

/** What reducing from both edges to a size leaves of a straight wall, sized from inside with a rigid bar. */
export function reducedWall(insideDiameterMm: number, through: 'throat' | 'cone', wall: Meridian): WallShape {
  const middleMm = middleOf(wall.thicknessMm);
  const bendingMm = Math.sqrt(((insideDiameterMm + middleMm) / 2) * middleMm);
  const reduced = reductionTo(insideDiameterMm, wall);
  return {
    radiusMm: (arcMm, widthMm, thickness) =>
      (insideDiameterMm + thickness + overSizeMm(through, arcMm / widthMm, arcMm, bendingMm, reduced)) / 2,
    leanDeg: () => 0,
  };
}
