import type { CustomerWishRow } from '@round-mint/contract/orders';
import type { Finger } from '@round-mint/contract/people';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

/** A wish as it is being taken down: kept as typed, so that nothing is lost on the way. */
export interface IntakeTexts {
  /** Someone who is known; empty for a new person. */
  readonly personId: string;
  readonly personName: string;
  readonly email: string;
  readonly hand: Finger['hand'];
  readonly finger: Finger['finger'];
  readonly measuredBy: Finger['measuredBy'];
  readonly gaugeWidth: string;
  readonly knuckle: string;
  readonly size: string;
  /** An allowance for a wide band that was accepted, US sizes. */
  readonly allowanceUs: number;
  readonly name: string;
  readonly kind: CustomerWishRow['kind'];
  readonly year: string;
  readonly metal: string;
  readonly face: '' | 'obverse' | 'reverse';
  readonly widthMin: string;
  readonly widthMax: string;
  readonly wall: CustomerWishRow['wall'];
  readonly finish: CustomerWishRow['finish'];
  readonly lining: CustomerWishRow['lining'];
  readonly dedication: string;
  readonly wantedBy: string;
  readonly stockFrom: 'ours' | 'sent-in';
  /** The piece that was sent in. */
  readonly stockId: string;
  readonly approvalWanted: boolean;
  readonly exchangePieces: string;
  readonly exchangeValue: string;
  readonly notes: string;
}

export interface IntakeState {
  readonly texts: IntakeTexts;
  /** The answer that the customer takes: its piece and its hole. */
  readonly chosen: string | null;
}

export const EMPTY_INTAKE: IntakeTexts = {
  personId: '',
  personName: '',
  email: '',
  hand: 'right',
  finger: 'ring',
  measuredBy: 'gauge',
  gaugeWidth: '',
  knuckle: '',
  size: '',
  allowanceUs: 0,
  name: '',
  kind: 'coin',
  year: '',
  metal: '',
  face: '',
  widthMin: '',
  widthMax: '',
  wall: 'straight',
  finish: 'polished',
  lining: 'none',
  dedication: '',
  wantedBy: '',
  stockFrom: 'ours',
  stockId: '',
  approvalWanted: true,
  exchangePieces: '',
  exchangeValue: '',
  notes: '',
};

const initialState: IntakeState = { texts: EMPTY_INTAKE, chosen: null };

export const intakeSlice = createSlice({
  name: 'intake',
  initialState,
  reducers: {
    /** Another wish has other answers: what was chosen of the old ones goes. */
    intakeTyped: (state, { payload }: PayloadAction<Partial<IntakeTexts>>) => ({
      texts: { ...state.texts, ...payload },
      chosen: 'name' in payload || 'notes' in payload || 'dedication' in payload ? state.chosen : null,
    }),
    answerChosen: (state, { payload }: PayloadAction<string | null>) => ({ ...state, chosen: payload }),
    intakeCleared: () => initialState,
  },
});

export const { intakeTyped, answerChosen, intakeCleared } = intakeSlice.actions;
