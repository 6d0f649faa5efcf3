import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** How many things have been read of each list that takes a while, by its address. */
type ReadingState = Readonly<Record<string, number>>;

const initialState: ReadingState = {};

/** Long lists that are just being read to their end. */
export const readingSlice = createSlice({
  name: 'reading',
  initialState,
  reducers: {
    readSoFar: (
      state,
      { payload: { address, count } }: PayloadAction<{ address: string; count: number }>,
    ) => ({
      ...state,
      [address]: count,
    }),
    /** All of it is read, or it could not be. */
    readToEnd: (state, { payload: ended }: PayloadAction<string>) =>
      ended in state
        ? Object.fromEntries(Object.entries(state).filter(([address]) => address !== ended))
        : state,
  },
});

export const { readSoFar, readToEnd } = readingSlice.actions;
