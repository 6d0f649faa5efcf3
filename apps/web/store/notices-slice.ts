import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** A line at the foot of the screen that says what was done, and offers to undo it. */
export interface DoneNotice {
  readonly text: string;
  /** What pressing Undo brings back. */
  readonly undo?:
    | {
        readonly kind:
          | 'stock'
          | 'tool'
          | 'ring'
          | 'die-chart'
          | 'recipe'
          | 'photo'
          | 'person'
          | 'order'
          | 'sizer'
          | 'scrap';
        readonly id: string;
      }
    | undefined;
  readonly problem?: boolean | undefined;
}

interface NoticesState {
  readonly current: DoneNotice | null;
}

const initialState: NoticesState = { current: null };

export const noticesSlice = createSlice({
  name: 'notices',
  initialState,
  reducers: {
    noticeShown: (_state, action: PayloadAction<DoneNotice>) => ({ current: action.payload }),
    noticeClosed: () => initialState,
  },
});

export const { noticeShown, noticeClosed } = noticesSlice.actions;
