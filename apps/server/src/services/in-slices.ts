import { setImmediate } from 'node:timers/promises';

/** Runs long work a slice at a time, so that other calls are answered in between. */
export async function inSlices<T>(work: Generator<number, T>): Promise<T> {
  for (;;) {
    const { done, value } = work.next();
    if (done) return value;
    await setImmediate();
  }
}
