import type { AlongWall } from './share';

export const UNSTRAINED: AlongWall = [0, 0, 0, 0, 0];

/** Five values, one for each place. */
export function alongWall(at: (place: number, index: number) => number): AlongWall {
  return [at(0, 0), at(0.25, 1), at(0.5, 2), at(0.75, 3), at(1, 4)];
}

export function addStrain(a: AlongWall, b: AlongWall): AlongWall {
  return alongWall((_place, i) => (a[i] ?? 0) + (b[i] ?? 0));
}

/**
 * What a blow adds beside the stretch of its hoops: the wall is bent and straightened again. Strain at each place is
 * `perHoop` times the hoop's stretch, plus `perTau` times τ = t/R, plus a constant, mean over the thickness; fitted to
 * the finite-element study (docs/validation.md).
 */
interface StrainLaw {
  readonly perHoop: AlongWall;
  readonly perTau: AlongWall;
  readonly constant: AlongWall;
}

const FOLD: StrainLaw = {
  perHoop: [0.99, 1.09, 0, 1.01, 0.91],
  perTau: [0.3, 0.01, 0.42, 0.03, 0.35],
  constant: UNSTRAINED,
};
const OPEN: StrainLaw = {
  perHoop: [0.92, 1.1, 1.01, 0.96, 0.99],
  perTau: [0.08, -0.06, -0.1, 0.01, 0.03],
  constant: [0.01, 0.01, 0.03, 0, 0.03],
};
const THROAT: StrainLaw = {
  perHoop: [1.889, 1.376, 1.651, 1.432, 1.602],
  perTau: [0.894, 0.438, 0.697, 0.75, 1.068],
  constant: [-0.071, -0.03, -0.032, -0.026, 0.011],
};
const LAWS = { fold: FOLD, open: OPEN, throat: THROAT } as const;
export type StrainedBlow = keyof typeof LAWS;

/** Bending is whole from this much of the hoops' stretch on, and part of it before. */
const BENT_FROM = 0.05;

/**
 * Equivalent plastic strain that a blow adds at each place.
 * @param hoop how much each place's hoop stretches or shrinks, ln, without sign
 * @param tau thickness over the radius of the middle of the wall
 */
export function blowStrain(blow: StrainedBlow, hoop: AlongWall, tau: number): AlongWall {
  const { perHoop, perTau, constant } = LAWS[blow];
  const share = Math.min(1, Math.max(...hoop) / BENT_FROM);
  return alongWall((_place, i) => {
    const bending = share * ((perTau[i] ?? 0) * tau + (constant[i] ?? 0));
    return Math.max(hoop[i] ?? 0, (perHoop[i] ?? 1) * (hoop[i] ?? 0) + bending);
  });
}

/** A push into an open cone closes the ring by this much of its width. */
const CLOSES_PER_WIDTH = 0.0852;
/** Per hoop, per width over diameter when the last push was an even one, per what it went past its size by, constant. */
const CONE = [
  [2.096, -0.314, 8.006, 0.127],
  [1.824, -0.308, 7.581, 0.021],
  [1.829, -0.122, 6.82, -0.042],
  [1.86, 0.146, 6.047, -0.111],
  [2.068, 0.359, 9.488, -0.056],
] as const;

/** How a ring was closed in an open cone, mm. */
export interface ConeClosing {
  readonly widthMm: number;
  /** Of the middle of the wall, closed. */
  readonly meanDiameterMm: number;
  /** From the straight inside to the size. */
  readonly dropMm: number;
}

/**
 * Equivalent plastic strain of pushing a ring into an open cone, cut edge and rim edge in turn, until it is past its
 * size, and of opening it to its size again. How many pushes that takes, which edge came last and how far past it went
 * are all in it (finite-element study, docs/validation.md).
 */
export function coneStrain(hoop: AlongWall, { widthMm, meanDiameterMm, dropMm }: ConeClosing): AlongWall {
  const closesMm = CLOSES_PER_WIDTH * widthMm;
  const pushes = Math.ceil(dropMm / closesMm);
  const slender = widthMm / meanDiameterMm;
  const past = ((pushes * closesMm - dropMm) / meanDiameterMm) * slender;
  const share = Math.min(1, Math.max(...hoop) / BENT_FROM);
  return alongWall((_place, i) => {
    const [perHoop, even, perPast, constant] = CONE[i] ?? CONE[2];
    const alternating = (pushes % 2 === 0 ? even * slender : 0) + perPast * past + constant;
    return Math.max(hoop[i] ?? 0, perHoop * (hoop[i] ?? 0) + share * alternating);
  });
}

/** What an edge that is turned in takes: of its own hoop, of the belly's, and of the bend between them. */
const CURL = [
  [0.576, 1.286, 1.015],
  [0.546, 0.571, -0.208],
  [0.507, 0.594, -0.306],
  [0.575, 0.62, -0.208],
  [0.643, 1.767, 0.928],
] as const;

/**
 * Equivalent plastic strain of turning both edges in, cut edge first.
 * @param slope of the edges, rise over run
 */
export function curlStrain(
  hoop: { readonly edge: number; readonly middle: number },
  slope: number,
  thicknessOverWidth: number,
): AlongWall {
  return alongWall((_place, i) => {
    const [edge, middle, bend] = CURL[i] ?? CURL[2];
    return Math.max(0, edge * hoop.edge + middle * hoop.middle + bend * slope * thicknessOverWidth);
  });
}
