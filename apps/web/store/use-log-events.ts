import type { RingEventInput } from '@round-mint/contract/rings';
import { useCallback } from 'react';
import { useStore } from 'react-redux';
import { api } from './api';
import { useAppDispatch, type RootState } from './store';
import { newId } from './new-id';
import { eventsLogged } from './unsent-slice';

/** What happened, to which ring. */
export interface LoggedBody {
  readonly ringId: string;
  readonly body: RingEventInput['body'];
  /** Given where two devices must give the same; left out, a new one. */
  readonly id?: string | undefined;
}

let lastMs = 0;

/**
 * Now, and later than what is known of the ring: events are ordered by their clocks, a millisecond is short, and the
 * clock of the device before may have gone ahead of this one's.
 */
function nextMoment(known: string): string {
  const knownMs = known === '' ? 0 : Date.parse(known);
  lastMs = Math.max(Date.now(), lastMs + 1, knownMs + 1);
  return new Date(lastMs).toISOString();
}

/** When the last thing happened that is known of a ring. */
function lastOf(state: RootState, ringId: string): string {
  const ring =
    api.endpoints.getRing.select(ringId)(state).data ??
    api.endpoints.listRings
      .select()(state)
      .data?.find(({ id }) => id === ringId);
  const unsent = state.unsent.queue.filter((one) => one.ringId === ringId).map(({ event }) => event);
  return [...(ring?.events ?? []), ...unsent].map(({ at }) => at).reduce((a, b) => (a > b ? a : b), '');
}

/**
 * Logs what happened, to one ring or to several at once. It counts at once and is kept in the browser until the server
 * has it; each event has the id it was given at the bench, so that sending it twice does no harm.
 * @returns a function that logs and gives back the events' ids
 */
export function useLogEvents(): (...bodies: readonly LoggedBody[]) => string[] {
  const dispatch = useAppDispatch();
  const store = useStore<RootState>();
  return useCallback(
    (...bodies) => {
      const events = bodies.map(({ ringId, body, id = newId() }) => ({
        ringId,
        event: { id, at: nextMoment(lastOf(store.getState(), ringId)), body },
      }));
      dispatch(eventsLogged(events));
      return events.map(({ event }) => event.id);
    },
    [dispatch, store],
  );
}
