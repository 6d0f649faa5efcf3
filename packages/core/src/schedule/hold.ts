import type { RouteStep, StepKind } from '../steps';
import type { Hold } from './job';

/** Blows that cannot be taken back, the gravest first (craft §11: the shape is approved before the last stretch). */
const FINAL_BLOWS: readonly (readonly StepKind[])[] = [
  ['stretch'],
  ['straighten', 'curl', 'stepped', 'reduce'],
  ['solder', 'assemble', 'close', 'bend'],
];

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

/** A customer answers within a day, as a rule (default). */
const ANSWER_MIN = 1440;

/** The wait for a customer's word, as a schedule takes it; undefined where nothing is final. */
export function approvalHold(steps: readonly Pick<RouteStep, 'kind'>[]): Hold | undefined {
  const step = approvalStep(steps);
  return step === undefined ? undefined : { step, leadMin: ANSWER_MIN };
}
