import { capital, sizesInWords } from '../format';
import { MM_PER_US_SIZE, OFF_MARK_MM, type MandrelReading } from '../size';
import { expectedReading } from './standing';
import { COIN_EDGES, type EdgeNames, type RouteStep, type StepKind } from '../steps';

export interface EdgeAdvice {
  readonly edge: 'rim' | 'cut';
  /** Read less planned, US sizes: positive is too large. */
  readonly offUs: number;
  /** "Rim edge ½ size too small." */
  readonly finding: string;
  /** What to do about it. */
  readonly remedy: string;
}

const OPENING: readonly StepKind[] = ['stretch', 'straighten'];
const CLOSING: readonly StepKind[] = ['reduce', 'stepped', 'curl'];

function remedyFor(kind: StepKind, offUs: number, edge: string): string {
  const amount = sizesInWords(offUs);
  const small = offUs < 0;
  if (OPENING.includes(kind)) {
    return small
      ? `Another pull: ${amount} to go. Look at the gauge; anneal first if it is nearly full.`
      : `Stop pulling. The die takes the ${edge} down ${amount} more later on.`;
  }
  if (CLOSING.includes(kind)) {
    return small
      ? `Past the mark. Anneal, then bring the ${edge} up ${amount} on the stretcher.`
      : `Push the ${edge} ${amount} further, a little at a time.`;
  }
  return small
    ? `Bring the ${edge} up ${amount} on the stretcher.`
    : `Bring the ${edge} down ${amount} in the die.`;
}

/**
 * What a reading says against the plan, per edge that is off by more than a quarter size; empty when on plan.
 * @param read both ways round, at the leading edge
 * @param names of the edges, as the kind of ring has them
 */
export function adviseReading(
  step: RouteStep,
  read: MandrelReading,
  names: EdgeNames = COIN_EDGES,
): readonly EdgeAdvice[] {
  const expected = expectedReading(step);
  const pairs = [
    { edge: 'rim', readMm: read.rimDownMm, plannedMm: expected.rimDownMm },
    { edge: 'cut', readMm: read.cutDownMm, plannedMm: expected.cutDownMm },
  ] as const;
  return pairs.flatMap(({ edge, readMm, plannedMm }) => {
    const offUs = (readMm - plannedMm) / MM_PER_US_SIZE;
    if (Math.abs(readMm - plannedMm) < OFF_MARK_MM) return [];
    const name = names[edge];
    const finding = `${capital(name)} ${sizesInWords(offUs)} too ${offUs < 0 ? 'small' : 'large'}.`;
    return [{ edge, offUs, finding, remedy: remedyFor(step.kind, offUs, name) }];
  });
}
