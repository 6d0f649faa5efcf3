import { useLocalSearchParams } from 'expo-router';
import { useEffect } from 'react';
import { useAppDispatch } from '@/store/store';
import { stockChosen } from './plan-draft-slice';

/** A piece named in the address is the chosen one: links and reloads lead back to it. */
export function usePieceParam(): void {
  const { stockId } = useLocalSearchParams<{ stockId?: string }>();
  const dispatch = useAppDispatch();
  useEffect(() => {
    if (stockId) dispatch(stockChosen(stockId));
  }, [stockId, dispatch]);
}
