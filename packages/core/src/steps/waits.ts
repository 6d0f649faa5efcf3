/** Something that a step waits for: a bath, a colour, a cooling. */
export interface StepWait {
  readonly what: string;
  /** Rings that wait for the same bath may share it. */
  readonly bath?: string | undefined;
  /** Soonest and latest; without them a clock only counts up, as for dips. */
  readonly shortSec?: number | undefined;
  readonly longSec?: number | undefined;
}

/** Something that is being waited for, or was. */
export interface RingWait {
  readonly waitId: string;
  readonly what: string;
  readonly startedAt: string;
  readonly endedAt: string | undefined;
  /** The step during which it was started: it is over when that is. */
  readonly step: number;
  readonly shortSec: number | undefined;
  readonly longSec: number | undefined;
}

/** How far a wait is: nothing to wait for is a clock that counts up. */
export type WaitPhase = 'since' | 'running' | 'due' | 'late';

export interface WaitClock {
  readonly phase: WaitPhase;
  readonly elapsedSec: number;
  /** Until it is due, then until it is late; how late when it is; nothing for a clock that counts up. */
  readonly leftSec: number | undefined;
}

/** A wait as it stands at a moment. */
export function waitClock(
  { startedAt, shortSec, longSec }: Pick<RingWait, 'startedAt' | 'shortSec' | 'longSec'>,
  nowMs: number,
): WaitClock {
  const elapsedSec = Math.max(0, (nowMs - Date.parse(startedAt)) / 1000);
  const soonest = shortSec ?? longSec;
  if (soonest === undefined) return { phase: 'since', elapsedSec, leftSec: undefined };
  if (elapsedSec < soonest) return { phase: 'running', elapsedSec, leftSec: soonest - elapsedSec };
  const latest = longSec ?? soonest;
  if (elapsedSec < latest) return { phase: 'due', elapsedSec, leftSec: latest - elapsedSec };
  // A wait without a latest is due, never late.
  return longSec === undefined || longSec === shortSec
    ? { phase: 'due', elapsedSec, leftSec: elapsedSec - latest }
    : { phase: 'late', elapsedSec, leftSec: elapsedSec - latest };
}

/** A wait that one or several rings share. */
export interface SharedWait extends Omit<RingWait, 'endedAt' | 'step'> {
  readonly rings: readonly { readonly id: string; readonly name: string }[];
}

interface WaitingRing {
  readonly id: string;
  readonly name: string;
  readonly state: {
    readonly waits: readonly RingWait[];
    readonly finished: boolean;
    readonly spoilt: object | undefined;
  };
}

/** The waits that go on, oldest first, each with the rings that are in it. */
export function runningWaits(rings: readonly WaitingRing[]): readonly SharedWait[] {
  const shared = new Map<string, SharedWait>();
  for (const { id, name, state } of rings) {
    if (state.finished || state.spoilt) continue;
    for (const { endedAt, step: _step, ...wait } of state.waits) {
      if (endedAt !== undefined) continue;
      const known = shared.get(wait.waitId);
      // A bath began when its first ring went in.
      const first = known && known.startedAt < wait.startedAt ? known : wait;
      shared.set(wait.waitId, { ...first, rings: [...(known?.rings ?? []), { id, name }] });
    }
  }
  return [...shared.values()].sort((a, b) => a.startedAt.localeCompare(b.startedAt));
}
