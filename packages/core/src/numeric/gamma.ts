import { bisect } from './bisect';

/** Coefficients of the logarithm of the gamma function (Lanczos 1964, g = 7, n = 9). */
const LANCZOS: readonly number[] = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
  12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
];

/** ln Γ(x), for x over 0. */
function logGamma(x: number): number {
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - logGamma(1 - x);
  const [first = 0, ...rest] = LANCZOS;
  const at = x - 1;
  const sum = rest.reduce((total, coefficient, i) => total + coefficient / (at + i + 1), first);
  const t = at + 7.5;
  return 0.5 * Math.log(2 * Math.PI) + (at + 0.5) * Math.log(t) - t + Math.log(sum);
}

const TINY = 1e-15;
const MOST_TERMS = 500;

/** The series of the lower part, which is quick where x is small. */
function bySeries(shape: number, x: number): number {
  let term = 1 / shape;
  let sum = term;
  for (let n = 1; n < MOST_TERMS && term > sum * TINY; n += 1) {
    term *= x / (shape + n);
    sum += term;
  }
  return sum * Math.exp(-x + shape * Math.log(x) - logGamma(shape));
}

/** The continued fraction of the upper part, which is quick where x is large (Lentz 1976). */
function byFraction(shape: number, x: number): number {
  let b = x + 1 - shape;
  let c = 1 / 1e-300;
  let d = 1 / b;
  let h = d;
  for (let i = 1; i < MOST_TERMS; i += 1) {
    const a = -i * (i - shape);
    b += 2;
    d = 1 / (a * d + b || 1e-300);
    c = b + a / c || 1e-300;
    const change = d * c;
    h *= change;
    if (Math.abs(change - 1) < TINY) break;
  }
  return Math.exp(-x + shape * Math.log(x) - logGamma(shape)) * h;
}

/** Share of a gamma distribution of scale 1 that lies below x: the regularised lower incomplete gamma function. */
export function gammaShareBelow(shape: number, x: number): number {
  if (x <= 0) return 0;
  return x < shape + 1 ? bySeries(shape, x) : 1 - byFraction(shape, x);
}

/**
 * The value below which a share of a gamma distribution lies.
 * @param shape its shape, over 0
 * @param rate its rate: the mean is shape/rate
 */
export function gammaPlace(shape: number, rate: number, share: number): number {
  const spread = Math.sqrt(shape);
  let high = shape + 10 * spread + 10;
  while (gammaShareBelow(shape, high) < share) high *= 2;
  return bisect((x) => gammaShareBelow(shape, x), share, 0, high) / rate;
}
