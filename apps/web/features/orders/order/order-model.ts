import type { DayPlan } from '@round-mint/contract/day-plan';
import type { OrderInList } from '@round-mint/contract/orders';
import { closingMin, type WorkCalendar } from '@round-mint/core/schedule';
import {
  awaitsApproval,
  missingFor,
  nextState,
  orderFacts,
  OVER_STATES,
  USUAL_WAY,
  type OrderFacts,
  type OrderState,
} from '@round-mint/core/trade';
import { dayNumber } from '@/features/shared/words/wall-clock';

/** Whether nothing more is to be done with an order. */
export function isOver({ state }: Pick<OrderInList, 'state'>): boolean {
  return OVER_STATES.includes(state);
}

/** What is to be done with an order next, in a few words. */
export type NextAction =
  'choose' | 'quote' | 'agree' | 'bench' | 'work' | 'ask' | 'answer' | 'ready' | 'send' | 'close' | 'nothing';

export const ACTION_WORDS: Readonly<Record<NextAction, string>> = {
  choose: 'Choose how to make it',
  quote: 'Make the quote',
  agree: 'Customer agrees',
  bench: 'Take it to the bench',
  work: 'Go to the bench',
  ask: 'Ask for approval',
  answer: 'Log the answer',
  ready: 'It is ready',
  send: 'It is sent',
  close: 'Paid and arrived: close it',
  nothing: 'Close-out card',
};

type Standing = OrderFacts & Pick<OrderInList, 'holdReached'>;

const BY_STATE: Readonly<Record<OrderState, (standing: Standing) => NextAction>> = {
  asked: ({ planned }) => (planned ? 'quote' : 'choose'),
  quoted: () => 'agree',
  agreed: ({ hasRing }) => (hasRing ? 'work' : 'bench'),
  'in-work': (standing) => {
    if (awaitsApproval(standing) && standing.holdReached) return 'ask';
    return standing.ringFinished ? 'ready' : 'work';
  },
  'awaiting-approval': () => 'answer',
  finishing: ({ ringFinished }) => (ringFinished ? 'ready' : 'work'),
  ready: () => 'send',
  sent: () => 'close',
  closed: () => 'nothing',
  cancelled: () => 'nothing',
};

/** States in which there has to be a ring. */
const WITH_RING: readonly OrderState[] = ['in-work', 'awaiting-approval', 'finishing'];

export function nextAction(order: OrderInList): NextAction {
  // What was spoilt is begun again, from the same plan.
  if (order.ringLost && WITH_RING.includes(order.state)) return 'bench';
  return BY_STATE[order.state]({ ...orderFacts(order), holdReached: order.holdReached });
}

/** Where an order may be moved to, and what is missing elsewhere. */
export function movesOf(
  order: OrderInList,
): readonly { readonly to: OrderState; readonly missing: readonly string[] }[] {
  const facts = orderFacts(order);
  return [...USUAL_WAY, 'cancelled' as const]
    .filter((to) => to !== order.state)
    .map((to) => ({ to, missing: missingFor(facts, to) }));
}

export function usualNext(order: OrderInList): OrderState | undefined {
  return nextState(orderFacts(order));
}

/** An order as a row: with who waits for it, and when it will be ready by the day plan. */
export interface OrderRow {
  readonly order: OrderInList;
  readonly person: string;
  readonly readyMin: number | undefined;
  /** Minutes after its date; undefined without a date or a plan. */
  readonly lateMin: number | undefined;
}

function readyOf(order: OrderInList, plan: DayPlan['plan']): number | undefined {
  if (!plan) return undefined;
  const ends = plan.blocks
    .filter(({ jobId }) => jobId === order.ringId || jobId === order.id)
    .map(({ endMin }) => endMin);
  return ends.length === 0 || order.ringFinished ? undefined : Math.max(...ends);
}

const NO_DATE = '9999';

/** An order as a row. */
export function orderRow(order: OrderInList, plan: DayPlan['plan'], calendar: WorkCalendar): OrderRow {
  const readyMin = readyOf(order, plan);
  const dueMin = order.wantedBy === null ? undefined : closingMin(calendar, dayNumber(order.wantedBy));
  return {
    order,
    person: order.personName || '–',
    readyMin,
    lateMin: readyMin === undefined || dueMin === undefined ? undefined : readyMin - dueMin,
  };
}

/** Orders earliest wanted first, those without a date after them. */
export function byDate(orders: readonly OrderInList[]): readonly OrderInList[] {
  return orders.toSorted(
    (a, b) =>
      (a.wantedBy ?? NO_DATE).localeCompare(b.wantedBy ?? NO_DATE) || a.createdAt.localeCompare(b.createdAt),
  );
}
