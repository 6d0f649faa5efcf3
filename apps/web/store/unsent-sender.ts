import { createListenerMiddleware, isAnyOf, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import { get, set } from 'idb-keyval';
import { api } from './api';
import { withTodaysNames } from '@round-mint/contract/earlier-names';
import { idSchema } from '@round-mint/contract/common';
import { ringEventSchema } from '@round-mint/contract/rings';
import { z } from 'zod';
import { problemText } from './problem';
import {
  eventsLogged,
  eventsRefused,
  eventsSent,
  nextBatch,
  sendAgain,
  sendingEnded,
  sendingStarted,
  serverAway,
  unsentReadBack,
  type UnsentState,
} from './unsent-slice';

/** Where the browser keeps them. */
const KEPT_UNDER = 'unsent-events';
/** What the browser kept, checked: nothing that it does not know goes to the server. */
const unsentEventsSchema = z.array(z.object({ ringId: idSchema, event: ringEventSchema }));
/** The server is asked again after this long, ms. */
const RETRY_MS = 3000;

interface State {
  readonly unsent: UnsentState;
}
type Dispatch = ThunkDispatch<State, unknown, UnknownAction>;

/** The server cannot be reached, something on the way answered for it, or this device has to be paired again first. */
function isAway(error: unknown): boolean {
  const { status } = error as { status?: unknown };
  return ['FETCH_ERROR', 'PARSING_ERROR', 401, 429, 502, 503].some((away) => away === status);
}

/** Sends what waits, in order, one run of a ring's events at a time; ids make a repeat harmless. */
async function sendAll(getState: () => State, dispatch: Dispatch): Promise<void> {
  for (let batch = nextBatch(getState().unsent); batch; batch = nextBatch(getState().unsent)) {
    const result = await dispatch(api.endpoints.logEvents.initiate(batch));
    if (!('error' in result) || result.error === undefined) {
      dispatch(eventsSent(batch.events.map(({ id }) => id)));
    } else if (isAway(result.error)) {
      dispatch(serverAway());
      return;
    } else {
      dispatch(eventsRefused({ ringId: batch.ringId, text: problemText(result.error) }));
    }
  }
}

/** Keeps what happened at the bench until the server has it: in the browser's own store, over reloads. */
export function createUnsentSender() {
  const listener = createListenerMiddleware<State, Dispatch>();
  listener.startListening({
    matcher: isAnyOf(eventsLogged, unsentReadBack, sendAgain),
    effect: async (_action, { getState, dispatch }) => {
      if (getState().unsent.sending) return;
      dispatch(sendingStarted());
      try {
        await sendAll(getState, dispatch);
      } finally {
        dispatch(sendingEnded());
      }
    },
  });
  listener.startListening({
    actionCreator: serverAway,
    effect: async (_action, { dispatch, delay, cancelActiveListeners }) => {
      cancelActiveListeners();
      await delay(RETRY_MS);
      dispatch(sendAgain(undefined));
    },
  });
  listener.startListening({
    predicate: (_action, now, before) => now.unsent.queue !== before.unsent.queue,
    effect: async (_action, { getState }) => {
      await set(KEPT_UNDER, getState().unsent.queue);
    },
  });
  return listener;
}

/** What an earlier page could not send is taken up again. */
export function readBackUnsent() {
  return async (dispatch: Dispatch): Promise<void> => {
    const kept = unsentEventsSchema.safeParse(withTodaysNames(await get(KEPT_UNDER)));
    if (kept.success && kept.data.length > 0) dispatch(unsentReadBack(kept.data));
  };
}
