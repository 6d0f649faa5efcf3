import { awaitsApproval } from './approval';
import { ORDER_STATES, type OrderState } from './codes';
import type { Approval } from './order-state';
import { NEED_WORDS } from './order-words';

/** What is known of an order when it is to move on. */
export interface OrderFacts {
  readonly state: OrderState;
  /** A way to make it was chosen. */
  readonly planned: boolean;
  readonly quoted: boolean;
  /** Its ring is at the bench, or was. */
  readonly hasRing: boolean;
  readonly ringFinished: boolean;
  readonly approvalWanted: boolean;
  readonly approval: Approval;
}

/** What an order's own fields tell of it. */
export function orderFacts(
  order: Pick<OrderFacts, 'state' | 'ringFinished' | 'approvalWanted' | 'approval'> & {
    readonly planId: string | null;
    readonly ringId: string | null;
    readonly quote: object | null;
  },
): OrderFacts {
  const { state, ringFinished, approvalWanted, approval, planId, ringId, quote } = order;
  return {
    ...{ state, ringFinished, approvalWanted, approval },
    planned: planId !== null,
    quoted: quote !== null,
    hasRing: ringId !== null,
  };
}

type Need = readonly [met: (facts: OrderFacts) => boolean, code: keyof typeof NEED_WORDS];

const PLANNED: Need = [({ planned }) => planned, 'plan'];
const QUOTED: Need = [({ quoted }) => quoted, 'quote'];
const RING: Need = [({ hasRing }) => hasRing, 'ring'];
const ASKED: Need = [({ approval }) => approval !== 'none', 'asked'];
const APPROVED: Need = [(facts) => !awaitsApproval(facts), 'approved'];
const FINISHED: Need = [({ ringFinished }) => ringFinished, 'finished'];
const OPEN: Need = [({ state }) => state !== 'closed', 'open'];

const MADE = [RING, APPROVED, FINISHED] as const;

const NEEDS: Readonly<Record<OrderState, readonly Need[]>> = {
  asked: [],
  quoted: [PLANNED, QUOTED],
  agreed: [PLANNED, QUOTED],
  'in-work': [RING],
  'awaiting-approval': [RING, ASKED],
  finishing: [RING, APPROVED],
  ready: MADE,
  sent: MADE,
  closed: MADE,
  cancelled: [OPEN],
};

/** What an order still needs before it may stand in a state, named; empty when nothing. */
export function missingFor(facts: OrderFacts, to: OrderState): readonly string[] {
  return NEEDS[to].filter(([met]) => !met(facts)).map(([, code]) => NEED_WORDS[code]);
}

/** The stations that an order comes through; cancelled lies beside the way. */
export const USUAL_WAY: readonly OrderState[] = ORDER_STATES.filter((state) => state !== 'cancelled');

/** The state that usually follows; undefined at the end. Who need not approve is not waited for. */
export function nextState({ state, approvalWanted }: OrderFacts): OrderState | undefined {
  const at = USUAL_WAY.indexOf(state);
  const next = at < 0 ? undefined : USUAL_WAY[at + 1];
  return next === 'awaiting-approval' && !approvalWanted ? 'finishing' : next;
}
