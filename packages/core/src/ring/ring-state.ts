import type { WallWish } from '../forming';
import type { EdgeDiameters, MandrelReading, MandrelTaper } from '../size';
import type { RolledReading } from '../rolling';
import type { EdgeSpend, RingWait, RouteStep } from '../steps';
import type { RingEventBody } from './ring-events';
import type { Symptom } from './symptom';

/** What a ring was planned as: enough to follow it at the bench. */
export interface RingPlan {
  readonly steps: readonly RouteStep[];
  readonly mandrel?: MandrelTaper | undefined;
  readonly targetInsideDiameterMm?: number | undefined;
  readonly holeMm?: number | undefined;
  /** How full the softness gauge is when the ring comes to the bench; left out, empty. */
  readonly spentAtStart?: EdgeSpend | undefined;
}

export interface LoggedReading extends EdgeDiameters {
  readonly eventId: string;
  readonly at: string;
  /** Step during which it was taken. */
  readonly step: number;
  /** Where the edges stood when that step began. */
  readonly from: EdgeDiameters;
  readonly rimDownMm: number;
  readonly cutDownMm: number;
  /** Witness lines of the pusher that still stood above the die. */
  readonly reveal?: number | undefined;
  /** The same as if read at the leading edge: what the plan's readings are compared with. */
  readonly leading: MandrelReading;
}

/** A bar as it was measured after a pass. */
export interface LoggedRolling extends RolledReading {
  readonly eventId: string;
  readonly at: string;
  readonly step: number;
}

export type Measured = Omit<Extract<RingEventBody, { kind: 'measured' }>, 'kind'>;

/** A change of the route, as the bench tells it. */
export interface Reroute {
  readonly eventId: string;
  readonly because: string;
  readonly at: string;
  readonly step: number;
  readonly why: string;
}

/** A ring at the bench, derived from its events alone. */
export interface RingState {
  /** Step to do next; equals the number of steps when all are done. */
  readonly step: number;
  /** The route as it stands, planned again as often as it had to be. */
  readonly steps: readonly RouteStep[];
  /** The size that is being made; undefined where the plan did not tell. */
  readonly targetInsideDiameterMm: number | undefined;
  /** The hole as planned, measured or filed. */
  readonly holeMm: number | undefined;
  /** The wall that is wanted now; undefined while it is the plan's. */
  readonly wall: WallWish | undefined;
  /** What was told last from which the rest of the route follows, until a route was planned from it. */
  readonly openChange:
    { readonly eventId: string; readonly kind: 'target' | 'wall' | 'style' | 'skipped' } | undefined;
  /** How the ends of a ring from a handle are to lie now; undefined while it is as planned. */
  readonly style: 'straight' | undefined;
  /** What steps were really done with, the last word on each. */
  readonly toolsUsed: ReadonlyMap<number, { readonly toolId: string; readonly setting: string | undefined }>;
  readonly reroutes: readonly Reroute[];
  readonly waits: readonly RingWait[];
  /** What was measured between the rolls, and the last of it while no route was planned from it. */
  readonly rolled: readonly LoggedRolling[];
  readonly openRolled: LoggedRolling | undefined;
  /** The last reading of the step at hand; undefined before there is one. */
  readonly stepReading: LoggedReading | undefined;
  /** The last reading, while nothing was formed after it and no route was planned from it. */
  readonly openReading: LoggedReading | undefined;
  /** Whether a blow has changed the ring since it was last read: then its size is not known. */
  readonly formedSinceReading: boolean;
  /** Where the edges stood when the step at hand began, and how full the gauge was. */
  readonly stepFrom: EdgeDiameters;
  readonly stepSpent: EdgeSpend;
  /** Whether the log is not to learn from this ring. */
  readonly leftOut: boolean;
  /** Edges as last read, or as planned since. */
  readonly edges: EdgeDiameters;
  readonly edgesSource: 'planned' | 'read';
  /** Weighted hoop strain since the last anneal: the softness gauge. */
  readonly spent: EdgeSpend;
  /** The same of the parts that were made before the one at hand, as they were left. */
  readonly partsSpent: readonly EdgeSpend[];
  readonly anneals: number;
  readonly readings: readonly LoggedReading[];
  readonly measured: Measured | undefined;
  readonly notes: readonly { readonly at: string; readonly text: string }[];
  readonly troubles: readonly { readonly at: string; readonly symptom: string; readonly step: number }[];
  readonly finished: boolean;
  readonly finishedAt: string | undefined;
  /** Undefined unless it was given up. */
  readonly spoilt: { readonly at: string; readonly cause: Symptom; readonly step: number } | undefined;
  /** The event that an undo would take back. */
  readonly lastEventId: string | undefined;
}
