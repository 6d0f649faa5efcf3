import { DEFAULT_MANDREL, edgesFromReading, type EdgeDiameters, type EdgesFromReading } from '../size';
import { axialHeightMm, FRESH, movesWall, type RingWait, type RouteStep, softens, spend } from '../steps';
import { addedStep } from './added-step';
import { spentByMove } from './moved-edges';
import { standingEvents, type RingEvent, type RingEventBody } from './ring-events';
import type { RingPlan, RingState } from './ring-state';

function startState({ steps, targetInsideDiameterMm, holeMm, spentAtStart = FRESH }: RingPlan): RingState {
  const edges = steps[0]?.before ?? { rimInsideDiameterMm: 0, cutInsideDiameterMm: 0 };
  return {
    step: 0,
    steps,
    targetInsideDiameterMm,
    holeMm,
    wall: undefined,
    style: undefined,
    openChange: undefined,
    toolsUsed: new Map(),
    reroutes: [],
    waits: [],
    rolled: [],
    openRolled: undefined,
    stepReading: undefined,
    openReading: undefined,
    formedSinceReading: true,
    stepFrom: edges,
    stepSpent: spentAtStart,
    leftOut: false,
    edges,
    edgesSource: 'planned',
    spent: spentAtStart,
    partsSpent: [],
    anneals: 0,
    readings: [],
    measured: undefined,
    notes: [],
    troubles: [],
    finished: false,
    finishedAt: undefined,
    spoilt: undefined,
    lastEventId: undefined,
  };
}

/**
 * Edges behind a reading. An edge that the other one hid from the mandrel is at least as large as it read: then the
 * plan knows better.
 */
function seenEdges(read: EdgesFromReading, { after }: RouteStep): EdgeDiameters {
  const { rimInsideDiameterMm: rim, cutInsideDiameterMm: cut, hiddenEdge } = read;
  return {
    rimInsideDiameterMm: hiddenEdge === 'rim' ? Math.max(rim, after.rimInsideDiameterMm) : rim,
    cutInsideDiameterMm: hiddenEdge === 'cut' ? Math.max(cut, after.cutInsideDiameterMm) : cut,
  };
}

/** Moves the edges and fills the gauge by what that took. */
function moveEdges(
  state: RingState,
  step: RouteStep,
  edges: EdgeDiameters,
  source: RingState['edgesSource'],
): RingState {
  return { ...state, edges, edgesSource: source, spent: spentByMove(state, step, edges) };
}

/** What was waited for in a step is over when the step is: its clock is silent on every device. */
function waitsOver(state: RingState, at: string): readonly RingWait[] {
  return state.waits.map((wait) =>
    wait.step === state.step && wait.endedAt === undefined ? { ...wait, endedAt: at } : wait,
  );
}

function stepDone(state: RingState, index: number, at: string): RingState {
  const step = state.steps[index];
  if (!step || index !== state.step) return state;
  const done = wentOn({ ...state, waits: waitsOver(state, at) }, step, index);
  const softened = softens(step.kind) ? { ...done, spent: FRESH } : done;
  return { ...softened, stepFrom: softened.edges, stepSpent: softened.spent };
}

function wentOn(state: RingState, step: RouteStep, index: number): RingState {
  // What was changed is settled when the maker goes on: what followed from it was kept just before.
  const next = { ...state, step: index + 1, stepReading: undefined, openChange: undefined };
  if (state.stepReading || state.openRolled?.step === index) return next;
  const moved = movedAsPlanned(state, next, step);
  return changesSize(step) ? { ...moved, formedSinceReading: true, openReading: undefined } : moved;
}

/** Whether the ring reads another size after a step. */
function changesSize(step: RouteStep): boolean {
  return movesWall(step) || step.kind === 'trim';
}

function movedAsPlanned(state: RingState, next: RingState, step: RouteStep): RingState {
  // Another part begins: what was read of the one before says nothing of it. A cut of the same part leaves its size.
  if (step.kind === 'saw' && step.before.cutInsideDiameterMm !== step.after.cutInsideDiameterMm)
    return {
      ...next,
      edges: step.after,
      edgesSource: 'planned',
      spent: FRESH,
      partsSpent: [...next.partsSpent, next.spent],
    };
  // From planned edges the route's own strains hold; from a reading the rest of the way is computed afresh.
  if (state.edgesSource === 'planned') {
    return {
      ...next,
      edges: step.after,
      spent: spend(state.spent, step.kind, step.strainCutEdge, step.strainRimEdge),
    };
  }
  return changesSize(step) ? moveEdges(next, step, step.after, 'planned') : next;
}

