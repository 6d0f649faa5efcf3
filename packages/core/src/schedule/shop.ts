import { longestSpanMin, type WorkCalendar } from './calendar';
import type { Lane, ScheduleJob, ScheduleStep } from './job';
import type { ShopRules } from './rules';

/** A moment that the maker wants a step to begin at. */
export interface Pin {
  readonly jobId: string;
  /** Place of the step in the ring's route. */
  readonly step: number;
  readonly startMin: number;
}

/** What is to be scheduled, and under which conditions. */
export interface Shop {
  readonly jobs: readonly ScheduleJob[];
  readonly calendar: WorkCalendar;
  /** When a second pair of hands is there, who works beside the maker; left out where nobody helps. */
  readonly helper?: WorkCalendar | undefined;
  readonly rules: ShopRules;
  readonly pins: readonly Pin[];
  /** Nothing begins before; wall-clock minutes. */
  readonly nowMin: number;
}

/** The hours of each pair of hands, the maker's first. */
export function handsOf({ calendar, helper }: Pick<Shop, 'calendar' | 'helper'>): readonly WorkCalendar[] {
  return helper && longestSpanMin(helper) > 0 ? [calendar, helper] : [calendar];
}

/** The longest stretch of work that anybody has, minutes. */
export function longestWorkMin(shop: Pick<Shop, 'calendar' | 'helper'>): number {
  return Math.max(...handsOf(shop).map(longestSpanMin));
}

/** A step in its place: set-up, hands, then a wait without hands. */
export interface Block {
  readonly jobId: string;
  readonly step: number;
  readonly kind: ScheduleStep['kind'];
  readonly lane: Lane;
  readonly setUp: string;
  /** When the set-up begins, or the work where nothing has to be set up. */
  readonly startMin: number;
  readonly workMin: number;
  readonly handsEndMin: number;
  readonly endMin: number;
  /** Steps that share a bath bear the same number. */
  readonly batch?: number | undefined;
  /** Whether the helper's hands do it. */
  readonly byHelper?: boolean | undefined;
}

/** How good a schedule is; each is better when it is smaller; `isBetter` says which counts more. */
export interface Score {
  /** By how much pins are missed, minutes in all. */
  readonly pinMissMin: number;
  /** Sum over all rings of how long after its date one is ready, minutes. */
  readonly lateMin: number;
  readonly setUpMin: number;
  /** When the last ring is ready. */
  readonly endMin: number;
  /** Sum of the moments at which rings are ready: among equals the one that finishes early. */
  readonly flowMin: number;
}

export interface Placed {
  readonly blocks: readonly Block[];
  readonly score: Score;
}
