import { normalPlace } from './normal';

/** Between these the normal distribution's place is stretched, beyond them the tail's own series is summed. */
const TAIL = 0.05;

/**
 * The place below which a share of Student's t distribution lies; by G. W. Hill (Algorithm 396, Communications of the
 * ACM 1970), within a millionth.
 * @param share more than 0 and less than 1
 * @param degrees of freedom, three or more; they need not be whole
 */
export function studentPlace(share: number, degrees: number): number {
  if (share > 0.5) return -studentPlace(1 - share, degrees);
  if (share === 0.5) return 0;
  const n = degrees;
  const a = 1 / (n - 0.5);
  const b = 48 / (a * a);
  const c = (((20700 * a) / b - 98) * a - 16) * a + 96.36;
  const d = ((94.5 / (b + c) - 3) / b + 1) * Math.sqrt((a * Math.PI) / 2) * n;
  const y = (2 * d * share) ** (2 / n);
  return -Math.sqrt(n * (y > TAIL + a ? middleSquare(share, n, { a, b, c, d }) : tailSquare(y, n, d)));
}

interface HillTerms {
  readonly a: number;
  readonly b: number;
  readonly c: number;
  readonly d: number;
}

/** t²/n from the normal distribution's place of the same share. */
function middleSquare(share: number, n: number, { a, b, c, d }: HillTerms): number {
  const x = normalPlace(share);
  const y = x * x;
  const few = n < 5 ? 0.3 * (n - 4.5) * (x + 0.6) : 0;
  const e = (((0.05 * d * x - 5) * x - 7) * x - 2) * x + b + c + few;
  const series = (((((0.4 * y + 6.3) * y + 36) * y + 94.5) / e - y - 3) / b + 1) * x;
  return Math.expm1(a * series * series);
}

/** t²/n far out. */
function tailSquare(y: number, n: number, d: number): number {
  return (
    ((1 / (((n + 6) / (n * y) - 0.089 * d - 0.822) * (n + 2) * 3) + 0.5 / (n + 4)) * y - 1) *
      ((n + 1) / (n + 2)) +
    1 / y
  );
}
