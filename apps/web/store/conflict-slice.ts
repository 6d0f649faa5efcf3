import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import type { BothChanged } from './merge-changes';

export interface ConflictState {
  /** What this device and another have both changed, each in its way; empty while nothing is asked. */
  readonly both: readonly BothChanged[];
}

const NOTHING: ConflictState = { both: [] };

export const conflictSlice = createSlice({
  name: 'conflict',
  initialState: NOTHING,
  reducers: {
    conflictAsked: (_state, action: PayloadAction<readonly BothChanged[]>) => ({ both: action.payload }),
    conflictClosed: () => NOTHING,
  },
});

export const { conflictAsked, conflictClosed } = conflictSlice.actions;
