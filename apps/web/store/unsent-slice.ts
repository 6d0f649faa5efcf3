import type { RingEventInput } from '@round-mint/contract/rings';
import { createSlice, type PayloadAction } from '@reduxjs/toolkit';

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

export const unsentSlice = createSlice({
  name: 'unsent',
  initialState: NOTHING,
  reducers: {
    /** What an earlier page had kept comes before what this one has logged. */
    unsentReadBack: (state, action: PayloadAction<readonly UnsentEvent[]>) => {
      const here = new Set(state.queue.map(({ event }) => event.id));
      const earlier = action.payload.filter(({ event }) => !here.has(event.id));
      return { ...state, queue: [...earlier, ...state.queue] };
    },
    eventsLogged: (state, action: PayloadAction<readonly UnsentEvent[]>) => ({
      ...state,
      queue: [...state.queue, ...action.payload],
    }),
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
  sendAgain,
} = unsentSlice.actions;

/** The next events to send: a run of one ring's from the front, past rings whose events are refused. */
export function nextBatch({
  queue,
  refused,
}: UnsentState): { ringId: string; events: RingEventInput[] } | undefined {
  const open = queue.filter(({ ringId }) => !(ringId in refused));
  const ringId = open[0]?.ringId;
  if (ringId === undefined) return undefined;
  const end = open.findIndex((one) => one.ringId !== ringId);
  const run = end < 0 ? open : open.slice(0, end);
  return { ringId, events: run.map(({ event }) => event) };
}
