import { replanning, type NewRoute, type OutOfReach, type RingInWork } from '../replan';
import { readingStanding, ringState, standingEvents, type RingState } from '../ring';
import type { RouteStep } from '../steps';
import type { MandrelReading } from '../size';
import {
  aimBand,
  aimUncut,
  buttJoint,
  replanBand,
  replanRolling,
  rolledStanding,
  type BandInWork,
  type RollingReplan,
} from '../work';
import { mayAnneal, mayReduce, type BenchTools, type RingAtBench } from './ring-at-bench';

/** Something that was found and from which the rest of the route follows. */
export interface Finding {
  /** The event that told it. */
  readonly because: string;
  readonly kind: 'reading' | 'hole' | 'rolled' | 'change';
}

/** What follows from a finding. */
export type DerivedRoute =
  /** The route stands as it is. */
  | { readonly kind: 'as-planned' }
  /** It is still being worked out. */
  | { readonly kind: 'pending' }
  | {
      readonly kind: 'changed';
      readonly because: string;
      readonly fromStep: number;
      readonly steps: readonly RouteStep[];
      readonly targetInsideDiameterMm?: number | undefined;
      readonly holeMm?: number | undefined;
      /** What the rolls leave no room for, of a bar that was measured between them. */
      readonly rolled?: Pick<RollingReplan, 'thinnerMm' | 'tooShortMm'> | undefined;
      /** What is different, of a coin ring. */
      readonly route?: NewRoute | undefined;
      /** Its cut edge gets thinner than is comfortable: the nearest size that keeps it so. */
      readonly thin?: { readonly comfortable: NewRoute | undefined } | undefined;
    }
  | {
      readonly kind: 'out-of-reach';
      readonly because: string;
      readonly why: OutOfReach;
      readonly nearest: NewRoute | undefined;
    };

export const AS_PLANNED: DerivedRoute = { kind: 'as-planned' };
export const PENDING: DerivedRoute = { kind: 'pending' };

/** A hole that is off by less is the planned one, mm. */
const SAME_HOLE_MM = 0.05;

/** The state that a ring's events come to, with the routes that were kept. */
export function storedState(ring: RingAtBench): RingState {
  const { steps, mandrel, targetInsideDiameterMm, coin, spentAtStart, events } = ring;
  return ringState({ steps, mandrel, targetInsideDiameterMm, holeMm: coin?.holeMm, spentAtStart }, events);
}

/** Whether a reading asks for another route: past its mark, off the plan, or left short when its step was done. */
function asksForRoute(state: RingState, mandrel: RingAtBench['mandrel']): boolean {
  const read = state.openReading;
  const step = read && state.steps[read.step];
  if (!read || !step) return false;
  const { kind } = readingStanding(step, read, mandrel);
  if (kind === 'past' || kind === 'off-plan') return true;
  return kind === 'part-way' && read.step < state.step;
}

/** Whether a bar that was measured asks for other passes: thinner or of another shape, or left thick when its pass was done. */
function asksForPasses({ openRolled: read, steps, step }: RingState): boolean {
  const pass = read && steps[read.step];
  if (!read || !pass) return false;
  const { kind } = rolledStanding(pass, read);
  return kind === 'part-way' ? read.step < step : kind !== 'on-mark';
}

/** Whether another wish of a band is what is told: another size always, since what was read is in it. */
function wishIsTold({ coin, events }: RingAtBench, { openChange, openReading }: RingState): boolean {
  if (coin || !openChange || !openReading) return false;
  if (openChange.kind === 'target') return true;
  const at = (eventId: string) => events.findIndex(({ id }) => id === eventId);
  return at(openChange.eventId) > at(openReading.eventId);
}

/** What was found last and has no route of its own yet; cheap to ask. */
export function findingOf(ring: RingAtBench, state: RingState): Finding | undefined {
  if (state.finished || state.spoilt) return undefined;
  if (state.openReading && !wishIsTold(ring, state) && asksForRoute(state, ring.mandrel)) {
    return { because: state.openReading.eventId, kind: 'reading' };
  }
  if (state.openRolled && asksForPasses(state)) {
    return { because: state.openRolled.eventId, kind: 'rolled' };
  }
  const { openChange } = state;
  // Only a coin's wall can be another than planned, and only a handle's joint.
  if (openChange && (ring.coin ? openChange.kind !== 'style' : openChange.kind !== 'wall')) {
    return { because: openChange.eventId, kind: 'change' };
  }
  if (!ring.coin) return undefined;
  const measured = standingEvents(ring.events).findLast(({ body }) => body.kind === 'hole-measured');
  if (measured?.body.kind !== 'hole-measured') return undefined;
  if (state.reroutes.some(({ because }) => because === measured.id)) return undefined;
  if (Math.abs(measured.body.diameterMm - ring.coin.holeMm) < SAME_HOLE_MM) return undefined;
  const folded = state.steps.findIndex(({ kind }) => kind === 'fold');
  return state.step <= folded ? { because: measured.id, kind: 'hole' } : undefined;
}

