import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

interface LightState {
  /** A step at the flame wants it dim, whatever the settings say. */
  readonly dimmed: boolean;
}

const AS_SET: LightState = { dimmed: false };

export const lightSlice = createSlice({
  name: 'light',
  initialState: AS_SET,
  reducers: {
    lightDimmed: (_state, action: PayloadAction<boolean>) => ({ dimmed: action.payload }),
  },
});

export const { lightDimmed } = lightSlice.actions;
