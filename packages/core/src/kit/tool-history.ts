import { holdingEvents, type Holding } from '../events';
import type { ToolFault } from './codes';

/** What happened to a tool; each event has an id made where it happened. */
export interface ToolEvent {
  readonly id: string;
  /** ISO time. */
  readonly at: string;
  /** The ring that was worked on. */
  readonly ringId?: string | undefined;
  readonly body: ToolEventBody;
}

export type ToolEventBody =
  | { readonly kind: 'fault'; readonly fault: ToolFault }
  | { readonly kind: 'mended'; readonly fault: ToolFault }
  /** Another one of the same measures took its place: what wears begins anew. */
  | { readonly kind: 'replaced' }
  | { readonly kind: 'oiled' }
  | { readonly kind: 'undone'; readonly eventId: string };

/** Where its events have brought a tool. */
export interface ToolStanding {
  /** What is wrong with it, as it was found. */
  readonly faults: readonly ToolFault[];
  readonly renewedAt: string | undefined;
  readonly oiledAt: string | undefined;
}

/** The events that hold, by the clock: what was taken back is left out, and the takings-back. */
export function standingToolEvents(events: readonly ToolEvent[]): readonly Holding<ToolEvent>[] {
  return holdingEvents(events).toSorted((a, b) => a.at.localeCompare(b.at));
}

const NEW: ToolStanding = { faults: [], renewedAt: undefined, oiledAt: undefined };

export function toolStanding(events: readonly ToolEvent[]): ToolStanding {
  return standingToolEvents(events).reduce<ToolStanding>((standing, { at, body }) => {
    const others = (fault: ToolFault) => standing.faults.filter((one) => one !== fault);
    switch (body.kind) {
      case 'fault':
        return { ...standing, faults: [...others(body.fault), body.fault] };
      case 'mended':
        return { ...standing, faults: others(body.fault) };
      case 'replaced':
        return { ...NEW, renewedAt: at };
      case 'oiled':
        return { ...standing, oiledAt: at };
    }
  }, NEW);
}

const DAY_MS = 86_400_000;
/** Steel is oiled this often, days, damp or not (our judgement). */
const OIL_EVERY_DAYS = 60;

/**
 * Whether a tool of steel is to be oiled: it was damp since it last was, or that is long ago.
 * @param dampAt when the maker last said that it was damp; ISO time
 * @param sinceAt when the tool came
 */
export function needsOil(
  { oiledAt, renewedAt }: ToolStanding,
  sinceAt: string,
  dampAt: string | undefined,
  now: string,
): boolean {
  const last = oiledAt ?? renewedAt ?? sinceAt;
  if (dampAt !== undefined && dampAt > last) return true;
  return Date.parse(now) - Date.parse(last) > OIL_EVERY_DAYS * DAY_MS;
}
