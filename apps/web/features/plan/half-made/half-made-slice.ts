import type { StartedStage } from '@round-mint/core/half-made';
import type { MetalId } from '@round-mint/core/metal';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** A half-made piece as it was typed; kept while the maker looks something up elsewhere. */
export interface HalfMadeDraft {
  readonly stage: StartedStage;
  readonly rimText: string;
  readonly cutText: string;
  readonly heightText: string;
  readonly thicknessRimText: string;
  readonly thicknessCutText: string;
  readonly leanText: string;
  /** Whether it is of the piece in the drawer that is planned with. */
  readonly ofDrawer: boolean;
  readonly metal: MetalId;
  readonly diameterText: string;
  readonly rimThicknessText: string;
  readonly holeText: string;
  readonly name: string;
}

export const EMPTY_HALF_MADE: HalfMadeDraft = {
  stage: 'folded',
  rimText: '',
  cutText: '',
  heightText: '',
  thicknessRimText: '',
  thicknessCutText: '',
  leanText: '',
  ofDrawer: false,
  metal: 'silver-900',
  diameterText: '',
  rimThicknessText: '',
  holeText: '',
  name: '',
};

export const halfMadeSlice = createSlice({
  name: 'halfMade',
  initialState: EMPTY_HALF_MADE,
  reducers: {
    halfMadeTyped: (draft, action: PayloadAction<Partial<HalfMadeDraft>>) => ({
      ...draft,
      ...action.payload,
    }),
    /** The next one of the same box is of the same coin. */
    halfMadeBegun: ({ stage, ofDrawer, metal, diameterText, rimThicknessText, holeText }) => ({
      ...EMPTY_HALF_MADE,
      ...{ stage, ofDrawer, metal, diameterText, rimThicknessText, holeText },
    }),
  },
});

export const { halfMadeTyped, halfMadeBegun } = halfMadeSlice.actions;