function annealDone(state: RingState, index: number | undefined, at: string): RingState {
  // The route's own anneal, told by two devices, is one.
  const isOfRoute = index !== undefined && state.steps[index]?.kind === 'anneal';
  if (isOfRoute && index !== state.step) return state;
  const softened = { ...state, spent: FRESH, anneals: state.anneals + 1 };
  return isOfRoute
    ? {
        ...softened,
        step: index + 1,
        waits: waitsOver(state, at),
        stepReading: undefined,
        stepFrom: softened.edges,
        stepSpent: FRESH,
      }
    : softened;
}

/** A bar was measured after a pass: the gauge follows from what the rolls really took off. */
function rolledTo(
  state: RingState,
  { id: eventId, at }: RingEvent,
  { step, thicknessMm, widthMm, lengthMm }: Extract<RingEventBody, { kind: 'rolled' }>,
): RingState {
  const pass = state.steps[step];
  if (step !== state.step || !pass?.rolling) return state;
  const { fromMm, gaugePerStrain } = pass.rolling;
  const strain = gaugePerStrain * Math.log(fromMm / thicknessMm);
  const reading = { eventId, at, step, thicknessMm, widthMm, lengthMm };
  return {
    ...state,
    spent: spend(state.stepSpent, 'roll', strain, strain),
    rolled: [...state.rolled, reading],
    openRolled: reading,
  };
}

/** The step at hand is left out: the ring stays as it is. */
function stepSkipped(state: RingState, index: number, { id: eventId, at }: RingEvent): RingState {
  const step = state.steps[index];
  if (!step || index !== state.step) return state;
  return {
    ...state,
    step: index + 1,
    waits: waitsOver(state, at),
    stepReading: undefined,
    stepFrom: state.edges,
    stepSpent: state.spent,
    openChange: changesSize(step) ? { eventId, kind: 'skipped' } : state.openChange,
  };
}

/** A step more among those to come; behind what is done it is too late. */
function stepAdded(
  state: RingState,
  { after, stepKind, toolId }: Extract<RingEventBody, { kind: 'step-added' }>,
): RingState {
  const { steps, step, toolsUsed, stepReading, openReading, readings } = state;
  const [first] = steps;
  const at = after + 1;
  if (!first || at < step || at > steps.length) return state;
  const added = addedStep(stepKind, steps[after], first);
  // What was read in steps behind it, and the tools told for them, belong to those steps still.
  const shifts = <T extends { readonly step: number }>(one: T): T =>
    one.step < at ? one : { ...one, step: one.step + 1 };
  const moved = new Map(
    [...toolsUsed].map(([index, tool]) => [index < at ? index : index + 1, tool] as const),
  );
  return {
    ...state,
    steps: [...steps.slice(0, at), added, ...steps.slice(at)],
    toolsUsed: toolId === undefined ? moved : moved.set(at, { toolId, setting: undefined }),
    readings: readings.map(shifts),
    waits: state.waits.map(shifts),
    openReading: openReading && shifts(openReading),
    rolled: state.rolled.map(shifts),
    openRolled: state.openRolled && shifts(state.openRolled),
    stepReading: at === step ? undefined : stepReading,
  };
}

/** The steps from one on are others; what was done stays done. */
function rerouted(
  state: RingState,
  { id, at }: RingEvent,
  body: Extract<RingEventBody, { kind: 'rerouted' }>,
): RingState {
  // A change of steps that are already behind would tear the ring's history: it came too late.
  if (body.fromStep < state.step || body.fromStep > state.steps.length) return state;
  const answersOpen = state.openReading?.eventId === body.because;
  return {
    ...state,
    openReading: answersOpen ? undefined : state.openReading,
    openRolled: undefined,
    // Whatever it was planned from, it was planned for what is wanted by now.
    openChange: undefined,
    stepFrom: body.fromStep === state.step ? state.edges : state.stepFrom,
    stepSpent: body.fromStep === state.step ? state.spent : state.stepSpent,
    steps: [...state.steps.slice(0, body.fromStep), ...body.steps],
    targetInsideDiameterMm: body.targetInsideDiameterMm ?? state.targetInsideDiameterMm,
    holeMm: body.holeMm ?? state.holeMm,
    reroutes: [
      ...state.reroutes,
      { eventId: id, because: body.because, at, step: body.fromStep, why: body.why },
    ],
    // A pass that is planned again begins afresh.
    stepReading: body.fromStep === state.step ? undefined : state.stepReading,
  };
}

