import { createListenerMiddleware } from '@reduxjs/toolkit';
import { keepDraft, readDraft } from './drafts';

/** What is typed in a place of its own: it is kept as a whole while the maker looks something up elsewhere. */
const KEPT_SLICES = ['planDraft', 'works', 'halfMade', 'intake'] as const;
type KeptSlice = (typeof KEPT_SLICES)[number];

/** Hands that type write it down when they pause, ms. */
const PAUSE_MS = 300;

type State = Readonly<Record<KeptSlice, unknown>>;

/** What an earlier page had kept of them, over what they begin with. */
export function withKeptDrafts<S extends State>(start: S): S {
  const kept = KEPT_SLICES.map((slice) => [slice, readDraft(slice, start[slice])] as const);
  return { ...start, ...Object.fromEntries(kept) };
}

/** Writes down what is typed. */
export function createDraftKeeper() {
  const listener = createListenerMiddleware<State>();
  for (const slice of KEPT_SLICES) {
    listener.startListening({
      predicate: (_action, now, before) => now[slice] !== before[slice],
      effect: async (_action, { getState, cancelActiveListeners, delay }) => {
        cancelActiveListeners();
        await delay(PAUSE_MS);
        keepDraft(slice, getState()[slice]);
      },
    });
  }
  return listener;
}
