/**
 * The inside diameter at which the fibre half way between hole and rim keeps its length: about (D + hole)/2 − t.
 * Near it the ring needs least work (craft §3).
 */
export function naturalInsideDiameterMm(diameterMm: number, holeMm: number, thicknessMm: number): number {
  return (diameterMm + holeMm) / 2 - thicknessMm;
}
