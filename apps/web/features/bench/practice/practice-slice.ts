import { z } from 'zod';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { keep, readKept } from '@/store/kept';

interface PracticeState {
  /** Best points of each exercise, in this browser. */
  readonly best: Readonly<Record<string, number>>;
}

const KEPT_UNDER = 'practice-best';
const bestSchema = z.record(z.string(), z.number());

export const practiceSlice = createSlice({
  name: 'practice',
  initialState: (): PracticeState => ({ best: readKept(KEPT_UNDER, bestSchema, {}) }),
  reducers: {
    scored: (state, { payload }: PayloadAction<{ readonly exercise: string; readonly points: number }>) => ({
      best: {
        ...state.best,
        [payload.exercise]: Math.max(payload.points, state.best[payload.exercise] ?? 0),
      },
    }),
  },
});

export const { scored } = practiceSlice.actions;

export function keepBest(best: PracticeState['best']): void {
  keep(KEPT_UNDER, best);
}
