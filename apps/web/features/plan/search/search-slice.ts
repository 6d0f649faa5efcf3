import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** A wish as typed: nothing is lost while it cannot be read yet. */
export interface WishTexts {
  readonly widthMin: string;
  readonly widthMax: string;
  /** A year, or empty. */
  readonly year: string;
  /** A metal's id, or empty for any. */
  readonly metal: string;
  readonly face: '' | 'obverse' | 'reverse';
  readonly priceMax: string;
  /** What must stay on a piece: whole, or it may be cut. */
  readonly marks: 'whole' | 'may-cut';
}

interface SearchDraft {
  readonly wish: WishTexts;
  /** The wish that was last searched for; kept, so that coming back from a plan shows the same answer. */
  readonly asked: WishTexts | null;
  /** Keys of the options set side by side, in the order they were chosen. */
  readonly compared: readonly string[];
}

const FIRST: SearchDraft = {
  wish: { widthMin: '7', widthMax: '9.5', year: '', metal: '', face: '', priceMax: '', marks: 'whole' },
  asked: null,
  compared: [],
};

/** Two to four fit side by side. */
export const MOST_COMPARED = 4;

export const searchSlice = createSlice({
  name: 'search',
  initialState: FIRST,
  reducers: {
    wishTyped: (draft, action: PayloadAction<Partial<WishTexts>>) => ({
      ...draft,
      wish: { ...draft.wish, ...action.payload },
    }),
    searchAsked: (draft) => ({ ...draft, asked: draft.wish, compared: [] }),
    comparedToggled: (draft, action: PayloadAction<string>) => {
      const without = draft.compared.filter((key) => key !== action.payload);
      if (without.length < draft.compared.length) return { ...draft, compared: without };
      if (draft.compared.length >= MOST_COMPARED) return draft;
      return { ...draft, compared: [...draft.compared, action.payload] };
    },
  },
});

export const { wishTyped, searchAsked, comparedToggled } = searchSlice.actions;
