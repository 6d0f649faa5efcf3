import { useEffect, useState } from 'react';
import { useAppDispatch } from '@/store/store';
import { lightDimmed } from '@/store/light-slice';

/**
 * Torch light by itself while a step is at the flame, so that the eye sees the first dull red; the maker may turn it up
 * for this step.
 */
export function useTorch(atFlame: boolean, step: number) {
  const dispatch = useAppDispatch();
  const [turnedUpAt, setTurnedUpAt] = useState<number>();
  const dimmed = atFlame && turnedUpAt !== step;
  useEffect(() => {
    dispatch(lightDimmed(dimmed));
    return () => {
      dispatch(lightDimmed(false));
    };
  }, [dispatch, dimmed]);
  return { dimmed, turn: () => setTurnedUpAt(dimmed ? step : undefined) };
}
