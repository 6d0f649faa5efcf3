import type { RingEventInput } from '@round-mint/contract/rings';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';
import { withReadBack, type ReadBack } from './browser-keeper';

/** Something that happened at the bench and that the server does not know yet. */
export interface UnsentEvent {
  readonly ringId: string;
  readonly event: RingEventInput;
}

export interface UnsentState {
  /** In the maker's order. */
  readonly queue: readonly UnsentEvent[];
  readonly sending: boolean;
  /** The server did not answer the last time. */
  readonly away: boolean;
  /** Rings whose events the server would not have, with its words; the others go on. */
  readonly refused: Readonly<Record<string, string>>;
}

const NOTHING: UnsentState = { queue: [], sending: false, away: false, refused: {} };

function without(refused: UnsentState['refused'], ringId: string): UnsentState['refused'] {
  return Object.fromEntries(Object.entries(refused).filter(([id]) => id !== ringId));
}

/** As many events as are sent at once. */
const MOST_AT_ONCE = 100;

export const unsentSlice = createSlice({
  name: 'unsent',
  initialState: NOTHING,
  reducers: {
    unsentReadBack: (state, action: PayloadAction<ReadBack<UnsentEvent>>) => ({
      ...state,
      queue: withReadBack(state.queue, action.payload, ({ event }) => event),
    }),
    eventsLogged: (state, action: PayloadAction<readonly UnsentEvent[]>) => ({
      ...state,
      queue: [...state.queue, ...action.payload],
    }),
    /** This tab looks at what the browser keeps, and listens to the others from now on. */
    unsentOpened: (state) => state,
    sendingStarted: (state) => ({ ...state, sending: true }),
    sendingEnded: (state) => ({ ...state, sending: false }),
    eventsSent: (state, action: PayloadAction<readonly string[]>) => ({
      ...state,
      away: false,
      queue: state.queue.filter(({ event }) => !action.payload.includes(event.id)),
    }),
    serverAway: (state) => ({ ...state, away: true }),
    eventsRefused: (state, action: PayloadAction<{ readonly ringId: string; readonly text: string }>) => ({
      ...state,
      away: false,
      refused: { ...state.refused, [action.payload.ringId]: action.payload.text },
    }),
    /** A ring's figures that the server would not have: others are logged in their place, and all is sent again. */
    refusedFiguresDropped: (state, action: PayloadAction<string>) => {
      const ringId = action.payload;
      if (!(ringId in state.refused)) return state;
      return {
        ...state,
        queue: state.queue.filter((one) => one.ringId !== ringId || one.event.body.kind !== 'measured'),
        refused: without(state.refused, ringId),
      };
    },
    /** Another tab was sending: whether it still does is looked at. */
    sendingLookedAt: (state) => ({ ...state }),
    /** Tried again: all that waits, what was refused too. */
    sendAgain: (state, action: PayloadAction<string | undefined>) => ({
      ...state,
      refused: action.payload === undefined ? state.refused : without(state.refused, action.payload),
    }),
  },
});

export const {
  unsentReadBack,
  eventsLogged,
  sendingStarted,
  sendingEnded,
  eventsSent,
  serverAway,
  eventsRefused,
  refusedFiguresDropped,
  sendingLookedAt,
  unsentOpened,
  sendAgain,
} = unsentSlice.actions;

/** The next events to send: some of one ring's from the front, past rings whose events are refused. */
export function nextBatch({
  queue,
  refused,
}: UnsentState): { ringId: string; events: RingEventInput[] } | undefined {
  const open = queue.filter(({ ringId }) => !(ringId in refused));
  const ringId = open[0]?.ringId;
  if (ringId === undefined) return undefined;
  const end = open.findIndex((one) => one.ringId !== ringId);
  const run = end < 0 ? open : open.slice(0, end);
  return { ringId, events: run.slice(0, MOST_AT_ONCE).map(({ event }) => event) };
}
