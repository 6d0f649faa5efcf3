import { combineReducers, configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { centringSlice } from '@/features/plan/centring/centring-slice';
import { intakeSlice } from '@/features/orders/wish/intake-slice';
import { practiceSlice } from '@/features/bench/practice/practice-slice';
import { halfMadeSlice } from '@/features/plan/half-made/half-made-slice';
import { planDraftSlice } from '@/features/plan/draft/plan-draft-slice';
import { searchSlice } from '@/features/plan/search/search-slice';
import { worksSlice } from '@/features/plan/other-work/works-slice';
import { api } from './api';
import { conflictSlice } from './conflict-slice';
import { contactSlice } from './contact-slice';
import { lightSlice } from './light-slice';
import { noticesSlice } from './notices-slice';
import { readingSlice } from './reading-slice';
import { createRingFollower } from './ring-follower';
import { createDraftKeeper, withKeptDrafts } from './slice-drafts';
import { createThingsSender } from './things-sender';
import { createUnsentSender } from './unsent-sender';
import { unsentSlice } from './unsent-slice';
import { unsentThingsSlice } from './unsent-things-slice';

const reducer = combineReducers({
  [api.reducerPath]: api.reducer,
  [practiceSlice.name]: practiceSlice.reducer,
  [planDraftSlice.name]: planDraftSlice.reducer,
  [halfMadeSlice.name]: halfMadeSlice.reducer,
  [worksSlice.name]: worksSlice.reducer,
  [intakeSlice.name]: intakeSlice.reducer,
  [searchSlice.name]: searchSlice.reducer,
  [centringSlice.name]: centringSlice.reducer,
  [conflictSlice.name]: conflictSlice.reducer,
  [contactSlice.name]: contactSlice.reducer,
  [lightSlice.name]: lightSlice.reducer,
  [noticesSlice.name]: noticesSlice.reducer,
  [readingSlice.name]: readingSlice.reducer,
  [unsentSlice.name]: unsentSlice.reducer,
  [unsentThingsSlice.name]: unsentThingsSlice.reducer,
});

interface StoreOptions {
  /** Goes on with what an earlier page had typed. */
  readonly withDrafts?: boolean;
}

export function createStore({ withDrafts = false }: StoreOptions = {}) {
  const start = reducer(undefined, { type: 'started' });
  return configureStore({
    reducer,
    preloadedState: withDrafts ? withKeptDrafts(start) : start,
    middleware: (defaults) =>
      defaults()
        .prepend(
          createUnsentSender().middleware,
          createThingsSender().middleware,
          createRingFollower().middleware,
          createDraftKeeper().middleware,
        )
        .concat(api.middleware),
  });
}

type Store = ReturnType<typeof createStore>;
export type RootState = ReturnType<Store['getState']>;
export const useAppDispatch = useDispatch.withTypes<Store['dispatch']>();
export const useAppSelector = useSelector.withTypes<RootState>();
