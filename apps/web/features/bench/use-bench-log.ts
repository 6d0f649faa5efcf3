import type { RingEventInput } from '@round-mint/contract/rings';
import { useAppDispatch, useAppSelector } from '@/store/store';
import { eventsLogged, sendAgain } from '@/store/unsent-slice';

/**
 * Logs what happened to a ring. It counts at once and is kept in the browser until the server has it; each event has
 * the id it was given at the bench, so that sending it twice does no harm.
 */
export function useBenchLog(ringId: string) {
  const dispatch = useAppDispatch();
  const problem = useAppSelector((state) => state.unsent.refused[ringId]);
  return {
    log: (...bodies: RingEventInput['body'][]) => {
      const at = new Date().toISOString();
      dispatch(
        eventsLogged(bodies.map((body) => ({ ringId, event: { id: crypto.randomUUID(), at, body } }))),
      );
    },
    /** Why the server would not have it; it is kept all the same. */
    problem,
    retry: () => {
      dispatch(sendAgain(ringId));
    },
  };
}
export type BenchLog = ReturnType<typeof useBenchLog>;
