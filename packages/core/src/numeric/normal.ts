/** Share of a standard normal distribution below z. By the complementary error function of Press et al. (1992, §6.2), within 1.2e-7. */
export function normalShareBelow(z: number): number {
  const x = Math.abs(z) / Math.SQRT2;
  const t = 1 / (1 + x / 2);
  const series =
    -1.26551223 +
    t *
      (1.00002368 +
        t *
          (0.37409196 +
            t *
              (0.09678418 +
                t *
                  (-0.18628806 +
                    t *
                      (0.27886807 +
                        t * (-1.13520398 + t * (1.48851587 + t * (-0.82215223 + t * 0.17087277))))))));
  const beyond = (t * Math.exp(-x * x + series)) / 2;
  return z > 0 ? 1 - beyond : beyond;
}

const NUMERATOR = [
  -3.969683028665376e1, 2.209460984245205e2, -2.759285104469687e2, 1.38357751867269e2, -3.066479806614716e1,
  2.506628277459239,
];
const DENOMINATOR = [
  -5.447609879822406e1, 1.615858368580409e2, -1.556989798598866e2, 6.680131188771972e1, -1.328068155288572e1,
  1,
];
const TAIL_NUMERATOR = [
  -7.784894002430293e-3, -3.223964580411365e-1, -2.400758277161838, -2.549732539343734, 4.374664141464968,
  2.938163982698783,
];
const TAIL_DENOMINATOR = [
  7.784695709041462e-3, 3.224671290700398e-1, 2.445134137142996, 3.754408661907416, 1,
];
/** Beyond this share at either end the tail's own formula is used. */
const TAIL = 0.02425;

const polynomial = (coefficients: readonly number[], x: number) =>
  coefficients.reduce((sum, coefficient) => sum * x + coefficient, 0);

/**
 * The place below which a share of a standard normal distribution lies; by P. J. Acklam (2003), within 1.2e-9 of itself.
 * @param share more than 0 and less than 1
 */
export function normalPlace(share: number): number {
  if (share > 1 - TAIL) return -normalPlace(1 - share);
  if (share < TAIL) {
    const q = Math.sqrt(-2 * Math.log(share));
    return polynomial(TAIL_NUMERATOR, q) / polynomial(TAIL_DENOMINATOR, q);
  }
  const q = share - 0.5;
  const r = q * q;
  return (polynomial(NUMERATOR, r) * q) / polynomial(DENOMINATOR, r);
}
