import { createHuberSum, huberWeight, type HuberSum } from './huber-sum';
import { listAt } from './list-at';
import { scatterScale } from './scatter';
import { isPlausible, type Sighting } from './sighting';

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

/** Beyond this many deviations a ring is named as an outlier. */
const OUTLIER = 3.5;

export function rootMeanSquare(values: readonly number[], weights?: readonly number[]): number {
  const weightOf = (place: number) => weights?.[place] ?? 1;
  const all = values.reduce((sum, _value, place) => sum + weightOf(place), 0);
  const squares = values.reduce((sum, value, place) => sum + weightOf(place) * value * value, 0);
  return values.length === 0 ? 0 : Math.sqrt(squares / all);
}

/** All of some sightings. */
function summed(sightings: readonly Sighting[], pullSigma: number): HuberSum {
  const sum = createHuberSum(sightings, pullSigma);
  sightings.forEach((_one, place) => sum.add(place));
  return sum;
}

/** What counts less is as if it had been seen less exactly. @param scale by how many times all scatter more */
function lessExact(one: Sighting, scale: number): Sighting {
  return { ...one, sigma: (one.sigma * scale) / Math.sqrt(one.weight ?? 1) };
}

/** Standard deviation of a change, by the pull and by the sightings, those held back that lie far from it. */
function sigmaAt(change: number, sightings: readonly Sighting[], pullSigma: number): number {
  const information = sightings.reduce(
    (sum, { off, slope, sigma }) => {
      const weight = huberWeight(Math.abs(off - slope * change) / sigma);
      return sum + weight * (slope / sigma) ** 2;
    },
    1 / pullSigma ** 2,
  );
  return Math.sqrt(1 / information);
}

/** Places of the sightings of each ring. */
export function placesByRing(sightings: readonly Sighting[]): ReadonlyMap<string, readonly number[]> {
  const places = new Map<string, number[]>();
  sightings.forEach(({ ringId }, place) => listAt(places, ringId).push(place));
  return places;
}

/**
 * Learns one value from what was seen: ridge regression towards the default (craft §9), so that one ring does not swing
 * it. How far sightings scatter here is learnt from themselves. The error after learning is that of each ring predicted by
 * all the others: no ring vouches for itself.
 * @param pullSigma how far benches differ from the default, as a standard deviation: the pull
 */
export function ridgeFit(seen: readonly Sighting[], pullSigma: number): RidgeFit {
  const plausible = seen.filter((one) => isPlausible(one, pullSigma));
  const weighed = (scale: number) => plausible.map((one) => lessExact(one, scale));
  const expected = summed(weighed(1), pullSigma);
  // How much this bench scatters is known once it is known about what.
  const scale = scatterScale(plausible, expected.minimum());
  const sightings = weighed(scale);
  const sum = summed(sightings, pullSigma);
  const change = sum.minimum();
  const rings = placesByRing(sightings);
  const after: number[] = [];
  const afterWeights: number[] = [];
  for (const places of rings.values()) {
    places.forEach(sum.remove);
    const others = sum.minimum();
    places.forEach(sum.add);
    for (const place of places) {
      const one = sightings[place];
      if (!one) continue;
      after.push((one.off - one.slope * others) * (one.sizeMm ?? 1));
      afterWeights.push(one.weight ?? 1);
    }
  }
  const far = seen.filter(
    ({ off, slope, sigma }) => Math.abs(off - slope * change) > OUTLIER * scale * sigma,
  );
  return {
    change,
    sigma: sigmaAt(change, sightings, pullSigma),
    rings: rings.size,
    sightings: sightings.length,
    errorBefore: rootMeanSquare(
      sightings.map(({ off, sizeMm = 1 }) => off * sizeMm),
      sightings.map(({ weight = 1 }) => weight),
    ),
    errorAfter: rootMeanSquare(after, afterWeights),
    outliers: [...new Set(far.map(({ ringId }) => ringId))],
  };
}
