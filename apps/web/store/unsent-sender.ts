import { ringWithEventsSchema } from '@round-mint/contract/rings';
import { createListenerMiddleware, isAnyOf, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import { z } from 'zod';
import { api, ringHeard, type ApiState } from './api';
import { isAway } from './is-away';
import { newId } from './new-id';
import { problemText } from './problem';
import { openTabs, type Tabs } from './tabs';
import {
  eventsLogged,
  eventsRefused,
  eventsSent,
  nextBatch,
  sendAgain,
  sendingEnded,
  sendingLookedAt,
  sendingStarted,
  serverAway,
  unsentOpened,
  unsentReadBack,
  type UnsentState,
} from './unsent-slice';
import { createEventKeeper, createLease, earlierEvents, LEASE_MS } from './unsent-store';

/** The server is asked again after this long, ms. */
const RETRY_MS = 3000;

type State = ApiState & { readonly unsent: UnsentState };
type Dispatch = ThunkDispatch<State, unknown, UnknownAction>;

/** What tabs tell each other: that some events came or went, or that some were sent, and the ring as it is since. */
const messageSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('kept') }),
  z.object({ kind: z.literal('sent'), ids: z.array(z.string()), ring: ringWithEventsSchema }),
]);

/** Sends what waits, in order, some of a ring's events at a time; ids make a repeat harmless. */
async function sendAll(
  getState: () => State,
  dispatch: Dispatch,
  { lease, tabs }: { readonly lease: ReturnType<typeof createLease>; readonly tabs: Tabs },
): Promise<void> {
  for (let batch = nextBatch(getState().unsent); batch; batch = nextBatch(getState().unsent)) {
    if (!(await lease.take())) return;
    const result = await dispatch(api.endpoints.logEvents.initiate(batch));
    if ('data' in result && result.data) {
      const ids = batch.events.map(({ id }) => id);
      dispatch(eventsSent(ids));
      tabs.tell({ kind: 'sent', ids, ring: result.data });
    } else if (isAway(result.error)) {
      dispatch(serverAway());
      return;
    } else {
      dispatch(eventsRefused({ ringId: batch.ringId, text: problemText(result.error) }));
    }
  }
}

/**
 * Keeps what happened at the bench until the server has it: each event a record of the browser's own store, over reloads,
 * known to every tab, sent by one of them.
 */
export function createUnsentSender() {
  const lease = createLease(newId());
  const tabs = openTabs('round-mint-unsent');
  const keeper = createEventKeeper(tabs);
  const listener = createListenerMiddleware<State, Dispatch>();
  listener.startListening({
    matcher: isAnyOf(eventsLogged, unsentReadBack, sendAgain, sendingLookedAt),
    effect: async (_action, { getState, dispatch, delay }) => {
      if (getState().unsent.sending || !nextBatch(getState().unsent)) return;
      dispatch(sendingStarted());
      let mine = false;
      try {
        mine = await lease.take();
        if (mine) await sendAll(getState, dispatch, { lease, tabs });
      } finally {
        if (mine) await lease.give();
        dispatch(sendingEnded());
      }
      // A server that is away is asked again after a while.
      if (mine && getState().unsent.away) return;
      // Another tab sends; should it have been closed, this one goes on when its word has run out.
      if (!mine) await delay(LEASE_MS);
      // What was logged while the lease was given back found this tab still sending.
      if (nextBatch(getState().unsent)) dispatch(sendingLookedAt());
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
    effect: (_action, { getState }) => keeper.keep(getState().unsent.queue),
  });
  listener.startListening({
    actionCreator: unsentOpened,
    effect: async (_action, { dispatch }) => {
      const readBack = () => keeper.readBack((found) => dispatch(unsentReadBack(found)));
      tabs.listen((told) => {
        const message = messageSchema.safeParse(told);
        if (!message.success) return;
        if (message.data.kind === 'sent') {
          dispatch(ringHeard(message.data.ring));
          dispatch(eventsSent(message.data.ids));
        } else {
          void readBack();
        }
      });
      const earlier = await earlierEvents();
      if (earlier.length > 0) dispatch(eventsLogged(earlier));
      await readBack();
    },
  });
  return listener;
}
