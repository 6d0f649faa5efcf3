const FINE_SILVER_DENSITY = 10.49;
const COPPER_DENSITY = 8.96;

/**
 * Density of a silver–copper alloy, g/cm³: 1/ρ = f/10.49 + (1 − f)/8.96 (craft §2).
 * @param fineness mass share of silver, 0 to 1
 */
export function silverCopperDensity(fineness: number): number {
  return 1 / (fineness / FINE_SILVER_DENSITY + (1 - fineness) / COPPER_DENSITY);
}