/** A ring in work as planning on looks at it; undefined of any but a coin's. */
export function ringInWork(
  { coin, mandrel }: RingAtBench,
  state: RingState,
  { kit, dieCharts, traits }: Omit<BenchTools, 'system'>,
): RingInWork | undefined {
  if (!coin) return undefined;
  const { steps, step, spent, edges, openReading, targetInsideDiameterMm, holeMm } = state;
  return {
    coin: coin.coin,
    wall: state.wall ?? coin.wall,
    school: coin.school,
    face: coin.face,
    mandrel,
    state: { steps, step, spent, edges, openReading, targetInsideDiameterMm, holeMm },
    kit,
    dieCharts,
    traits,
  };
}

function* coinRoute(
  work: RingInWork,
  because: string,
  kind: Exclude<Finding['kind'], 'rolled'>,
): Generator<number, DerivedRoute> {
  const found = yield* replanning(work, { kind });
  switch (found.kind) {
    case 'changed': {
      const { fromStep, steps, targetInsideDiameterMm, holeMm } = found.route;
      return {
        kind: 'changed',
        because,
        fromStep,
        steps,
        targetInsideDiameterMm,
        holeMm,
        route: found.route,
        thin: found.thin,
      };
    }
    case 'out-of-reach':
      return { kind: 'out-of-reach', because, why: found.why, nearest: found.nearest };
    default:
      return AS_PLANNED;
  }
}

/** What was last read of a band, or where it is taken to stand: it was left as it was where a step was skipped. */
function standsAt(state: RingState): { readonly readAt: number; readonly read: MandrelReading } {
  const { openReading, edges, step } = state;
  return openReading
    ? { readAt: openReading.step, read: openReading.leading }
    : {
        readAt: step - 1,
        read: { rimDownMm: edges.rimInsideDiameterMm, cutDownMm: edges.cutInsideDiameterMm },
      };
}

/** The size that the route as it stands leads to, mm. */
function aimedAt({ steps }: BandInWork): number {
  return steps.findLast(({ reading }) => reading !== undefined)?.after.cutInsideDiameterMm ?? 0;
}

/** What follows from another wish alone, before what was read is looked at. */
function changedBand(
  ring: RingAtBench,
  band: BandInWork,
  kind: NonNullable<RingState['openChange']>['kind'] | undefined,
  mm: number,
) {
  if (kind === 'target') {
    const uncut = ring.kind === 'strip' ? aimUncut(band, aimedAt(band), mm) : undefined;
    return uncut ?? aimBand(band, mm);
  }
  return kind === 'style' ? buttJoint(band, mm) : undefined;
}

function bandRoute(
  ring: RingAtBench,
  state: RingState,
  { because, kind }: Finding,
  { kit, traits, system }: BenchTools,
): DerivedRoute {
  const { openChange, targetInsideDiameterMm: targetMm } = state;
  const band = {
    steps: state.steps,
    step: state.step,
    ...standsAt(state),
    spent: state.spent,
    allowanceStrainLog: ring.allowanceStrainLog,
    metal: ring.metal,
    mayHeat: mayAnneal(ring),
    mayReduce: mayReduce(ring),
    mandrel: ring.mandrel,
    kit,
    traits,
    system,
  };
  const aims = openChange?.kind === 'target';
  if (kind === 'rolled' && state.openRolled) {
    const found = replanRolling(band, state.openRolled);
    if (!found) return AS_PLANNED;
    const { fromStep, steps, thinnerMm, tooShortMm } = found;
    return { kind: 'changed', because, fromStep, steps, rolled: { thinnerMm, tooShortMm } };
  }
  const changed = changedBand(ring, band, openChange?.kind, targetMm ?? ring.targetInsideDiameterMm);
  const steps = changed ? [...state.steps.slice(0, changed.fromStep), ...changed.steps] : state.steps;
  // A new joint is closed and read again; a new size is aimed at from what was read.
  const readIsIn =
    changed !== undefined && (openChange?.kind === 'style' || band.readAt >= changed.fromStep - 1);
  const reads = (state.openReading !== undefined || openChange?.kind === 'skipped') && !readIsIn;
  const found = (reads ? replanBand({ ...band, steps }) : undefined) ?? changed;
  if (!found) return AS_PLANNED;
  return {
    kind: 'changed',
    because,
    fromStep: found.fromStep,
    steps: found.steps,
    ...(aims && changed ? { targetInsideDiameterMm: targetMm } : {}),
  };
}

/**
 * The rest of the route from what was found last; some tenths of a second where its size has come out of reach.
 * @yields progress, 0 to 1
 */
export function* deriveRoute(
  ring: RingAtBench,
  state: RingState,
  finding: Finding,
  tools: BenchTools,
): Generator<number, DerivedRoute> {
  const work = ringInWork(ring, state, tools);
  const { because, kind } = finding;
  return work && kind !== 'rolled'
    ? yield* coinRoute(work, because, kind)
    : bandRoute(ring, state, finding, tools);
}

/** A state along a route that was derived, before the maker has gone on with it. */
export function alongRoute(state: RingState, derived: DerivedRoute): RingState {
  if (derived.kind !== 'changed') return state;
  const { fromStep, steps, targetInsideDiameterMm, holeMm } = derived;
  return {
    ...state,
    steps: [...state.steps.slice(0, fromStep), ...steps],
    targetInsideDiameterMm: targetInsideDiameterMm ?? state.targetInsideDiameterMm,
    holeMm: holeMm ?? state.holeMm,
  };
}
