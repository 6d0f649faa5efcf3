/** A pivot below this share of the largest entry tells nothing any more. */
const SINGULAR = 1e-12;

/**
 * Solves a square system by Gaussian elimination with pivots.
 * @param matrix rows, each as long as there are rows; left as it is
 * @param leastSpread of a matrix of sums of squares: how much of the largest value it could have, the product of its
 * diagonal, its determinant has to reach at least
 * @returns undefined where it has no solution worth the name
 */
export function solveLinear(
  matrix: readonly (readonly number[])[],
  right: readonly number[],
  leastSpread = 0,
): readonly number[] | undefined {
  const size = right.length;
  let determinant = 1;
  const rows = matrix.map((row, i) => Float64Array.from([...row, right[i] ?? 0]));
  const largest = Math.max(...rows.flatMap((row) => [...row.subarray(0, size)].map(Math.abs)));
  for (let column = 0; column < size; column++) {
    const below = rows.slice(column);
    const best = below.reduce((a, b) => (Math.abs(b[column] ?? 0) > Math.abs(a[column] ?? 0) ? b : a));
    const pivot = best[column] ?? 0;
    if (!(Math.abs(pivot) > SINGULAR * largest)) return undefined;
    determinant *= pivot;
    rows.splice(rows.indexOf(best), 1);
    rows.splice(column, 0, best);
    for (const row of rows.slice(column + 1)) {
      const factor = (row[column] ?? 0) / pivot;
      for (let i = column; i <= size; i++) row[i] = (row[i] ?? 0) - factor * (best[i] ?? 0);
    }
  }
  const most = matrix.reduce((product, row, i) => product * (row[i] ?? 0), 1);
  if (Math.abs(determinant) < leastSpread * Math.abs(most)) return undefined;
  const solution = new Float64Array(size);
  for (let i = size - 1; i >= 0; i--) {
    const row = rows[i];
    const known = solution
      .subarray(i + 1)
      .reduce((sum, value, j) => sum + value * (row?.[i + 1 + j] ?? 0), 0);
    solution[i] = ((row?.[size] ?? 0) - known) / (row?.[i] ?? 1);
  }
  return [...solution];
}

export interface LeastSquaresOptions {
  /** Of each equation; left out, all count alike. */
  readonly weights?: ArrayLike<number> | undefined;
  /** As in {@link solveLinear}: below it the equations are too much alike to tell the unknowns apart. */
  readonly leastSpread?: number | undefined;
}

/** The least-squares solution of more equations than unknowns, by their normal equations. */
export function leastSquares(
  equations: readonly (readonly number[])[],
  right: readonly number[],
  { weights, leastSpread }: LeastSquaresOptions = {},
): readonly number[] | undefined {
  const size = equations[0]?.length ?? 0;
  const normal = Array.from({ length: size }, () => new Float64Array(size));
  const sums = new Float64Array(size);
  equations.forEach((equation, n) => {
    const weight = weights?.[n] ?? 1;
    for (let i = 0; i < size; i++) {
      const scaled = weight * (equation[i] ?? 0);
      sums[i] = (sums[i] ?? 0) + scaled * (right[n] ?? 0);
      const row = normal[i];
      if (row) for (let j = 0; j < size; j++) row[j] = (row[j] ?? 0) + scaled * (equation[j] ?? 0);
    }
  });
  return solveLinear(
    normal.map((row) => [...row]),
    [...sums],
    leastSpread,
  );
}
