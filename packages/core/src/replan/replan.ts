import {
  arcWidthMm,
  coarseMeridian,
  cutEdge,
  rimEdge,
  SCHOOL_WHEN_UNKEPT,
  SHARP_CUT_EDGE_MM,
  STEPPED_RIM_STRAIN_LIMIT,
  COMFORTABLE_CUT_EDGE_MM,
  type Meridian,
} from '../forming';
import { MM_PER_US_SIZE } from '../size';
import { chartsFor } from '../kit';
import { isOnMark } from '../ring';
import {
  addFinalTrueUp,
  edgesOf,
  type Goal,
  goalOf,
  applyMoves,
  outlineOf,
  findRoute,
  startRoute,
  type RouteBuilder,
} from '../route';
import { DEFAULT_TRAITS, type EdgeSpend, FRESH, type RouteStep, withFaceOut } from '../steps';
import { wallOfOutline, type Found } from './resume';
import { runToEnd } from '../uncertainty';
import { attemptFor, type Attempt, type Finding, type RingInWork } from './attempt';
import { alike, changeOf, type RouteChange } from './route-change';

export interface NewRoute {
  readonly fromStep: number;
  readonly steps: readonly RouteStep[];
  readonly targetInsideDiameterMm: number;
  readonly holeMm: number;
  readonly change: RouteChange;
  /** The ring as it will be, mm. */
  readonly bandWidthMm: number;
  readonly thicknessCutEdgeMm: number;
  readonly thicknessRimEdgeMm: number;
}

/** Why the size has come out of reach. */
export type OutOfReach = 'rim-would-grow' | 'rim-too-small' | 'edge-too-thin' | 'no-route';

export type Replan =
  | { readonly kind: 'on-plan' }
  /** The route does not tell where the piece stands. */
  | { readonly kind: 'unknown' }
  /** `comfortable` where the route's cut edge gets thin: the nearest size that keeps it comfortable, if any does. */
  | {
      readonly kind: 'changed';
      readonly route: NewRoute;
      readonly thin?: { readonly comfortable: NewRoute | undefined } | undefined;
    }
  | { readonly kind: 'out-of-reach'; readonly why: OutOfReach; readonly nearest: NewRoute | undefined };

/** Steps that a route ends with once nothing is formed any more. */
function tailFrom(steps: readonly RouteStep[], index: number): number {
  const lastSized = steps.findLastIndex(({ kind }) => kind === 'true-up');
  return Math.max(index, lastSized + 1);
}

/** A finishing step goes on as it was, on the wall that there is now. */
function keepStep(builder: RouteBuilder, step: RouteStep): void {
  const edges = edgesOf(builder.wall, builder.lipMm);
  const reading = step.reading ? builder.steps.findLast((done) => done.reading)?.reading : undefined;
  builder.steps.push({
    ...step,
    before: edges,
    after: edges,
    outline: builder.steps.at(-1)?.outline ?? outlineOf(builder.wall),
    annealFirst: builder.steps.at(-1)?.kind === 'anneal',
    pieceState: { ...builder.progress, lipMm: builder.lipMm },
    ...(reading ? { reading } : {}),
  });
}

function goalFor(ring: RingInWork, targetInsideDiameterMm: number, holeMm: number): Goal {
  const { coin, wall, kit, traits, school = SCHOOL_WHEN_UNKEPT } = ring;
  const input = { coin, holeMm, targetInsideDiameterMm, wall };
  return {
    ...goalOf(input, wall.kind === 'tapered' ? 'leave' : school, { kit, traits }),
    correcting: true,
  };
}

function workAt(ring: RingInWork, found: Found, spent: EdgeSpend, holeMm: number): RouteBuilder {
  const { coin, mandrel, traits = DEFAULT_TRAITS } = ring;
  const { lipMm, ...progress } = found.pieceState;
  const builder = startRoute({ coin, holeMm, targetInsideDiameterMm: 0, wall: ring.wall }, mandrel, {
    traits,
  });
  return { ...builder, wall: found.wall, spent, progress, lipMm };
}

/** How a finished wall stands to the limits. */
type Limit = { readonly beyond: OutOfReach } | { readonly thin: boolean };

/** A thickness is planned no finer, mm. */
const SAME_THICKNESS_MM = 0.01;

function limitsOf(wall: Meridian, planned: Meridian | undefined): Limit {
  // What was planned tighter or thinner than the limits was the maker's own choice.
  const tightest = Math.min(STEPPED_RIM_STRAIN_LIMIT, planned ? rimEdge(planned).strainLog : 0);
  if (rimEdge(wall).strainLog < tightest) return { beyond: 'rim-too-small' };
  const plannedMm = planned ? cutEdge(planned).thicknessMm : Infinity;
  const under = (limitMm: number) =>
    cutEdge(wall).thicknessMm < Math.min(limitMm, plannedMm) - SAME_THICKNESS_MM;
  return under(SHARP_CUT_EDGE_MM) ? { beyond: 'edge-too-thin' } : { thin: under(COMFORTABLE_CUT_EDGE_MM) };
}

