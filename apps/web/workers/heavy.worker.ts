import { expose } from 'comlink';
import { JOBS, type JobAnswer, type JobName, type JobQuestion } from './jobs';

const HEAVY = {
  run<N extends JobName>(
    name: N,
    question: JobQuestion<N>,
    onProgress: (share: number) => void,
  ): JobAnswer<N> {
    const work = (JOBS[name] as (question: JobQuestion<N>) => Generator<number, JobAnswer<N>>)(question);
    for (;;) {
      const { done, value } = work.next();
      if (done) return value;
      onProgress(value);
    }
  },
};

export type HeavyWorker = typeof HEAVY;

expose(HEAVY);
