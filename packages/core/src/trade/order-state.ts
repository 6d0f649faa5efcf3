import { holdingEvents } from '../events';
import type { AnswerWay, APPROVALS, OrderState } from './codes';
import { HISTORY_WORDS } from './order-words';

/** States in which nothing more is to be done with an order. */
export const OVER_STATES: readonly OrderState[] = ['closed', 'cancelled'];

export type OrderEventBody =
  | { readonly kind: 'moved'; readonly to: OrderState; readonly why?: string | undefined }
  /** Photo and readings went to the customer; the message lies in the outbox. */
  | { readonly kind: 'approval-asked'; readonly messageId: string }
  | {
      readonly kind: 'approval-answered';
      readonly yes: boolean;
      readonly words: string;
      readonly by: AnswerWay;
    }
  /** The maker goes on without the customer's word. */
  | { readonly kind: 'approval-overridden'; readonly why: string }
  | { readonly kind: 'note'; readonly text: string }
  | { readonly kind: 'undone'; readonly eventId: string };

/** What happened to an order. Made where it happened, with an id of its own, so that a repeat does no harm. */
export interface OrderEvent {
  readonly id: string;
  readonly at: string;
  readonly body: OrderEventBody;
}

export type Approval = (typeof APPROVALS)[number];

/** A line of an order's history, as it is told. */
export interface OrderPast {
  readonly eventId: string;
  readonly at: string;
  readonly state: OrderState;
  readonly words: string;
}

export interface OrderProgress {
  readonly state: OrderState;
  readonly approval: Approval;
  readonly approvalWords: string;
  readonly history: readonly OrderPast[];
  /** What an undo would take back. */
  readonly lastEventId: string | undefined;
}

const FIRST: OrderProgress = {
  state: 'asked',
  approval: 'none',
  approvalWords: '',
  history: [],
  lastEventId: undefined,
};

type Change = Pick<OrderProgress, 'state'> & Partial<OrderProgress> & { readonly words: string };

function changeBy(before: OrderProgress, body: Exclude<OrderEventBody, { kind: 'undone' }>): Change {
  switch (body.kind) {
    case 'moved':
      return { state: body.to, words: HISTORY_WORDS.moved(body) };
    case 'approval-asked':
      return { state: 'awaiting-approval', approval: 'asked', words: HISTORY_WORDS.asked };
    case 'approval-answered':
      return {
        state: body.yes ? 'finishing' : 'in-work',
        approval: body.yes ? 'yes' : 'no',
        approvalWords: body.words,
        words: HISTORY_WORDS.answered(body),
      };
    case 'approval-overridden':
      return {
        state: 'finishing',
        approval: 'overridden',
        words: HISTORY_WORDS.overridden(body),
      };
    case 'note':
      return { state: before.state, words: body.text };
  }
}

/** Where an order stands, from its events alone. What was taken back is left out. */
export function orderProgress(events: readonly OrderEvent[]): OrderProgress {
  return holdingEvents(events).reduce<OrderProgress>((before, { id, at, body }) => {
    const { words, ...change } = changeBy(before, body);
    const line = { eventId: id, at, state: change.state, words };
    return { ...before, ...change, history: [...before.history, line], lastEventId: id };
  }, FIRST);
}
