import type { Order } from '@round-mint/contract/orders';
import type { RouteStep } from '@round-mint/core/route';
import { approvalStep } from '@round-mint/core/schedule';

/** A customer answers within a day, as a rule (default). */
const ANSWER_MIN = 1440;

/** Where the customer is asked, unless the word was given already. */
export function holdOf(order: Order | undefined, steps: readonly RouteStep[]) {
  if (!order?.approvalWanted || order.approval === 'yes') return undefined;
  const step = approvalStep(steps);
  return step === undefined ? undefined : { step, leadMin: ANSWER_MIN };
}
