import type { RouteStep } from '../steps';
import { approvalStep, awaitsApproval, type ApprovalFacts } from '../trade';
import type { Hold } from './job';

/** A customer answers within a day, as a rule (default). */
const ANSWER_MIN = 1440;

/** The wait for a customer's word, as a schedule takes it; undefined where nobody is waited for, or nothing is final. */
export function approvalHold(
  order: ApprovalFacts | undefined,
  steps: readonly Pick<RouteStep, 'kind'>[],
): Hold | undefined {
  const step = order && awaitsApproval(order) ? approvalStep(steps) : undefined;
  return step === undefined ? undefined : { step, leadMin: ANSWER_MIN };
}
