import { createListenerMiddleware } from '@reduxjs/toolkit';
import { api } from './api';

/** Hands that log nothing for so long have paused, ms. */
const PAUSE_MS = 1500;
/** What is worked out from the events of rings in work. */
const FOLLOWS_WORK = ['Log', 'Scrap', 'Shelf', 'DayPlan', 'Order'] as const;
/** What is worked out from the rings that are over, and which those are. */
const FOLLOWS_END = ['Ring', 'Learnt', 'Shop'] as const;

/**
 * Fetches again what follows from a ring's events: at once when the ring begins or ends by them, otherwise when the
 * hands pause, so that a run of taps asks the server once.
 */
export function createRingFollower() {
  const listener =
    createListenerMiddleware<Parameters<ReturnType<typeof api.endpoints.listRings.select>>[0]>();
  listener.startListening({
    matcher: api.endpoints.logEvents.matchFulfilled,
    effect: async ({ payload, meta }, { cancelActiveListeners, delay, dispatch, getOriginalState }) => {
      const before = api.endpoints.listRings
        .select()(getOriginalState())
        .data?.find(({ id }) => id === meta.arg.originalArgs.ringId);
      const goesOn = before?.status === payload.status;
      if (goesOn) {
        cancelActiveListeners();
        await delay(PAUSE_MS);
      }
      dispatch(api.util.invalidateTags(goesOn ? [...FOLLOWS_WORK] : [...FOLLOWS_END, ...FOLLOWS_WORK]));
    },
  });
  return listener;
}
