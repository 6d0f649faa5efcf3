import type { Sighting } from './sighting';

/** Beyond this many deviations a sighting pulls with a constant force only (Huber 1964). */
export const HUBER = 1.8;

/** How much a sighting still pulls that lies so many deviations off: as much as any, or with a constant force. */
export function huberWeight(deviations: number): number {
  return deviations <= HUBER ? 1 : HUBER / deviations;
}

/** Sightings that come and go, and the change of the value that fits those best that are there. */
export interface HuberSum {
  readonly add: (index: number) => void;
  readonly remove: (index: number) => void;
  /** The change that fits those that are there, pulled towards none. */
  readonly minimum: () => number;
}

/** Two bends of a sighting's pull: where it stops being constant, and where it is so again. */
const BENDS = 2;

/** Sums over the first so many of a list of numbers, any of which may change (Fenwick 1994). */
function addTo(tree: Float64Array, place: number, by: number): void {
  for (let at = place + 1; at < tree.length; at += at & -at) tree[at] = (tree[at] ?? 0) + by;
}

/** The first place in a rising list where a value stands that is in it. */
function placeOf(rising: Float64Array, value: number): number {
  let [low, high] = [0, rising.length - 1];
  while (low < high) {
    const middle = (low + high) >> 1;
    if ((rising[middle] ?? 0) < value) low = middle + 1;
    else high = middle;
  }
  return low;
}

/** The bends of some sightings from left to right: where each is, and the place of each sighting's two. */
function bendsOf(sightings: readonly Sighting[]) {
  const unsorted = new Float64Array(sightings.length * BENDS);
  sightings.forEach(({ off, slope, sigma }, index) => {
    const middle = slope === 0 ? 0 : off / slope;
    const reach = slope === 0 ? 0 : (HUBER * sigma) / Math.abs(slope);
    unsorted[index * BENDS] = middle - reach;
    unsorted[index * BENDS + 1] = middle + reach;
  });
  // Numbers alone are sorted many times faster than by a rule; bends at one spot may share a place.
  const at = unsorted.slice().sort();
  return { at, places: Uint32Array.from(unsorted, (bend) => placeOf(at, bend)) };
}

/**
 * Minimises c²/2p² + Σ ρ((off − slope·c)/σ) over the sightings that are there, ρ being Huber's penalty. Its derivative
 * is a rising broken line: each sighting bends it up where its pull stops being constant and down where it is so again,
 * so that a sighting comes, goes, and the root is found in as many steps as the logarithm of their number. Exact; the
 * usual rounds of weighted least squares end there, too.
 * @param sightings all that will ever be there
 * @param pullSigma how far benches differ from the default, as a standard deviation: p
 */
export function createHuberSum(sightings: readonly Sighting[], pullSigma: number): HuberSum {
  const { at, places } = bendsOf(sightings);
  const slopes = new Float64Array(at.length + 1);
  const constants = new Float64Array(at.length + 1);
  // Left of all bends every sighting pulls to the right with its constant force.
  let leftmost = 0;
  const change = (index: number, sign: 1 | -1) => {
    const one = sightings[index];
    if (!one) return;
    leftmost -= (sign * HUBER * Math.abs(one.slope)) / one.sigma;
    const steepness = sign * (one.slope / one.sigma) ** 2;
    for (const side of [0, 1]) {
      const place = places[index * BENDS + side] ?? 0;
      const bent = side === 0 ? steepness : -steepness;
      addTo(slopes, place, bent);
      addTo(constants, place, -bent * (at[place] ?? 0));
    }
  };
  const longestStride = 2 ** Math.floor(Math.log2(Math.max(1, at.length)));
  return {
    add: (index) => change(index, 1),
    remove: (index) => change(index, -1),
    minimum: () => {
      let [slope, constant, passed] = [1 / pullSigma ** 2, leftmost, 0];
      for (let stride = longestStride; stride >= 1; stride /= 2) {
        const next = passed + stride;
        if (next > at.length) continue;
        const nextSlope = slope + (slopes[next] ?? 0);
        const nextConstant = constant + (constants[next] ?? 0);
        if (nextSlope * (at[next - 1] ?? 0) + nextConstant > 0) continue;
        slope = nextSlope;
        constant = nextConstant;
        passed = next;
      }
      return 0 - constant / slope;
    },
  };
}
