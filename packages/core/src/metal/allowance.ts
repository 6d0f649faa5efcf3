import type { Metal } from './table';

/** Below this working thickness a piece slips and splits easily (craft §3). */
export const THIN_STOCK_MM = 1.3;
const THIN_STOCK_FACTOR = 0.75;

/**
 * Hoop strain a piece bears between anneals; thin stock bears three quarters of it (craft §4).
 */
export function strainAllowance(metal: Metal, workingThicknessMm: number): number {
  const thin = workingThicknessMm < THIN_STOCK_MM;
  return metal.allowanceStrainLog * (thin ? THIN_STOCK_FACTOR : 1);
}
