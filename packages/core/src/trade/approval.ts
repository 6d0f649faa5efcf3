import type { RouteStep, StepKind } from '../steps';
import type { Approval } from './order-state';

/** Blows that cannot be taken back, the gravest first (craft §11: the shape is approved before the last stretch). */
const FINAL_BLOWS: readonly (readonly StepKind[])[] = [
  ['stretch'],
  ['straighten', 'curl', 'stepped', 'reduce'],
  ['solder', 'assemble', 'close', 'bend'],
];

/** What an order tells of its customer's word. */
export interface ApprovalFacts {
  readonly approvalWanted: boolean;
  readonly approval: Approval;
}

/**
 * The step before which a customer who wants to see the ring is asked: the last stretch, or the last blow of its kind
 * that cannot be taken back.
 * @returns its place in the route; undefined where nothing is final
 */
export function approvalStep(steps: readonly Pick<RouteStep, 'kind'>[]): number | undefined {
  for (const kinds of FINAL_BLOWS) {
    const at = steps.findLastIndex(({ kind }) => kinds.includes(kind));
    if (at >= 0) return at;
  }
  return undefined;
}

/** Whether the customer wants to see the ring and has not said yes so far, nor was gone on without. */
export function awaitsApproval({ approvalWanted, approval }: ApprovalFacts): boolean {
  return approvalWanted && approval !== 'yes' && approval !== 'overridden';
}

/** Whether the step at hand waits for the customer's word. A step that is behind is never waited for. */
export function isHeld(
  order: ApprovalFacts,
  { steps, step }: { readonly steps: readonly Pick<RouteStep, 'kind'>[]; readonly step: number },
): boolean {
  return awaitsApproval(order) && approvalStep(steps) === step;
}
