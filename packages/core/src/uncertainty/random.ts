/** Even numbers from 0 up to 1. */
export type Random = () => number;

/** Even random numbers from a seed: the same seed gives the same rings (mulberry32, T. Ettinger 2017, public domain). */
export function seededRandom(seed: number): Random {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 15), state | 1);
    mixed ^= mixed + Math.imul(mixed ^ (mixed >>> 7), mixed | 61);
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4294967296;
  };
}

/** A normal deviate of mean 0 and standard deviation 1 (Box and Muller 1958). */
export function normalDeviate(random: Random): number {
  const radius = Math.sqrt(-2 * Math.log(1 - random()));
  return radius * Math.cos(2 * Math.PI * random());
}
