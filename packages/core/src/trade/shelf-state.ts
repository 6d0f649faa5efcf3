import { holdingEvents } from '../events';
import type { SALE_WAYS, SHELF_STATES } from './codes';

export type ShelfState = (typeof SHELF_STATES)[number];

export type SaleWay = (typeof SALE_WAYS)[number];

/** States in which a ring has left the shelf. */
export const GONE_STATES: readonly ShelfState[] = ['sold', 'given-away', 'taken-apart'];

export type ShelfEventBody =
  | { readonly kind: 'put-up'; readonly price: number }
  | { readonly kind: 'priced'; readonly price: number }
  /** Kept for somebody up to and with a day, such as 2026-12-04. */
  | { readonly kind: 'reserved'; readonly until: string; readonly who: string }
  | { readonly kind: 'released' }
  | { readonly kind: 'sold'; readonly orderId: string; readonly price: number; readonly way: SaleWay }
  | { readonly kind: 'given-away'; readonly who: string }
  /** Its metal goes into the scrap tin. */
  | { readonly kind: 'taken-apart'; readonly massG: number }
  | { readonly kind: 'undone'; readonly eventId: string };

/** What happened to a ring on the shelf. Made where it happened, with an id of its own, so that a repeat does no harm. */
export interface ShelfEvent {
  readonly id: string;
  readonly at: string;
  readonly body: ShelfEventBody;
}

/** Where a ring on the shelf stands. */
export interface ShelfProgress {
  readonly state: ShelfState;
  /** What it is offered for; once it is sold, what it was sold for. */
  readonly price: number;
  /** When it was put up first. */
  readonly putUpAt: string;
  /** When it left the shelf; undefined while it lies there. */
  readonly goneAt: string | undefined;
  readonly reserved: { readonly until: string; readonly who: string } | undefined;
  readonly sale: { readonly orderId: string; readonly way: SaleWay } | undefined;
  /** What an undo would take back; undefined where it was only put up. */
  readonly lastEventId: string | undefined;
}

type Told = Exclude<ShelfEventBody, { kind: 'undone' }>;

const NOWHERE: ShelfProgress = {
  state: 'for-sale',
  price: 0,
  putUpAt: '',
  goneAt: undefined,
  reserved: undefined,
  sale: undefined,
  lastEventId: undefined,
};

function changeBy(at: string, body: Told): Partial<ShelfProgress> {
  switch (body.kind) {
    case 'put-up':
      return { price: body.price, putUpAt: at };
    case 'priced':
      return { price: body.price };
    case 'reserved':
      return { state: 'reserved', reserved: { until: body.until, who: body.who } };
    case 'released':
      return { state: 'for-sale', reserved: undefined };
    case 'sold':
      return {
        state: 'sold',
        price: body.price,
        goneAt: at,
        sale: { orderId: body.orderId, way: body.way },
      };
    case 'given-away':
      return { state: 'given-away', goneAt: at };
    case 'taken-apart':
      return { state: 'taken-apart', goneAt: at };
  }
}

/** Where a ring on the shelf stands, from its events alone. */
export function shelfProgress(events: readonly ShelfEvent[]): ShelfProgress {
  return holdingEvents(events).reduce(
    (before, { id, at, body }) => ({
      ...before,
      ...changeBy(at, body),
      lastEventId: body.kind === 'put-up' ? before.lastEventId : id,
    }),
    NOWHERE,
  );
}

/**
 * Where it stands on a day: a reservation holds up to and with its own.
 * @param today such as 2026-12-04
 */
export function stateOn(
  { state, reserved }: Pick<ShelfProgress, 'state' | 'reserved'>,
  today: string,
): ShelfState {
  return state === 'reserved' && reserved && reserved.until < today ? 'for-sale' : state;
}

/** Why something cannot happen to a ring as it stands, by code; undefined where it can. */
export function shelfRefusal(
  { state, lastEventId }: ShelfProgress,
  body: ShelfEventBody,
): 'gone' | 'not-reserved' | 'not-last' | 'put-up-already' | undefined {
  if (body.kind === 'undone') return body.eventId === lastEventId ? undefined : 'not-last';
  if (body.kind === 'put-up') return 'put-up-already';
  if (GONE_STATES.includes(state)) return 'gone';
  return body.kind === 'released' && state !== 'reserved' ? 'not-reserved' : undefined;
}
