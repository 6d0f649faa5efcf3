/** Progress of a part of some work, on the scale of all of it. */
export function* part<T>(work: Generator<number, T>, from: number, to: number): Generator<number, T> {
  for (;;) {
    const { done, value } = work.next();
    if (done) return value;
    yield from + (to - from) * value;
  }
}

/** Runs work that reports its progress to its end, without listening. */
export function runToEnd<T>(work: Generator<number, T>): T {
  for (;;) {
    const { done, value } = work.next();
    if (done) return value;
  }
}
