import { createListenerMiddleware, isAnyOf, type ThunkDispatch, type UnknownAction } from '@reduxjs/toolkit';
import { api, type ApiState } from './api';
import { isAway } from './is-away';
import { problemText } from './problem';
import { ALL } from './lists';
import { openTabs } from './tabs';
import { shelfApi } from './shelf-api';
import { shownThing } from './things';
import { tradeApi } from './trade-api';
import { createThingKeeper } from './unsent-store';
import { sendAgain, unsentOpened } from './unsent-slice';
import {
  thingGone,
  thingKept,
  thingRefused,
  thingsReadBack,
  thingsTriedAgain,
  type UnsentThing,
  type UnsentThingsState,
} from './unsent-things-slice';

/** The server is asked again after this long, ms. */
const RETRY_MS = 3000;

type State = ApiState & { readonly unsentThings: UnsentThingsState };
type Dispatch = ThunkDispatch<State, unknown, UnknownAction>;

/** A list with what waits for the server. @param more what the server would know of it, too */
function withThing<T extends { readonly id: string }>(list: T[], thing: UnsentThing, more: object = {}): T[] {
  if (list.some(({ id }) => id === thing.id)) return list;
  // It is shown as the server would answer it.
  return [{ ...shownThing(thing), ...more } as T, ...list];
}

interface Page<T> {
  items: T[];
}

/** Puts it before what is there already. */
function withThingInFront<T extends { readonly id: string }>(pages: Page<T>[], thing: UnsentThing): void {
  const [first] = pages;
  if (first && !pages.some(({ items }) => items.some(({ id }) => id === thing.id))) {
    first.items = withThing(first.items, thing);
  }
}

/** Shows a new thing in the lists that would hold it; a plan is in none. */
function showThing(getState: () => State, dispatch: Dispatch, thing: UnsentThing): void {
  const { updateQueryData } = api.util;
  const trade = tradeApi.util.updateQueryData;
  switch (thing.kind) {
    case 'piece':
      dispatch(updateQueryData('listStock', undefined, (list) => withThing(list, thing)));
      dispatch(updateQueryData('stockPages', ALL, ({ pages }) => withThingInFront(pages, thing)));
      break;
    case 'person':
      dispatch(trade('listPeople', undefined, (list) => withThing(list, thing)));
      dispatch(trade('peoplePages', ALL, ({ pages }) => withThingInFront(pages, thing)));
      break;
    case 'order': {
      const people = tradeApi.endpoints.listPeople.select()(getState()).data;
      const personName = people?.find(({ id }) => id === thing.body['personId'])?.name ?? '';
      dispatch(trade('listOrders', undefined, (list) => withThing(list, thing, { personName })));
      break;
    }
    case 'photo':
      dispatch(updateQueryData('listPhotos', thing.ringId ?? '', (list) => withThing(list, thing)));
      break;
    case 'sale':
      dispatch(
        shelfApi.util.updateQueryData('listShelf', undefined, (list) =>
          list.filter(({ id }) => id !== thing.shelfId),
        ),
      );
      break;
    case 'plan':
      break;
  }
}

/** What was made first of what is to be sent. */
function nextThing({ things, refused }: UnsentThingsState): UnsentThing | undefined {
  return things.find(({ id }) => !(id in refused));
}

/** Sends what was made while the server was away. @returns whether it is still away */
async function sendThing(thing: UnsentThing, dispatch: Dispatch): Promise<boolean> {
  const { error } = await dispatch(api.endpoints.sendThing.initiate(thing));
  if (!error) dispatch(thingGone(thing.id));
  else if (isAway(error)) return true;
  else dispatch(thingRefused({ id: thing.id, text: problemText(error) }));
  return false;
}

const listFetched = isAnyOf(
  api.endpoints.listStock.matchFulfilled,
  api.endpoints.stockPages.matchFulfilled,
  api.endpoints.listPhotos.matchFulfilled,
  tradeApi.endpoints.listPeople.matchFulfilled,
  tradeApi.endpoints.peoplePages.matchFulfilled,
  tradeApi.endpoints.listOrders.matchFulfilled,
  shelfApi.endpoints.listShelf.matchFulfilled,
);

/** Keeps what is made while the server is away, shows it where it belongs, and sends it when the server is back. */
export function createThingsSender() {
  const tabs = openTabs('round-mint-things');
  const keeper = createThingKeeper(tabs);
  const listener = createListenerMiddleware<State, Dispatch>();
  let sending = false;
  listener.startListening({
    matcher: isAnyOf(thingKept, thingsReadBack, sendAgain, thingsTriedAgain),
    effect: async (_action, { getState, dispatch, delay }) => {
      if (sending) return;
      sending = true;
      let away = false;
      try {
        // What is made meanwhile is sent with the rest.
        for (
          let thing = nextThing(getState().unsentThings);
          thing && !away;
          thing = nextThing(getState().unsentThings)
        ) {
          away = await sendThing(thing, dispatch);
        }
      } finally {
        sending = false;
      }
      if (!away) return;
      await delay(RETRY_MS);
      dispatch(sendAgain(undefined));
    },
  });
  listener.startListening({
    matcher: isAnyOf(thingKept, thingsReadBack, listFetched),
    effect: (_action, { getState, dispatch }) => {
      const { things, refused } = getState().unsentThings;
      for (const thing of things) if (!(thing.id in refused)) showThing(getState, dispatch, thing);
    },
  });
  listener.startListening({
    predicate: (_action, now, before) => now.unsentThings.things !== before.unsentThings.things,
    effect: (_action, { getState }) => keeper.keep(getState().unsentThings.things),
  });
  listener.startListening({
    actionCreator: unsentOpened,
    effect: async (_action, { dispatch }) => {
      const readBack = () => keeper.readBack((found) => dispatch(thingsReadBack(found)));
      tabs.listen(() => void readBack());
      await readBack();
    },
  });
  return listener;
}
