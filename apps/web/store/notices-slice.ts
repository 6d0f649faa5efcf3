import type { HandleOutline, PieceFace } from '@round-mint/contract/stock-faces';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** What can be archived. */
export type ArchivedKind =
  | 'stock'
  | 'tool'
  | 'ring'
  | 'die-chart'
  | 'recipe'
  | 'photo'
  | 'person'
  | 'order'
  | 'shelf-ring'
  | 'discount'
  | 'sizer'
  | 'scrap'
  | 'device';

interface Archived {
  readonly kind: ArchivedKind;
  readonly id: string;
}

interface Logged {
  readonly kind: 'events';
  readonly events: readonly { readonly ringId: string; readonly eventId: string }[];
}

/** A picture that was taken off a face of a piece. */
interface FaceTakenOff {
  readonly kind: 'face';
  readonly stockId: string;
  readonly face: PieceFace;
  readonly id: string;
}

/** The picture that was taken off a handle. */
interface TopTakenOff {
  readonly kind: 'top';
  readonly stockId: string;
  readonly id: string;
  readonly outline: HandleOutline;
}

/** A line at the foot of the screen that says what was done, and offers to undo it. */
export interface DoneNotice {
  readonly text: string;
  /** What pressing Undo brings back: a thing that was archived, or events that were logged. */
  readonly undo?: Archived | Logged | FaceTakenOff | TopTakenOff | undefined;
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
