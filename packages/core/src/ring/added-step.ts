import { stepDefaults, stillStep, type RouteStep, type StepKind } from '../steps';
import { ADDED_INSTRUCTION, ADDED_TITLES } from './added-step-words';
import { expectedReading } from './expected-reading';

/** Steps after which a ring is read. */
const READ: readonly StepKind[] = ['stretch', 'reduce', 'straighten', 'curl', 'true-up', 'read'];

/**
 * A step that the maker puts into a route: of no size of its own, so that what it does is told by a reading.
 * @param before the step it follows; left out, the first of the route comes after it
 * @param first the route's first step, for how the piece stands before it
 */
export function addedStep(kind: StepKind, before: RouteStep | undefined, first: RouteStep): RouteStep {
  const { handsOnMin, waitMin, lookFor, caution, waits } = stepDefaults(kind);
  const standing = before ?? { ...first, after: first.before };
  const added = stillStep(standing, {
    kind,
    title: ADDED_TITLES[kind],
    instruction: ADDED_INSTRUCTION,
    lookFor,
    handsOnMin,
    waitMin,
    ...(caution ? { caution } : {}),
    ...(waits ? { waits } : {}),
  });
  if (kind === 'roll' && before?.rolling) {
    const { toMm } = before.rolling;
    return { ...added, rolling: { ...before.rolling, fromMm: toMm } };
  }
  return before && READ.includes(kind) ? { ...added, reading: expectedReading(before) } : added;
}
