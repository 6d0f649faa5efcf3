import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** Land readings as typed; kept while the maker looks something up elsewhere. */
export interface CentringDraft {
  readonly texts: readonly string[];
}

function empty(places: number): string[] {
  return Array.from({ length: places }, () => '');
}

export const centringSlice = createSlice({
  name: 'centring',
  initialState: { texts: empty(8) },
  reducers: {
    /** Places that stay where they are keep what was typed. */
    placesChosen: (draft, action: PayloadAction<number>) => {
      const before = draft.texts;
      const kept = (place: number) => {
        const old = (place * before.length) / action.payload;
        return Number.isInteger(old) ? (before[old] ?? '') : '';
      };
      return { texts: empty(action.payload).map((_, place) => kept(place)) };
    },
    landTyped: (draft, action: PayloadAction<{ readonly place: number; readonly text: string }>) => ({
      texts: draft.texts.map((text, place) => (place === action.payload.place ? action.payload.text : text)),
    }),
    /** All places at once. */
    landsFilled: (_draft, action: PayloadAction<readonly string[]>) => ({ texts: [...action.payload] }),
    landCleared: (draft) => ({ texts: empty(draft.texts.length) }),
  },
});

export const { placesChosen, landTyped, landsFilled, landCleared } = centringSlice.actions;
