import { JOBS, type JobAnswer, type JobName, type JobQuestion, type RunningJob } from '@/workers/jobs';

/** The page draws itself between slices of so long, ms. */
const SLICE_MS = 30;

/** Component tests have no worker: the same work is done in the page, a slice at a time. */
export function startJob<N extends JobName>(
  name: N,
  question: JobQuestion<N>,
  onProgress: (share: number) => void,
): RunningJob<JobAnswer<N>> {
  let cancelled = false;
  const work = (JOBS[name] as (question: JobQuestion<N>) => Generator<number, JobAnswer<N>>)(question);
  const answer = new Promise<JobAnswer<N>>((resolve, reject) => {
    const slice = () => {
      if (cancelled) return;
      const until = performance.now() + SLICE_MS;
      try {
        let next = work.next();
        while (!next.done && performance.now() < until) next = work.next();
        if (next.done) {
          resolve(next.value);
          return;
        }
        onProgress(next.value);
        setTimeout(slice, 0);
      } catch (error) {
        reject(error);
      }
    };
    slice();
  });
  return { answer, cancel: () => void (cancelled = true) };
}

/** There is no worker to wake. */
export function wakeWorker(): void {
  return undefined;
}
