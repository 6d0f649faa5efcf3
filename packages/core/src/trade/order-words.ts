import type { AnswerWay, OrderState } from './codes';

export const STATE_NAMES: Readonly<Record<OrderState, string>> = {
  asked: 'asked',
  quoted: 'quoted',
  agreed: 'agreed',
  'in-work': 'in work',
  'awaiting-approval': 'awaiting approval',
  finishing: 'finishing',
  ready: 'ready',
  sent: 'sent',
  closed: 'closed',
  cancelled: 'cancelled',
};

/** An answer, and whatever the customer said with it. */
function answerWords({
  yes,
  by,
  words,
}: {
  readonly yes: boolean;
  readonly by: AnswerWay;
  readonly words: string;
}) {
  const answer = !yes
    ? 'Customer wants a change'
    : by === 'seen'
      ? 'Seen and agreed here'
      : 'Customer agrees';
  return words ? `${answer}: ${words}` : answer;
}

/** Lines of an order's history. */
export const HISTORY_WORDS = {
  moved: ({ to, why }: { readonly to: OrderState; readonly why?: string | undefined }) =>
    why ? `To ${STATE_NAMES[to]}: ${why}` : `To ${STATE_NAMES[to]}`,
  asked: 'Photo and readings sent for approval',
  answered: answerWords,
  overridden: ({ why }: { readonly why: string }) => `Gone on without the customer’s word: ${why}`,
} as const;

/** What an order needs before it may move on. */
export const NEED_WORDS = {
  plan: 'a way to make it',
  quote: 'a quote',
  ring: 'a ring at the bench',
  asked: 'photo and readings sent to the customer',
  approved: 'the customer’s approval',
  finished: 'the ring finished at the bench',
  open: 'the closing undone',
} as const;
