import type { Order } from '@round-mint/contract/orders';

/** An order as it is sent: without what follows from its history. */
export function orderInputOf(order: Order) {
  const {
    personName: _n,
    state: _s,
    approval: _a,
    ringFinished: _r,
    holdReached: _h,
    ringLost: _l,
    events: _e,
    createdAt: _c,
    updatedAt: _u,
    ...input
  } = order;
  return input;
}
