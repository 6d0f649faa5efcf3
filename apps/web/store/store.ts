import { configureStore } from '@reduxjs/toolkit';
import { useDispatch, useSelector } from 'react-redux';
import { centringSlice } from '@/features/centring/centring-slice';
import { planDraftSlice } from '@/features/plan/plan-draft-slice';
import { searchSlice } from '@/features/search/search-slice';
import { api } from './api';
import { noticesSlice } from './notices-slice';

export function createStore() {
  return configureStore({
    reducer: {
      [api.reducerPath]: api.reducer,
      [planDraftSlice.name]: planDraftSlice.reducer,
      [searchSlice.name]: searchSlice.reducer,
      [centringSlice.name]: centringSlice.reducer,
      [noticesSlice.name]: noticesSlice.reducer,
    },
    middleware: (defaults) => defaults().concat(api.middleware),
  });
}

type Store = ReturnType<typeof createStore>;
export type RootState = ReturnType<Store['getState']>;
export const useAppDispatch = useDispatch.withTypes<Store['dispatch']>();
export const useAppSelector = useSelector.withTypes<RootState>();
