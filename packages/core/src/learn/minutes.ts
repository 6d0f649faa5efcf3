import type { StepKind } from '../route';
import type { RingLesson } from './logged-ring';

/** A gap this many times the default is a tea break or a night, not work. */
const LONGEST_SHARE = 4;
/** Shorter than this is logging after the fact, minutes. */
const SHORTEST_MIN = 0.3;
/** The default counts as so many steps that were timed. */
const DEFAULT_COUNTS = 5;

/** Hands-on minutes of every step that was timed, per kind. */
export function timedMinutes({ ring, state }: RingLesson): ReadonlyMap<StepKind, readonly number[]> {
  const found = new Map<StepKind, number[]>();
  let lastAt: number | undefined;
  for (const { at, body } of ring.events) {
    const now = Date.parse(at);
    const step =
      body.kind === 'step-done' || (body.kind === 'anneal-done' && body.step !== undefined)
        ? state.steps[body.step ?? -1]
        : undefined;
    if (step && lastAt !== undefined) {
      const minutes = (now - lastAt) / 60_000 - step.waitMin;
      const fits = minutes >= SHORTEST_MIN && minutes <= LONGEST_SHARE * step.handsOnMin;
      if (fits) found.set(step.kind, [...(found.get(step.kind) ?? []), minutes]);
    }
    // Readings and notes belong to the step they are taken in: only its end starts the next one's clock.
    if (step || body.kind === 'rerouted') lastAt = now;
  }
  return found;
}

export interface MinutesFit {
  readonly minutes: number;
  readonly timed: number;
}

/** The middle of what was timed, drawn towards the default as if that had been timed a few times itself. */
export function minutesFit(timed: readonly number[], defaultMin: number): MinutesFit {
  const sorted = [...timed].sort((a, b) => a - b);
  const middle =
    sorted.length === 0 ? defaultMin : (sorted[Math.floor((sorted.length - 1) / 2)] ?? defaultMin);
  const upper = sorted[Math.ceil((sorted.length - 1) / 2)] ?? middle;
  const median = (middle + upper) / 2;
  const minutes = (timed.length * median + DEFAULT_COUNTS * defaultMin) / (timed.length + DEFAULT_COUNTS);
  return { minutes, timed: timed.length };
}
