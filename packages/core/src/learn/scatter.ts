import { HUBER } from './huber-sum';
import type { Sighting } from './sighting';

/** What is expected of a sighting's scatter counts as so many sightings. */
const EXPECTED_COUNTS = 8;
/** Squares of normal deviates, held back at {@link HUBER}, are so large on average. */
const MEAN_HELD_SQUARE = 0.87675;
/** No bench scatters more or less than so many times what is expected. */
const SCALES = { least: 0.5, most: 3 };
const ROUNDS = 5;

/**
 * How many times as much sightings scatter about a change as was expected of them (Huber 1964, proposal 2): what is
 * expected counts as some of them, so that few tell little, and wild ones no more than the bend of Huber's penalty.
 */
export function scatterScale(sightings: readonly Sighting[], change: number): number {
  let scale = 1;
  for (let round = 0; round < ROUNDS; round++) {
    let [squares, count] = [EXPECTED_COUNTS * MEAN_HELD_SQUARE, EXPECTED_COUNTS];
    for (const { off, slope, sigma, weight = 1 } of sightings) {
      const deviation = Math.min(HUBER, Math.abs(off - slope * change) / (sigma * scale));
      squares += weight * (scale * deviation) ** 2;
      count += weight;
    }
    scale = Math.min(SCALES.most, Math.max(SCALES.least, Math.sqrt(squares / (count * MEAN_HELD_SQUARE))));
  }
  return scale;
}
