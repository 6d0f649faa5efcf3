import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { withReadBack, type ReadBack } from './browser-keeper';

/** What can be made while the server is away; changes of what is there wait in their forms. */
export const THING_KINDS = ['piece', 'person', 'plan', 'order', 'photo', 'sale'] as const;
export type ThingKind = (typeof THING_KINDS)[number];

/** Something new that the server does not know yet. */
export interface UnsentThing {
  readonly kind: ThingKind;
  readonly id: string;
  /** When it was made: they are sent in that order, for one may name another. */
  readonly at: string;
  /** Of a photo. */
  readonly ringId?: string | undefined;
  /** Of a sale: the ring on the shelf, and what it is called. */
  readonly shelfId?: string | undefined;
  readonly label?: string | undefined;
  readonly body: Readonly<Record<string, unknown>>;
}

export interface UnsentThingsState {
  readonly things: readonly UnsentThing[];
  /** What the server would not have, with its words; the others go on. */
  readonly refused: Readonly<Record<string, string>>;
}

const NOTHING: UnsentThingsState = { things: [], refused: {} };

export const unsentThingsSlice = createSlice({
  name: 'unsentThings',
  initialState: NOTHING,
  reducers: {
    thingKept: (state, { payload }: PayloadAction<UnsentThing>) => ({
      ...state,
      things: [...state.things.filter(({ id }) => id !== payload.id), payload],
    }),
    thingsReadBack: (state, action: PayloadAction<ReadBack<UnsentThing>>) => ({
      ...state,
      things: withReadBack(state.things, action.payload, (thing) => thing),
    }),
    /** The server has it, or the maker lets go of it. */
    thingGone: (state, { payload: id }: PayloadAction<string>) =>
      state.things.some((thing) => thing.id === id)
        ? {
            things: state.things.filter((thing) => thing.id !== id),
            refused: Object.fromEntries(Object.entries(state.refused).filter(([refused]) => refused !== id)),
          }
        : state,
    thingRefused: (state, { payload }: PayloadAction<{ readonly id: string; readonly text: string }>) => ({
      ...state,
      refused: { ...state.refused, [payload.id]: payload.text },
    }),
    thingsTriedAgain: (state) => ({ ...state, refused: {} }),
  },
});

export const { thingKept, thingsReadBack, thingGone, thingRefused, thingsTriedAgain } =
  unsentThingsSlice.actions;
