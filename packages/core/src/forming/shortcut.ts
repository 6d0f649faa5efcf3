/**
 * The shortcut of craft §3 for a = ½ and an even mean radius: W = ⅔ R_f^(−½) (R^1.5 − r_h^1.5), mm.
 * Kept as the yardstick that the per-fibre integration is tested and timed against.
 */
export function shortcutWidthMm(meanRadiusMm: number, coinRadiusMm: number, holeRadiusMm: number): number {
  return ((2 / 3) * (coinRadiusMm ** 1.5 - holeRadiusMm ** 1.5)) / Math.sqrt(meanRadiusMm);
}