function apply(state: RingState, event: RingEvent, plan: RingPlan): RingState {
  const { body } = event;
  switch (body.kind) {
    case 'step-done':
      return stepDone(state, body.step, event.at);
    case 'anneal-done':
      return annealDone(state, body.step, event.at);
    case 'reading': {
      const step = state.steps[Math.min(state.step, state.steps.length - 1)];
      if (!step) return state;
      const heightMm = axialHeightMm(step.outline);
      const read = edgesFromReading(body, heightMm, body.mark, plan.mandrel ?? DEFAULT_MANDREL);
      const edges = seenEdges(read, step);
      const { rimDownMm, cutDownMm } = body;
      const reading = {
        ...edges,
        rimDownMm,
        cutDownMm,
        // An edge's own size is what the leading edge reads when nothing hides it.
        leading: { rimDownMm: read.rimInsideDiameterMm, cutDownMm: read.cutInsideDiameterMm },
        eventId: event.id,
        at: event.at,
        step: state.step,
        from: state.stepFrom,
        ...(body.reveal === undefined ? {} : { reveal: body.reveal }),
      };
      return {
        ...moveEdges(state, step, edges, 'read'),
        readings: [...state.readings, reading],
        stepReading: reading,
        openReading: reading,
        formedSinceReading: false,
      };
    }
    case 'measured': {
      const { kind: _kind, ...measured } = body;
      return { ...state, measured };
    }
    case 'trouble': {
      const trouble = { at: event.at, symptom: body.symptom, step: state.step };
      return { ...state, troubles: [...state.troubles, trouble] };
    }
    case 'target-changed':
      return {
        ...state,
        targetInsideDiameterMm: body.insideDiameterMm,
        openChange: { eventId: event.id, kind: 'target' },
      };
    case 'wall-changed':
      return {
        ...state,
        wall: { kind: body.wall, curl: body.curl },
        openChange: { eventId: event.id, kind: 'wall' },
      };
    case 'style-changed':
      return { ...state, style: body.style, openChange: { eventId: event.id, kind: 'style' } };
    case 'step-skipped':
      return stepSkipped(state, body.step, event);
    case 'step-added':
      return stepAdded(state, body);
    case 'tool-used': {
      const { toolId, setting } = body;
      return { ...state, toolsUsed: new Map(state.toolsUsed).set(body.step, { toolId, setting }) };
    }
    case 'hole-measured':
      return { ...state, holeMm: body.diameterMm };
    case 'rolled':
      return rolledTo(state, event, body);
    case 'rerouted':
      return rerouted(state, event, body);
    case 'wait-started': {
      const { waitId, what, shortSec, longSec } = body;
      const { step } = state;
      const wait = { waitId, what, step, startedAt: event.at, endedAt: undefined, shortSec, longSec };
      return { ...state, waits: [...state.waits.filter((other) => other.waitId !== waitId), wait] };
    }
    case 'wait-ended':
      return {
        ...state,
        waits: state.waits.map((wait) =>
          wait.waitId === body.waitId ? { ...wait, endedAt: event.at } : wait,
        ),
      };
    case 'left-out':
      return { ...state, leftOut: body.leftOut };
    case 'note':
      return { ...state, notes: [...state.notes, { at: event.at, text: body.text }] };
    case 'finished':
      return { ...state, finished: true, finishedAt: event.at };
    case 'spoilt':
      return { ...state, spoilt: { at: event.at, cause: body.cause, step: state.step } };
    // Of the tool, not of the ring.
    case 'tool-marked':
    case 'undone':
      return state;
  }
}

/**
 * A ring's state from its plan and its events, in order: the one reducer that server and app share.
 * An event for a step that is not the current one changes nothing, so that a late repeat does no harm.
 */
export function ringState(plan: RingPlan, events: readonly RingEvent[]): RingState {
  const standing = standingEvents(events);
  const state = standing.reduce((before, event) => apply(before, event, plan), startState(plan));
  // Taking back what made it necessary takes the re-planning back as well.
  const lastByHand = standing.filter(({ body }) => body.kind !== 'rerouted').at(-1);
  return { ...state, lastEventId: lastByHand?.id };
}
