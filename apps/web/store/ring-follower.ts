import { createListenerMiddleware, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import { api, ringHeard, type ApiState } from './api';
import { tagsOf } from './live-tags';

/** Hands that log nothing for so long have paused, ms. */
const PAUSE_MS = 1500;
/** What is worked out from the events of rings in work. */
const FOLLOWS_WORK = ['Log', 'Scrap', 'Supply', 'DayPlan', 'Order', 'ShelfRing'] as const;
/** What is worked out from the rings that are over, and which those are. */
const FOLLOWS_END = ['Ring', 'Learnt', 'Shop'] as const;

/** Events that mark a tool, or may take a mark back. */
const TOUCHES_TOOLS: readonly string[] = ['tool-marked', 'undone'];

/** How far a ring in work is known to be; undefined of one that is not in work. */
function statusIn(state: ApiState, ringId: string): string | undefined {
  return api.endpoints.listRings
    .select()(state)
    .data?.find(({ id }) => id === ringId)?.status;
}

/**
 * Another page has told something of a ring: of one that goes on only itself is fetched, and shown wherever rings are;
 * where one begins, ends or is archived, all that knows of rings is fetched.
 */
export function ringChangedElsewhere(id: string) {
  return async (
    dispatch: ThunkDispatch<ApiState, unknown, UnknownAction>,
    getState: () => ApiState,
  ): Promise<void> => {
    const before = statusIn(getState(), id);
    const asked =
      before === undefined
        ? undefined
        : dispatch(api.endpoints.getRing.initiate(id, { forceRefetch: true, subscribe: false }));
    const heard = (await asked)?.data;
    if (heard && heard.status === before) {
      dispatch(ringHeard(heard));
      dispatch(api.util.invalidateTags([{ type: 'Photo', id }, ...FOLLOWS_WORK]));
      return;
    }
    dispatch(api.util.invalidateTags([...tagsOf({ resource: 'rings' })]));
  };
}

/**
 * Fetches again what follows from a ring's events: at once when the ring begins or ends by them, otherwise when the
 * hands pause, so that a run of taps asks the server once.
 */
export function createRingFollower() {
  const listener = createListenerMiddleware<ApiState>();
  listener.startListening({
    matcher: api.endpoints.logEvents.matchFulfilled,
    effect: async ({ payload, meta }, { cancelActiveListeners, delay, dispatch, getOriginalState }) => {
      const goesOn = statusIn(getOriginalState(), meta.arg.originalArgs.ringId) === payload.status;
      if (goesOn) {
        cancelActiveListeners();
        await delay(PAUSE_MS);
      }
      dispatch(api.util.invalidateTags(goesOn ? [...FOLLOWS_WORK] : [...FOLLOWS_END, ...FOLLOWS_WORK]));
    },
  });
  listener.startListening({
    matcher: api.endpoints.logEvents.matchFulfilled,
    effect: ({ meta }, { dispatch }) => {
      const { events } = meta.arg.originalArgs;
      if (events.some(({ body }) => TOUCHES_TOOLS.includes(body.kind))) {
        dispatch(api.util.invalidateTags(['Kit']));
      }
    },
  });
  return listener;
}