type Tried =
  | { readonly ok: true; readonly route: NewRoute; readonly thin: boolean }
  | { readonly ok: false; readonly why: OutOfReach };

/** Plans on to a size, or says why that is not possible. */
function tryTarget(ring: RingInWork, attempt: Attempt, targetMm: number): Tried {
  const { found, spent, fromStep, lead, first, holeMm } = attempt;
  const { steps } = ring.state;
  const goal = goalFor(ring, targetMm, holeMm);
  const builder = workAt(ring, found, spent, holeMm);
  lead.forEach((step) => keepStep(builder, step));
  if (lead.some(({ kind }) => kind === 'anneal')) builder.spent = FRESH;
  first?.(builder);
  const start = { ...builder.progress, wall: coarseMeridian(builder.wall), spent: builder.spent };
  const moves = findRoute(start, goal);
  if (!moves) {
    const grows = rimEdge(builder.wall).insideDiameterMm < targetMm;
    return { ok: false, why: grows ? 'rim-would-grow' : 'no-route' };
  }
  const formedFrom = builder.steps.length;
  applyMoves(builder, goal, moves, chartsFor(ring.dieCharts ?? [], ring.coin));
  const usual = tailFrom(steps, ring.state.step);
  const formedLate = usual === ring.state.step && builder.steps.length > formedFrom;
  if (usual !== ring.state.step || formedLate) addFinalTrueUp(builder, ring.kit);
  // What is formed after its finish is finished again.
  const tail = formedLate ? tailFrom(steps, 0) : usual;
  const planned = steps.at(-1) && wallOfOutline((steps.at(-1) as RouteStep).outline, goal.workingThicknessMm);
  const limit = limitsOf(builder.wall, planned);
  if ('beyond' in limit) return { ok: false, why: limit.beyond };
  steps.slice(tail).forEach((step) => keepStep(builder, step));
  const finished = {
    width: arcWidthMm(builder.wall),
    cut: cutEdge(builder.wall),
    rim: rimEdge(builder.wall),
  };
  return {
    ok: true,
    thin: limit.thin,
    route: {
      fromStep,
      steps: withFaceOut(builder.steps, ring.face),
      targetInsideDiameterMm: targetMm,
      holeMm,
      change: changeOf(steps.slice(fromStep), builder.steps, attempt.bandWidthBeforeMm, finished.width),
      bandWidthMm: finished.width,
      thicknessCutEdgeMm: finished.cut.thicknessMm,
      thicknessRimEdgeMm: finished.rim.thicknessMm,
    },
  };
}

/** How far sizes are looked for when the wanted one is out of reach, quarter sizes each way. */
const LOOK_AROUND = 24;

function* nearestPossible(
  ring: RingInWork,
  attempt: Attempt,
  targetMm: number,
): Generator<number, { readonly comfortable?: NewRoute; readonly possible?: NewRoute }> {
  let possible: NewRoute | undefined;
  for (let quarters = 1; quarters <= LOOK_AROUND; quarters++) {
    yield (quarters - 1) / LOOK_AROUND;
    for (const sign of [1, -1]) {
      const tried = tryTarget(ring, attempt, targetMm + (sign * quarters * MM_PER_US_SIZE) / 4);
      if (!tried.ok) continue;
      if (!tried.thin) return { comfortable: tried.route, possible: possible ?? tried.route };
      possible ??= tried.route;
    }
  }
  return possible ? { possible } : {};
}

/**
 * Plans the rest of a ring again from what was found at the bench: same simulation, same search, from the piece as it
 * stands. When its size has come out of reach, the nearest that is still possible, which takes some tenths of a second.
 * @yields progress, 0 to 1
 */
export function* replanning(ring: RingInWork, finding: Finding): Generator<number, Replan> {
  const { state } = ring;
  const read = finding.kind === 'reading' ? state.openReading : undefined;
  const readAt = read && state.steps[read.step];
  if (readAt && isOnMark(readAt, read.leading)) return { kind: 'on-plan' };
  const attempt = attemptFor(ring, finding);
  const targetMm = state.targetInsideDiameterMm;
  if (!attempt || targetMm === undefined) return { kind: 'unknown' };
  const tried = tryTarget(ring, attempt, targetMm);
  if (!tried.ok) {
    const { comfortable, possible } = yield* nearestPossible(ring, attempt, targetMm);
    return { kind: 'out-of-reach', why: tried.why, nearest: comfortable ?? possible };
  }
  const { route, thin } = tried;
  if (alike(state.steps.slice(attempt.fromStep), route.steps)) return { kind: 'on-plan' };
  if (!thin) return { kind: 'changed', route };
  const { comfortable } = yield* nearestPossible(ring, attempt, targetMm);
  return { kind: 'changed', route, thin: { comfortable } };
}

/** The same in one go. */
export function replan(ring: RingInWork, finding: Finding): Replan {
  return runToEnd(replanning(ring, finding));
}
