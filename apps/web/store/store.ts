import { configureStore } from '@reduxjs/toolkit';
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
import { createRingFollower } from './ring-follower';
import { createUnsentSender } from './unsent-sender';
import { unsentSlice } from './unsent-slice';

export function createStore() {
  return configureStore({
    reducer: {
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
      [unsentSlice.name]: unsentSlice.reducer,
    },
    middleware: (defaults) =>
      defaults()
        .prepend(createUnsentSender().middleware, createRingFollower().middleware)
        .concat(api.middleware),
  });
}

type Store = ReturnType<typeof createStore>;
export type RootState = ReturnType<Store['getState']>;
export const useAppDispatch = useDispatch.withTypes<Store['dispatch']>();
export const useAppSelector = useSelector.withTypes<RootState>();
