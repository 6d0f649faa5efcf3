import type { ReadingMark } from '../size';

/** What happened at the bench, in the maker's order. Each has an id made where it happened, so that a repeat is harmless. */
export interface RingEvent {
  readonly id: string;
  /** ISO time at the bench. */
  readonly at: string;
  readonly body: RingEventBody;
}

export type RingEventBody =
  | { readonly kind: 'step-done'; readonly step: number }
  /** Without a step: one more anneal than the route asked for. */
  | { readonly kind: 'anneal-done'; readonly step?: number | undefined }
  | {
      readonly kind: 'reading';
      readonly rimDownMm: number;
      readonly cutDownMm: number;
      readonly mark: ReadingMark;
    }
  | {
      readonly kind: 'measured';
      readonly bandWidthMm: number;
      readonly thicknessCutEdgeMm?: number | undefined;
      readonly thicknessRimEdgeMm?: number | undefined;
      readonly massG?: number | undefined;
    }
  /** Something went wrong; the symptom is one of the remedies'. */
  | { readonly kind: 'trouble'; readonly symptom: string; readonly crackMm?: number | undefined }
  | { readonly kind: 'note'; readonly text: string }
  | { readonly kind: 'undone'; readonly eventId: string }
  | { readonly kind: 'finished' };

/** The events that still hold: those taken back are left out, and so are the takings-back. */
export function standingEvents(events: readonly RingEvent[]): readonly RingEvent[] {
  const undone = new Set(events.flatMap(({ body }) => (body.kind === 'undone' ? [body.eventId] : [])));
  return events.filter(({ id, body }) => body.kind !== 'undone' && !undone.has(id));
}
