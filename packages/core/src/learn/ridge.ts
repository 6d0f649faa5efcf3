/** One thing that was seen, made linear: how far off the default it was, and what a change of the value would do to it. */
export interface Sighting {
  readonly ringId: string;
  /** Seen less what the default predicted. */
  readonly off: number;
  /** What one unit of the value adds to what is predicted. */
  readonly slope: number;
  /** Standard deviation of a single sighting. */
  readonly sigma: number;
  /** What one unit of `off` means for the ring's size, mm; left out, errors are told in the sighting's own unit. */
  readonly sizeMm?: number;
}

export interface RidgeFit {
  /** Change from the default. */
  readonly change: number;
  /** Standard deviation of the change, by the sightings and the pull together. */
  readonly sigma: number;
  /** How many rings and sightings it rests on. */
  readonly rings: number;
  readonly sightings: number;
  /** Root mean square of what is off, in mm of size where sightings tell it, else in their unit: as the default predicted, and as the others' fit would have. */
  readonly errorBefore: number;
  readonly errorAfter: number;
  /** Rings whose sightings lie far from all others. */
  readonly outliers: readonly string[];
}

/** Beyond this many deviations a sighting pulls with a constant force only (Huber 1964). */
const HUBER = 1.8;
const ROUNDS = 8;
/** Beyond this many deviations a ring is named as an outlier. */
const OUTLIER = 3.5;

function solve(sightings: readonly (Sighting & { readonly weight: number })[], pullSigma: number) {
  const pull = 1 / pullSigma ** 2;
  let [a, b] = [pull, 0];
  for (const { off, slope, sigma, weight } of sightings) {
    const w = weight / sigma ** 2;
    a += w * slope * slope;
    b += w * slope * off;
  }
  return { change: b / a, sigma: Math.sqrt(1 / a) };
}

/** Weighted least squares pulled towards no change at all, outlying sightings held back. */
function fitted(sightings: readonly Sighting[], pullSigma: number) {
  let weights = sightings.map(() => 1);
  let result = solve([], pullSigma);
  for (let round = 0; round < ROUNDS; round++) {
    result = solve(
      sightings.map((one, i) => ({ ...one, weight: weights[i] ?? 1 })),
      pullSigma,
    );
    const { change } = result;
    weights = sightings.map(({ off, slope, sigma }) => {
      const distance = Math.abs(off - slope * change) / sigma;
      return distance <= HUBER ? 1 : HUBER / distance;
    });
  }
  return result;
}

/** Further from the default than this many deviations of benches and of sightings together, it is no bench's doing. */
const WILD = 6;

/**
 * Whether a sighting can come from a bench at all: a slip of the pen, a unit taken for another or a ring that is not
 * this one lies further off than benches differ and readings scatter, and teaches nothing.
 */
export function isPlausible({ off, slope, sigma }: Sighting, pullSigma: number): boolean {
  return Math.abs(off) <= WILD * Math.hypot(sigma, slope * pullSigma);
}

/** The change alone, without its error: for many small fits. */
export function ridgeChange(sightings: readonly Sighting[], pullSigma: number): number {
  const used = sightings.filter((one) => isPlausible(one, pullSigma));
  return used.length === 0 ? 0 : fitted(used, pullSigma).change;
}

export function rootMeanSquare(values: readonly number[]): number {
  return values.length === 0
    ? 0
    : Math.sqrt(values.reduce((sum, value) => sum + value * value, 0) / values.length);
}

/**
 * Learns one value from what was seen: ridge regression towards the default (craft §9), so that one ring does not swing
 * it. The error after learning is that of each ring predicted by all the others: no ring vouches for itself.
 * @param pullSigma how far benches differ from the default, as a standard deviation: the pull
 */
export function ridgeFit(seen: readonly Sighting[], pullSigma: number): RidgeFit {
  const sightings = seen.filter((one) => isPlausible(one, pullSigma));
  const { change, sigma } = fitted(sightings, pullSigma);
  const rings = [...new Set(sightings.map(({ ringId }) => ringId))];
  const after = rings.flatMap((ringId) => {
    const others = fitted(
      sightings.filter((one) => one.ringId !== ringId),
      pullSigma,
    );
    return sightings
      .filter((one) => one.ringId === ringId)
      .map(({ off, slope, sizeMm = 1 }) => (off - slope * others.change) * sizeMm);
  });
  const far = seen.filter(({ off, slope, sigma: one }) => Math.abs(off - slope * change) > OUTLIER * one);
  const outliers = [...new Set(far.map(({ ringId }) => ringId))];
  return {
    change,
    sigma,
    rings: rings.length,
    sightings: sightings.length,
    errorBefore: rootMeanSquare(sightings.map(({ off, sizeMm = 1 }) => off * sizeMm)),
    errorAfter: rootMeanSquare(after),
    outliers,
  };
}
