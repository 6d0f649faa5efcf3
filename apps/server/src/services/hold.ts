import type { Order } from '@round-mint/contract/orders';
import type { RouteStep } from '@round-mint/core/steps';
import { approvalHold } from '@round-mint/core/schedule';
import { awaitsApproval } from '@round-mint/core/trade';

/** Where the customer is asked, unless the word was given already. */
export function holdOf(order: Order | undefined, steps: readonly RouteStep[]) {
  return order && awaitsApproval(order) ? approvalHold(steps) : undefined;
}
