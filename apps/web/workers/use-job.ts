import { useCallback, useEffect, useState } from 'react';
import type { JobAnswer, JobName, JobQuestion } from './jobs';
import { startJob } from './start-job';

export interface Job<T> {
  /** The last answer; while a new question is worked on, still that of the one before. */
  readonly answer: T | undefined;
  /** Whether the answer belongs to the question asked now. */
  readonly fresh: boolean;
  /** 0 to 1 while it runs. */
  readonly progress: number | undefined;
  readonly problem: string | undefined;
  /** Stops it; what was answered before stays. */
  readonly cancel: () => void;
  /** Starts it again. */
  readonly retry: () => void;
}

interface State<N extends JobName> {
  readonly question?: JobQuestion<N> | undefined;
  readonly answer?: JobAnswer<N> | undefined;
  readonly progress?: number | undefined;
  readonly problem?: string | undefined;
}

/** Waits this long for the maker to go on choosing before a worker is set to it, ms. */
const SETTLE_MS = 200;

/**
 * Works a question out in a worker: a new question ends the old one; without a question nothing runs.
 * @param question memoised: it is worked on anew whenever it is another object
 */
export function useJob<N extends JobName>(
  name: N,
  question: JobQuestion<N> | undefined,
  settleMs: number = SETTLE_MS,
): Job<JobAnswer<N>> {
  const [state, setState] = useState<State<N>>({});
  const [stoppedFor, setStoppedFor] = useState<JobQuestion<N>>();
  const [round, setRound] = useState(0);
  const stopped = stoppedFor === question;

  useEffect(() => {
    if (!question || stopped) return undefined;
    let ended = false;
    let cancel = () => undefined as void;
    const timer = setTimeout(() => {
      const job = startJob(name, question, (progress) => {
        if (!ended) setState((before) => ({ ...before, progress }));
      });
      cancel = job.cancel;
      job.answer.then(
        (answer) => {
          if (!ended) setState({ question, answer });
        },
        (error: unknown) => {
          if (!ended) setState((before) => ({ ...before, progress: undefined, problem: String(error) }));
        },
      );
    }, settleMs);
    setState((before) => ({ ...before, progress: 0, problem: undefined }));
    return () => {
      ended = true;
      clearTimeout(timer);
      cancel();
      setState((before) => ({ ...before, progress: undefined }));
    };
  }, [name, question, settleMs, round, stopped]);

  const cancel = useCallback(() => setStoppedFor(question), [question]);
  const retry = useCallback(() => {
    setStoppedFor(undefined);
    setRound((before) => before + 1);
  }, []);

  return {
    answer: state.answer,
    fresh: state.question === question && question !== undefined,
    progress: state.progress,
    problem: state.problem,
    cancel,
    retry,
  };
}
