/** What a ring of {@link AT_MM} gives back after a blow, mm: soft, and hardened up to its allowance (craft §3). */
const SOFT_MM = 0.025;
const HARD_MM = 0.07;
const AT_MM = 20;

/**
 * How much the inside diameter moves back when the tool lets go, mm: a stretched ring shrinks by it, a reduced one
 * grows by it. A tool is therefore taken this much past the size wanted.
 * @param hardness share of the anneal allowance that is used up, 0 soft to 1 hard
 */
export function springbackMm(insideDiameterMm: number, hardness: number): number {
  const used = Math.min(1, Math.max(0, hardness));
  return (insideDiameterMm / AT_MM) * (SOFT_MM + (HARD_MM - SOFT_MM) * used);
}
