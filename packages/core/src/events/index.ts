/** An event as every log keeps it: named by the device that told it, so that a repeat does no harm. */
export interface Told<Body extends { readonly kind: string } = { readonly kind: string }> {
  readonly id: string;
  readonly body: Body;
}

/** By which an event is taken back. */
export interface Undone {
  readonly kind: 'undone';
  readonly eventId: string;
}

const isUndone = (body: { readonly kind: string }): body is Undone => body.kind === 'undone';

/** An event that takes nothing back. */
export type Holding<E extends Told> = E & { readonly body: Exclude<E['body'], { readonly kind: 'undone' }> };

/** Ids of the events that were taken back. */
export function undoneIds(events: readonly Told[]): ReadonlySet<string> {
  return new Set(events.flatMap(({ body }) => (isUndone(body) ? [body.eventId] : [])));
}

/** The events that hold, in their order: without those that were taken back, and without the takings-back. */
export function holdingEvents<E extends Told>(events: readonly E[]): readonly Holding<E>[] {
  const undone = undoneIds(events);
  return events.filter((event): event is Holding<E> => !isUndone(event.body) && !undone.has(event.id));
}
