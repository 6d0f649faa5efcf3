/**
 * Numbers that are the same for the same seed (mulberry32).
 * @param {number} seed
 */
export function createRandom(seed) {
  let state = seed >>> 0;
  const next = () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t ^= t + Math.imul(t ^ (t >>> 7), 61 | t);
    return ((t ^ (t >>> 14)) >>> 0) / 4_294_967_296;
  };
  return {
    next,
    /** A whole number from `from` to `to`, both among them. */
    whole: (/** @type {number} */ from, /** @type {number} */ to) =>
      from + Math.floor(next() * (to - from + 1)),
    /** @template T @param {readonly T[]} list @returns {T} */
    oneOf: (list) => list[Math.floor(next() * list.length)],
  };
}
