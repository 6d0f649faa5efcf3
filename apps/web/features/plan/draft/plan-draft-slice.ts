import type { CoinPlanInput } from '@round-mint/contract/plans';
import type { CurlWish } from '@round-mint/core/forming';
import { DEFAULT_SCHOOL, USUAL_CURL } from '@round-mint/core/forming/codes';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** What the maker has chosen so far; the size is kept as typed, so that a slip of the thumb loses nothing. */
export interface PlanDraft {
  readonly stockId: string | null;
  readonly sizeText: string;
  readonly holeMm: number | null;
  readonly wall: CoinPlanInput['wall'];
  /** How the edges of a rounded wall are turned in. */
  readonly curl: CurlWish;
  readonly finish: CoinPlanInput['finish'];
  readonly school: CoinPlanInput['school'];
  /** A wide-band allowance that was accepted, US sizes. */
  readonly allowanceUs: number;
}

export const FIRST_DRAFT: PlanDraft = {
  stockId: null,
  sizeText: 'US 10',
  holeMm: null,
  wall: 'straight',
  curl: USUAL_CURL,
  finish: 'polished',
  school: DEFAULT_SCHOOL,
  allowanceUs: 0,
};

export const planDraftSlice = createSlice({
  name: 'planDraft',
  initialState: FIRST_DRAFT,
  reducers: {
    /** Naming the piece again keeps its hole. */
    stockChosen: (draft, action: PayloadAction<string>) => {
      if (draft.stockId === action.payload) return;
      draft.stockId = action.payload;
      draft.holeMm = null;
    },
    /** An answer of a search, or a cell of a map: as much as it settles. */
    optionTaken: (
      draft,
      action: PayloadAction<Partial<Pick<PlanDraft, 'stockId' | 'holeMm' | 'school' | 'sizeText'>>>,
    ) => ({
      ...draft,
      ...action.payload,
      allowanceUs: action.payload.sizeText === undefined ? draft.allowanceUs : 0,
    }),
    /** A new size is a new question: what was added for width is taken off. */
    sizeTyped: (draft, action: PayloadAction<string>) => {
      draft.sizeText = action.payload;
      draft.allowanceUs = 0;
    },
    holeChosen: (draft, action: PayloadAction<number>) => {
      draft.holeMm = action.payload;
    },
    wallChosen: (draft, action: PayloadAction<PlanDraft['wall']>) => {
      draft.wall = action.payload;
    },
    curlChosen: (draft, action: PayloadAction<CurlWish>) => {
      draft.curl = action.payload;
    },
    finishChosen: (draft, action: PayloadAction<PlanDraft['finish']>) => {
      draft.finish = action.payload;
    },
    schoolChosen: (draft, action: PayloadAction<PlanDraft['school']>) => {
      draft.school = action.payload;
    },
    allowanceTaken: (draft, action: PayloadAction<number>) => {
      draft.allowanceUs = action.payload;
    },
  },
});

export const {
  stockChosen,
  optionTaken,
  sizeTyped,
  holeChosen,
  wallChosen,
  curlChosen,
  finishChosen,
  schoolChosen,
  allowanceTaken,
} = planDraftSlice.actions;
