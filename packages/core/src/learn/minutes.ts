import type { RingState } from '../ring';
import type { StepKind } from '../steps';
import { listAt } from './list-at';
import type { LoggedRing, WorkedRing } from './worked-ring';

/** A gap this many times the default is a tea break or a night, not work. */
const LONGEST_SHARE = 4;
/** Shorter than this is logging after the fact, minutes. */
const SHORTEST_MIN = 0.3;
/** The default counts as so many steps that were timed. */
const DEFAULT_COUNTS = 5;

/** Hands-on minutes of every step that was timed. */
function timedSteps(steps: RingState['steps'], events: LoggedRing['events']): readonly TimedStep[] {
  const found: TimedStep[] = [];
  let lastAt: number | undefined;
  for (const { at, body } of events) {
    const now = Date.parse(at);
    const step =
      body.kind === 'step-done' || (body.kind === 'anneal-done' && body.step !== undefined)
        ? steps[body.step ?? -1]
        : undefined;
    if (step) {
      const minutes = lastAt === undefined ? undefined : (now - lastAt) / 60_000 - step.waitMin;
      const fits =
        minutes !== undefined && minutes >= SHORTEST_MIN && minutes <= LONGEST_SHARE * step.handsOnMin;
      found.push({ kind: step.kind, plannedMin: step.handsOnMin, timedMin: fits ? minutes : undefined });
    }
    // Readings and notes belong to the step they are taken in: only its end starts the next one's clock.
    if (step || body.kind === 'rerouted') lastAt = now;
  }
  return found;
}

interface TimedStep {
  readonly kind: StepKind;
  readonly plannedMin: number;
  /** Undefined where the gap was no work, or there was none to measure. */
  readonly timedMin: number | undefined;
}

/** Hands-on minutes of every step that was timed, per kind. */
export function timedMinutes({ ring, state }: WorkedRing): ReadonlyMap<StepKind, readonly number[]> {
  const found = new Map<StepKind, number[]>();
  for (const { kind, timedMin } of timedSteps(state.steps, ring.events)) {
    if (timedMin !== undefined) listAt(found, kind).push(timedMin);
  }
  return found;
}

/** How much of the planned minutes of a ring's steps so far was timed, as a share. */
export function timedShare(steps: RingState['steps'], events: LoggedRing['events']): number {
  const told = timedSteps(steps, events);
  const planned = (of: readonly TimedStep[]) => of.reduce((sum, { plannedMin }) => sum + plannedMin, 0);
  const all = planned(told);
  return all === 0 ? 0 : planned(told.filter(({ timedMin }) => timedMin !== undefined)) / all;
}

/** Minutes of hands that a ring has taken so far: as timed, and as planned where a step was not. */
export function workedMinutes(steps: RingState['steps'], events: LoggedRing['events']): number {
  return timedSteps(steps, events).reduce(
    (sum, { plannedMin, timedMin }) => sum + (timedMin ?? plannedMin),
    0,
  );
}

export interface MinutesFit {
  readonly minutes: number;
  readonly timed: number;
}

/** The middle of what was timed, drawn towards the default as if that had been timed a few times itself. */
export function minutesFit(timed: readonly number[], defaultMin: number): MinutesFit {
  // Numbers alone are sorted many times faster than by a rule.
  const sorted = Float64Array.from(timed).sort();
  const middle =
    sorted.length === 0 ? defaultMin : (sorted[Math.floor((sorted.length - 1) / 2)] ?? defaultMin);
  const upper = sorted[Math.ceil((sorted.length - 1) / 2)] ?? middle;
  const median = (middle + upper) / 2;
  const minutes = (timed.length * median + DEFAULT_COUNTS * defaultMin) / (timed.length + DEFAULT_COUNTS);
  return { minutes, timed: timed.length };
}
