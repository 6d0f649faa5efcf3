import { proxy, wrap, type Remote } from 'comlink';
import type { HeavyWorker } from './heavy.worker';
import type { JobAnswer, JobName, JobQuestion, RunningJob } from './jobs';

interface Hand {
  readonly worker: Worker;
  readonly remote: Remote<HeavyWorker>;
}

/** Workers that have finished are kept for the next jobs: starting one takes longer than a small job. */
const idle: Hand[] = [];
/** A plan asks for a picture and for chances at once. */
const MOST_IDLE = 2;

function takeHand(): Hand {
  const hand = idle.pop();
  if (hand) return hand;
  const worker = new Worker(new URL('./heavy.worker', window.location.href));
  return { worker, remote: wrap<HeavyWorker>(worker) };
}

function giveBack(hand: Hand): void {
  if (idle.length >= MOST_IDLE) hand.worker.terminate();
  else idle.push(hand);
}

/** Has a worker ready for a job that will be asked for soon. */
export function wakeWorker(): void {
  if (idle.length === 0) idle.push(takeHand());
}

/** Runs a job in a worker; cancelling ends the worker at once. */
export function startJob<N extends JobName>(
  name: N,
  question: JobQuestion<N>,
  onProgress: (share: number) => void,
): RunningJob<JobAnswer<N>> {
  const hand = takeHand();
  let over = false;
  const answer = new Promise<JobAnswer<N>>((resolve, reject) => {
    hand.worker.onerror = () => reject(new Error('the worker could not be started'));
    const run = hand.remote.run as unknown as (
      name: N,
      question: JobQuestion<N>,
      onProgress: (share: number) => void,
    ) => Promise<JobAnswer<N>>;
    run(name, question, proxy(onProgress)).then(
      (value) => {
        over = true;
        giveBack(hand);
        resolve(value);
      },
      (error: unknown) => {
        over = true;
        hand.worker.terminate();
        reject(error);
      },
    );
  });
  return {
    answer,
    cancel: () => {
      if (over) return;
      over = true;
      hand.worker.terminate();
    },
  };
}
