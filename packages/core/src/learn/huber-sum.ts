import type { Sighting } from './sighting';

/** Beyond this many deviations a sighting pulls with a constant force only (Huber 1964). */
export const HUBER = 1.8;

/** Sightings that come and go, and the change of the value that fits those best that are there. */
export interface HuberSum {
  readonly add: (index: number) => void;
  readonly remove: (index: number) => void;
  /** The change that fits those that are there, pulled towards none. */
  readonly minimum: () => number;
}

/** Sums of the first so many of a list of numbers, any of which may change (Fenwick 1994). */
function prefixSums(length: number) {
  const tree = new Float64Array(length + 1);
  return {
    tree,
    add: (place: number, by: number) => {
      for (let at = place + 1; at <= length; at += at & -at) tree[at] = (tree[at] ?? 0) + by;
    },
  };
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
  const bends = sightings
    .flatMap(({ off, slope, sigma }, index) => {
      if (slope === 0) return [];
      const reach = (HUBER * sigma) / Math.abs(slope);
      const steepness = (slope / sigma) ** 2;
      return [-1, 1].map((side) => {
        const at = off / slope + side * reach;
        return { index, at, slope: -side * steepness, constant: side * steepness * at };
      });
    })
    .sort((a, b) => a.at - b.at);
  const placesOf = sightings.map((): number[] => []);
  bends.forEach(({ index }, place) => placesOf[index]?.push(place));
  const slopes = prefixSums(bends.length);
  const constants = prefixSums(bends.length);
  // Left of all bends every sighting pulls to the right with its constant force.
  let leftmost = 0;
  const change = (index: number, sign: 1 | -1) => {
    const one = sightings[index];
    if (!one) return;
    leftmost -= (sign * HUBER * Math.abs(one.slope)) / one.sigma;
    for (const place of placesOf[index] ?? []) {
      const bend = bends[place];
      if (!bend) continue;
      slopes.add(place, sign * bend.slope);
      constants.add(place, sign * bend.constant);
    }
  };
  return {
    add: (index) => change(index, 1),
    remove: (index) => change(index, -1),
    minimum: () => {
      let [slope, constant, passed] = [1 / pullSigma ** 2, leftmost, 0];
      for (let stride = 2 ** Math.floor(Math.log2(Math.max(1, bends.length))); stride >= 1; stride /= 2) {
        const next = passed + stride;
        const bend = bends[next - 1];
        if (!bend) continue;
        const nextSlope = slope + (slopes.tree[next] ?? 0);
        const nextConstant = constant + (constants.tree[next] ?? 0);
        if (nextSlope * bend.at + nextConstant > 0) continue;
        [slope, constant, passed] = [nextSlope, nextConstant, next];
      }
      return 0 - constant / slope;
    },
  };
}
