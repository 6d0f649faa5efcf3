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

/** What is known, and which question it is known of. */
interface Known<N extends JobName> {
  readonly answered?: { readonly question: JobQuestion<N>; readonly answer: JobAnswer<N> } | undefined;
  readonly running?: { readonly question: JobQuestion<N>; readonly share: number } | undefined;
  readonly failed?: { readonly question: JobQuestion<N>; readonly problem: string } | undefined;
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
  const [{ answered, running, failed }, setKnown] = useState<Known<N>>({});
  const [stoppedFor, setStoppedFor] = useState<JobQuestion<N>>();
  const [round, setRound] = useState(0);
  const stopped = stoppedFor !== undefined && stoppedFor === question;

  useEffect(() => {
    if (!question || stopped) return undefined;
    let ended = false;
    let cancel = () => undefined as void;
    const timer = setTimeout(() => {
      const job = startJob(name, question, (share) => {
        if (!ended) setKnown((before) => ({ ...before, running: { question, share } }));
      });
      cancel = job.cancel;
      job.answer.then(
        (answer) => {
          if (!ended) setKnown({ answered: { question, answer } });
        },
        (error: unknown) => {
          if (!ended) setKnown((before) => ({ ...before, failed: { question, problem: String(error) } }));
        },
      );
    }, settleMs);
    return () => {
      ended = true;
      clearTimeout(timer);
      cancel();
    };
  }, [name, question, settleMs, round, stopped]);

  const cancel = useCallback(() => setStoppedFor(question), [question]);
  const retry = useCallback(() => {
    setStoppedFor(undefined);
    setKnown({});
    setRound((before) => before + 1);
  }, []);

  const problem = failed && failed.question === question ? failed.problem : undefined;
  const fresh = question !== undefined && answered?.question === question;
  const working = question !== undefined && !stopped && !fresh && problem === undefined;
  const share = running?.question === question ? running?.share : 0;
  return { answer: answered?.answer, fresh, progress: working ? share : undefined, problem, cancel, retry };
}
