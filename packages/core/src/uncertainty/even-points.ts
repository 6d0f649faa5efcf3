import type { Random } from './random';

/**
 * So many points of so many numbers between 0 and 1, each number of all of them spread evenly: one in each of as many
 * strata (a Latin hypercube; McKay, Beckman and Conover 1979). What adds up from the numbers scatters far less over
 * them than over numbers drawn one by one. The same chance gives the same points, whatever they are used for.
 */
export function evenPoints(count: number, numbers: number, random: Random): readonly Float64Array[] {
  const points = Array.from({ length: count }, () => new Float64Array(numbers));
  const strata = Array.from({ length: count }, (_, i) => i);
  for (let number = 0; number < numbers; number++) {
    shuffle(strata, random);
    for (const [i, point] of points.entries()) point[number] = ((strata[i] ?? 0) + random()) / count;
  }
  return points;
}

/** In place, every order as likely (Fisher and Yates). */
function shuffle(values: number[], random: Random): void {
  for (let last = values.length - 1; last > 0; last--) {
    const other = Math.floor(random() * (last + 1));
    [values[last], values[other]] = [values[other] ?? 0, values[last] ?? 0];
  }
}
