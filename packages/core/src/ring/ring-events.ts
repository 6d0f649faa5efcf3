import { holdingEvents, undoneIds } from '../events';
import type { ToolFault } from '../kit';
import type { WallWish } from '../forming';
import type { ReadingMark } from '../size';
import type { RouteStep, StepKind } from '../steps';
import type { Symptom } from './symptom';

/** What happened at the bench, in the maker's order. Each has an id made where it happened, so that a repeat is harmless. */
export interface RingEvent {
  readonly id: string;
  /** ISO time at the bench. */
  readonly at: string;
  readonly body: RingEventBody;
}

export type RingEventBody =
  | {
      readonly kind: 'step-done';
      readonly step: number;
      /** It is left as it was last read, though that is not its mark. */
      readonly asRead?: true | undefined;
    }
  /** Without a step: one more anneal than the route asked for. */
  | { readonly kind: 'anneal-done'; readonly step?: number | undefined }
  | {
      readonly kind: 'reading';
      readonly rimDownMm: number;
      readonly cutDownMm: number;
      readonly mark: ReadingMark;
      /** Witness lines of the pusher still to be seen, after a pass under tape. */
      readonly reveal?: number | undefined;
    }
  | {
      readonly kind: 'measured';
      readonly bandWidthMm: number;
      readonly thicknessCutEdgeMm?: number | undefined;
      readonly thicknessRimEdgeMm?: number | undefined;
      readonly massG?: number | undefined;
    }
  /** Something went wrong; the symptom is one of the remedies'. */
  | { readonly kind: 'trouble'; readonly symptom: Symptom; readonly crackMm?: number | undefined }
  /** The hole as the calliper found it after punching. */
  | { readonly kind: 'hole-measured'; readonly diameterMm: number }
  /** A bar after a pass through the rolls, by the calliper. */
  | {
      readonly kind: 'rolled';
      readonly step: number;
      readonly thicknessMm: number;
      readonly widthMm?: number | undefined;
      readonly lengthMm?: number | undefined;
    }
  /** The size that is wanted now: a customer's finger, or a fit that is liked as it is. */
  | { readonly kind: 'target-changed'; readonly insideDiameterMm: number; readonly why: string }
  /** The wall that is wanted now, of a coin ring. */
  | {
      readonly kind: 'wall-changed';
      readonly wall: WallWish['kind'];
      readonly curl?: WallWish['curl'];
    }
  /** Lapped ends of a ring from a handle are to meet. */
  | { readonly kind: 'style-changed'; readonly style: 'straight' }
  /** A step that was left out. */
  | { readonly kind: 'step-skipped'; readonly step: number; readonly why?: string | undefined }
  /** A step that the maker puts in behind another; behind −1 it is the first. */
  | {
      readonly kind: 'step-added';
      readonly after: number;
      readonly stepKind: StepKind;
      readonly toolId?: string | undefined;
    }
  /** What a step was really done with. */
  | {
      readonly kind: 'tool-used';
      readonly step: number;
      readonly toolId: string;
      /** Which hole, face or mark of it. */
      readonly setting?: string | undefined;
    }
  /** What was found to be wrong with a tool. */
  | { readonly kind: 'tool-marked'; readonly toolId: string; readonly fault: ToolFault }
  /** The rest of the route, planned again from what was found; it follows what made it necessary. */
  | {
      readonly kind: 'rerouted';
      readonly because: string;
      /** The first step that is replaced. */
      readonly fromStep: number;
      readonly steps: readonly RouteStep[];
      /** What changed, in words. */
      readonly why: string;
      readonly targetInsideDiameterMm?: number | undefined;
      readonly holeMm?: number | undefined;
      /** It followed from what was found and is kept because the maker went on with it: it holds as long as that does. */
      readonly derived?: true | undefined;
    }
  /** A bath, a patina, a cooling: the same wait may be shared by several rings. */
  | {
      readonly kind: 'wait-started';
      readonly waitId: string;
      readonly what: string;
      /** Soonest and latest it is due; without them the clock only counts up. */
      readonly shortSec?: number | undefined;
      readonly longSec?: number | undefined;
    }
  | { readonly kind: 'wait-ended'; readonly waitId: string }
  /** Whether the log learns from this ring. */
  | { readonly kind: 'left-out'; readonly leftOut: boolean }
  | { readonly kind: 'note'; readonly text: string }
  | { readonly kind: 'undone'; readonly eventId: string }
  | { readonly kind: 'finished' }
  /** It cannot be saved; what it was of goes into the scrap tin. */
  | { readonly kind: 'spoilt'; readonly cause: Symptom };

/** What is logged when a step of the route is done: an anneal has an event of its own. */
export function doneBody(
  kind: RouteStep['kind'],
  step: number,
): { readonly kind: 'step-done' | 'anneal-done'; readonly step: number } {
  return { kind: kind === 'anneal' ? 'anneal-done' : 'step-done', step };
}

/** Events by which the maker goes on along the route. */
export function goesOn({ kind, ...body }: RingEventBody): boolean {
  return (
    kind === 'step-done' ||
    kind === 'step-skipped' ||
    (kind === 'anneal-done' && 'step' in body && body.step !== undefined)
  );
}

/** Events from which the rest of a route follows. */
const FOUND: readonly RingEventBody['kind'][] = [
  'reading',
  'hole-measured',
  'rolled',
  'anneal-done',
  'target-changed',
  'wall-changed',
  'style-changed',
];

function isFound({ kind }: RingEventBody): boolean {
  return FOUND.includes(kind);
}

/**
 * The events that still hold: those taken back are left out, with the re-planning they led to, and so are the
 * takings-back. A route that was derived holds only with the step that was done along it.
 */
export function standingEvents(events: readonly RingEvent[]): readonly RingEvent[] {
  const undone = undoneIds(events);
  const standing = holdingEvents(events).filter(
    ({ body }) => body.kind !== 'rerouted' || !undone.has(body.because),
  );
  return standing.filter(({ body }, at) => {
    if (body.kind !== 'rerouted' || body.derived !== true) return true;
    const next = standing.slice(at + 1).find((later) => goesOn(later.body) || isFound(later.body));
    return next !== undefined && goesOn(next.body);
  });
}
