import type { RingEventInput } from '@round-mint/contract/rings';
import { useCallback } from 'react';
import { useAppDispatch } from './store';
import { newId } from './new-id';
import { eventsLogged } from './unsent-slice';

/** What happened, to which ring. */
export interface LoggedBody {
  readonly ringId: string;
  readonly body: RingEventInput['body'];
  /** Given where two devices must give the same; left out, a new one. */
  readonly id?: string | undefined;
}

/**
 * Logs what happened, to one ring or to several at once. It counts at once and is kept in the browser until the server
 * has it; each event has the id it was given at the bench, so that sending it twice does no harm.
 * @returns a function that logs and gives back the events' ids
 */
export function useLogEvents(): (...bodies: readonly LoggedBody[]) => string[] {
  const dispatch = useAppDispatch();
  return useCallback(
    (...bodies) => {
      const at = new Date().toISOString();
      const events = bodies.map(({ ringId, body, id = newId() }) => ({
        ringId,
        event: { id, at, body },
      }));
      dispatch(eventsLogged(events));
      return events.map(({ event }) => event.id);
    },
    [dispatch],
  );
}
