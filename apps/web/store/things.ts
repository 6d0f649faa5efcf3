import { photos } from '@round-mint/contract/endpoints-bench';
import { shelf } from '@round-mint/contract/endpoints-shelf';
import { orders, people } from '@round-mint/contract/endpoints-trade';
import { plans, stock } from '@round-mint/contract/endpoints-workshop';
import { call } from './call';
import type { ThingKind, UnsentThing } from './unsent-things-slice';

/** How each kind of new thing is sent. */
export function callOfThing({ kind, ringId = '', shelfId = '', body }: UnsentThing): ReturnType<typeof call> {
  // A body was checked by the form that made it, and is checked again by the server.
  const sent = body as never;
  switch (kind) {
    case 'piece':
      return call(stock.create, { body: sent });
    case 'person':
      return call(people.create, { body: sent });
    case 'plan':
      return call(plans.create, { body: sent });
    case 'order':
      return call(orders.create, { body: sent });
    case 'photo':
      return call(photos.add, { params: { id: ringId }, body: sent });
    case 'sale':
      return call(shelf.sell, { params: { id: shelfId }, body: sent });
  }
}

/** What the server works out of an order: nothing has happened to a new one. */
const NEW_ORDER = {
  personName: '',
  state: 'asked',
  approval: 'none',
  ringFinished: false,
  ringLost: false,
  holdReached: false,
  events: [],
} as const;
const NEW_PERSON = { orders: 0 } as const;

/** A new thing as the server would answer it. */
export function shownThing({ kind, id, at, ringId, body }: UnsentThing): object {
  if (kind === 'photo') {
    const { jpegBase64: _file, ...photo } = body;
    return { ...photo, ringId };
  }
  const life = { id, createdAt: at, updatedAt: at, version: 0 };
  const workedOut = kind === 'order' ? NEW_ORDER : kind === 'person' ? NEW_PERSON : {};
  return { ...body, ...life, ...workedOut };
}

/** What each kind is called, as a sentence begins. */
export const THING_WORDS: Readonly<Record<ThingKind, string>> = {
  piece: 'The piece',
  person: 'The person',
  plan: 'The plan',
  order: 'The order',
  photo: 'The photo',
  sale: 'The sale of',
};
