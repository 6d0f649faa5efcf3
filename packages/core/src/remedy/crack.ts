import type { WallOutline } from '../steps';

/** Metal filed away past the visible end of a crack, mm: its tip runs further than the eye sees (default). */
const PAST_THE_END_MM = 0.3;

/** What filing a cut edge back past a crack comes to. */
export interface CrackRepair {
  /** How far the cut edge is filed back along the wall, mm. */
  readonly fileMm: number;
  /** The hole that the coin would have needed for the edge that is left, mm: plan the rest with it. */
  readonly newHoleMm: number;
}

/** Original radius of the hoop at an arc position of the wall as it stands, mm. */
function originalRadiusMm({ arcMm, meanRadiusMm, strainLog }: WallOutline, atMm: number): number {
  const original = meanRadiusMm.map((radius, i) => radius * Math.exp(-(strainLog[i] ?? 0)));
  const above = arcMm.findIndex((arc) => arc >= atMm);
  const [a0, a1] = [arcMm[above - 1] ?? 0, arcMm[above] ?? 0];
  const [r0, r1] = [original[above - 1] ?? original[0] ?? 0, original[above] ?? 0];
  return above <= 0 ? (original[0] ?? 0) : r0 + ((r1 - r0) * (atMm - a0)) / (a1 - a0);
}

/**
 * A crack at the cut edge is filed out past its end; what is left is the ring of a larger hole (craft §10).
 * @param outline the wall as it stands
 * @param crackMm length of the crack from the cut edge, along the wall
 * @returns undefined when the crack runs through more than half of the wall: then nothing is left to save
 */
export function filePastCrack(outline: WallOutline, crackMm: number): CrackRepair | undefined {
  const fileMm = crackMm + PAST_THE_END_MM;
  const widthMm = outline.arcMm.at(-1) ?? 0;
  if (crackMm <= 0 || fileMm >= widthMm / 2) return undefined;
  return { fileMm, newHoleMm: 2 * originalRadiusMm(outline, fileMm) };
}
