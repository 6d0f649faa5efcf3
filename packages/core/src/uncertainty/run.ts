/** Runs work that reports its progress to its end, without listening. */
export function runToEnd<T>(work: Generator<number, T>): T {
  for (;;) {
    const { done, value } = work.next();
    if (done) return value;
  }
}
