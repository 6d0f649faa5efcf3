import { type Job, setUpOf } from '../ring';
import type { RouteStep, StepKind } from '../steps';

/** What a step occupies beside the hands. */
export type Lane = Job['by'];

/** A step as the schedule sees it. */
export interface ScheduleStep {
  /** Its place in the ring's route. */
  readonly index: number;
  readonly kind: StepKind;
  readonly title: string;
  readonly handsMin: number;
  /** Nobody is needed, but the ring is not ready. */
  readonly waitMin: number;
  readonly lane: Lane;
  /** What has to be set up for it: steps of one set-up go together. */
  readonly setUp: string;
  /** Has to pass after the step before, minutes: the customer's word is waited for. */
  readonly leadMin: number;
}

/** A ring in work, or one that is agreed: what is left to do, in order. */
export interface ScheduleJob {
  readonly id: string;
  readonly name: string;
  /** When it was taken on: the simple list goes by this. Wall-clock minutes, as all moments here. */
  readonly arrivedMin: number;
  /** Nothing can be done with it before. */
  readonly readyMin: number;
  /** When it is wanted; undefined for a ring that nobody waits for. */
  readonly dueMin?: number | undefined;
  readonly steps: readonly ScheduleStep[];
}

/** A step before which the customer is asked, and how long an answer takes. */
export interface Hold {
  readonly step: number;
  readonly leadMin: number;
}

type PlannedStep = Pick<RouteStep, 'kind' | 'title' | 'tool' | 'handsOnMin' | 'waitMin' | 'waits'>;

/**
 * What is left of a route.
 * @param from first step to do
 */
export function scheduleSteps(
  steps: readonly PlannedStep[],
  from: number,
  hold?: Hold,
): readonly ScheduleStep[] {
  return steps.slice(from).map((step, i) => {
    const index = from + i;
    const { by, setUp } = setUpOf(step);
    return {
      index,
      kind: step.kind,
      title: step.title,
      handsMin: step.handsOnMin,
      waitMin: step.waitMin,
      lane: by,
      setUp,
      leadMin: hold?.step === index ? hold.leadMin : 0,
    };
  });
}
