import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

interface ContactState {
  /** Whether the server could not be reached when it was asked last. */
  readonly away: boolean;
  /** When what is shown was fetched, ISO: of several answers the oldest; null before the first. */
  readonly asOf: string | null;
  /** Whether this device has to be paired first. */
  readonly turnedAway: boolean;
}

const initialState: ContactState = { away: false, asOf: null, turnedAway: false };

/** How this page stands with the workshop's server. */
export const contactSlice = createSlice({
  name: 'contact',
  initialState,
  reducers: {
    /** The server has answered, at this time. */
    serverHeard: (state, { payload }: PayloadAction<string>) => {
      state.away = false;
      state.asOf = payload;
    },
    /** It did not answer; what is shown stays. */
    serverLost: (state) => {
      state.away = true;
    },
    /** It did not answer; the browser had an answer of that time. */
    keptAnswerShown: (state, { payload }: PayloadAction<string>) => {
      state.asOf = state.away && state.asOf !== null && state.asOf < payload ? state.asOf : payload;
      state.away = true;
    },
    /** It answered that this device is not paired. */
    turnedAway: (state) => {
      state.away = false;
      state.turnedAway = true;
    },
    /** It is paired now. */
    letIn: (state) => {
      state.turnedAway = false;
    },
  },
});

export const { serverHeard, serverLost, keptAnswerShown, turnedAway, letIn } = contactSlice.actions;
