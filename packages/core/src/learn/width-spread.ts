import { studentPlace } from '../numeric';
import { UNKNOWN_WIDTHS, type WidthSpread } from '../steps';
import { FEWEST_RINGS } from './traits';

/** So many of the latest rings tell: a bench changes over the years. */
const LATEST = 100;
/** What lies further out than this many deviations of the middle half pulls no harder. */
const HELD_BACK = 3;
/** Of a normal scatter, the median distance from the middle is one deviation divided by this. */
const MEDIAN_TO_SIGMA = 1.4826;
/** From so many rings on, ranked distances say as much as the model. */
export const RANKED_FROM = 20;

/** How wide nine of ten widths lie to either side of the plan, as shares of it. */
export interface WidthsHere {
  /** Rings whose width was measured. */
  readonly rings: number;
  /** By bias and scatter (Student's t). */
  readonly modelShare: number;
  /** By ranking how far rings lay off (conformal); undefined until there are twenty. */
  readonly rankedShare?: number | undefined;
  /** By default. */
  readonly standardShare: number;
}

function medianOf(sorted: readonly number[]): number {
  return sorted[Math.floor(sorted.length / 2)] ?? 0;
}

/** Values that lie far out brought nearer, so that a slip of the calliper does not stretch what is said of all rings. */
function heldBack(values: readonly number[]): readonly number[] {
  const middle = medianOf([...values].sort((a, b) => a - b));
  const apart = medianOf(values.map((value) => Math.abs(value - middle)).sort((a, b) => a - b));
  const most = HELD_BACK * Math.max(MEDIAN_TO_SIGMA * apart, UNKNOWN_WIDTHS.scatterShare);
  return values.map((value) => middle + Math.max(-most, Math.min(most, value - middle)));
}

const half = ({ biasShare, scatterShare, degrees }: Omit<WidthSpread, 'widened'>) =>
  studentPlace(0.95, degrees) * Math.hypot(biasShare, scatterShare);

/**
 * How sure widths are, from how far those of this bench lay off: a bias of the bench and a scatter of its rings, both
 * unknown (normal and inverse gamma, conjugate; Gelman et al., Bayesian Data Analysis, 3.3). What plans have not
 * been moved by is a bias that is left: known or not, it is part of what is unsure.
 */
function posterior(offs: readonly number[]): Omit<WidthSpread, 'widened'> {
  const { biasShare, scatterShare, degrees } = UNKNOWN_WIDTHS;
  const n = offs.length;
  const priorRings = (scatterShare / biasShare) ** 2;
  const mean = offs.reduce((sum, off) => sum + off, 0) / n;
  const apart = offs.reduce((sum, off) => sum + (off - mean) ** 2, 0);
  const rings = priorRings + n;
  const bias = (n * mean) / rings;
  const squares = degrees * scatterShare ** 2 + apart + ((priorRings * n) / rings) * mean ** 2;
  const scatter = Math.sqrt(squares / (degrees + n));
  return {
    biasShare: Math.hypot(bias, scatter / Math.sqrt(rings)),
    scatterShare: scatter,
    degrees: degrees + n,
  };
}

/** Half of the interval that holds nine of ten new rings, whatever their distribution (split conformal, Lei et al. 2018). */
function rankedShare(offs: readonly number[]): number | undefined {
  if (offs.length < RANKED_FROM) return undefined;
  const sorted = offs.map(Math.abs).sort((a, b) => a - b);
  return sorted[Math.min(offs.length, Math.ceil(0.9 * (offs.length + 1))) - 1];
}

/**
 * How sure widths are at a bench: by bias and scatter, or by rank where that is narrower.
 * @param offs logarithms of measured widths over those planned with all that was learnt, oldest first
 * @param widened by how much intervals are to be stretched since earlier ones held too few rings or too many
 */
export function widthSpreadOf(
  offs: readonly number[],
  widened: number,
): { readonly spread: WidthSpread; readonly here: WidthsHere } {
  const latest = offs.slice(-LATEST);
  const standardShare = half(UNKNOWN_WIDTHS);
  if (latest.length < FEWEST_RINGS) {
    return {
      spread: { ...UNKNOWN_WIDTHS, widened },
      here: { rings: latest.length, modelShare: standardShare, standardShare },
    };
  }
  const model = posterior(heldBack(latest));
  const modelShare = half(model);
  const ranked = rankedShare(latest);
  const narrower = ranked === undefined ? 1 : Math.min(1, ranked / modelShare);
  return {
    spread: { ...model, widened: widened * narrower },
    here: { rings: offs.length, modelShare, rankedShare: ranked, standardShare },
  };
}
