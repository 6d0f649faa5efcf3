import { useLocalSearchParams, useRouter } from 'expo-router';
import { useEffect } from 'react';
import { WALLS } from '@/features/shared/words/walls';
import { useAppDispatch } from '@/store/store';
import { sizeTyped, stockChosen, wallChosen } from './plan-draft-slice';

/**
 * A piece named in the address is the chosen one: links and reloads lead back to it. A size and a wall are taken from it
 * once, and can be changed then.
 */
export function usePieceParam(): void {
  const { stockId, size, wall } = useLocalSearchParams<{ stockId?: string; size?: string; wall?: string }>();
  const dispatch = useAppDispatch();
  const router = useRouter();
  useEffect(() => {
    if (stockId) dispatch(stockChosen(stockId));
    const known = WALLS.find(({ value }) => value === wall);
    if (size) dispatch(sizeTyped(size));
    if (known) dispatch(wallChosen(known.value));
    if (size || wall) router.setParams({ size: undefined, wall: undefined });
  }, [stockId, size, wall, dispatch, router]);
}
