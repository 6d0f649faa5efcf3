import type { RingWithEvents } from '@round-mint/contract/rings';
import {
  adviseReading,
  nextJobs,
  ringState,
  type EdgeAdvice,
  type Job,
  type Reroute,
  type RingEvent,
  type RingState,
  type RouteStep,
  type StepKind,
} from '@round-mint/core/route';

/** A ring at the bench, ready to show. */
export interface BenchRing {
  readonly ring: RingWithEvents;
  readonly state: RingState;
  /** The step to do; undefined when all are done. */
  readonly step: RouteStep | undefined;
  readonly next: RouteStep | undefined;
  /** What the last reading during this step says against the plan; undefined before there is one. */
  readonly advice: readonly EdgeAdvice[] | undefined;
  /** The re-planning that led to this step, or that this step's reading led to. */
  readonly reroute: Reroute | undefined;
  readonly targetMm: number;
}

export function benchRing(ring: RingWithEvents): BenchRing {
  const state = ringState(
    {
      steps: ring.steps as readonly RouteStep[],
      mandrel: { mmPerUsSize: ring.mandrelMmPerUsSize },
      targetInsideDiameterMm: ring.prediction.targetInsideDiameterMm,
      holeMm: ring.holeMm,
    },
    ring.events as readonly RingEvent[],
  );
  const step = state.steps[state.step];
  const read = state.stepReading;
  const reroute = state.reroutes.at(-1);
  const here = reroute && (reroute.step === state.step || reroute.because === read?.eventId);
  return {
    ring,
    state,
    step,
    next: state.steps[state.step + 1],
    advice: step && read ? adviseReading(step, read.leading) : undefined,
    reroute: here ? reroute : undefined,
    targetMm: state.targetInsideDiameterMm ?? ring.prediction.targetInsideDiameterMm,
  };
}

const VERBS: Partial<Readonly<Record<StepKind, string>>> = {
  cut: 'Punch',
  deburr: 'Deburr',
  anneal: 'Anneal',
  fold: 'Fold',
  flatten: 'Level',
  stretch: 'Stretch',
  straighten: 'Straighten',
  reduce: 'Reduce',
  stepped: 'Step down',
  curl: 'Curl',
  trim: 'Trim',
  'true-up': 'True up',
  read: 'Read',
  file: 'File',
  pickle: 'Pickle',
  sand: 'Sand',
  patina: 'Darken',
  polish: 'Polish',
  plate: 'Line',
};

/** What the rings need next, batched. */
export function jobsOf(rings: readonly BenchRing[]): readonly Job[] {
  return nextJobs(
    rings.flatMap(({ ring, state, step }) =>
      step ? [{ ringId: ring.id, ringName: ring.name, stepIndex: state.step, step }] : [],
    ),
  );
}

/** One verb a screen. */
export function verbOf({ kind }: Pick<RouteStep, 'kind'>): string {
  return VERBS[kind] ?? 'Work';
}

/** Steps whose end is a size that a mandrel can read. */
const SIZED: readonly StepKind[] = [
  'stretch',
  'straighten',
  'reduce',
  'stepped',
  'curl',
  'trim',
  'true-up',
  'read',
];

export function isSized({ kind }: Pick<RouteStep, 'kind'>): boolean {
  return SIZED.includes(kind);
}

/** Edges this close are one size, mm. */
const SAME_MM = 0.05;

/** The number that matters at a step: where to stop. */
export function stopMark(
  step: RouteStep,
  size: (mm: number) => string,
  length: (mm: number) => string,
): string {
  const { rimInsideDiameterMm: rim, cutInsideDiameterMm: cut } = step.after;
  if (isSized(step)) {
    return Math.abs(rim - cut) < SAME_MM || size(rim) === size(cut)
      ? `${size(cut)}, both edges`
      : `${size(rim)} rim edge, ${size(cut)} cut edge`;
  }
  if (step.kind === 'cut') return `hole ${length(cut)}`;
  if (step.kind === 'fold') return `wall ${Math.round(90 - (step.outline.leanDeg[0] ?? 0))}° up from flat`;
  if (step.waitMin > 0) return `${step.handsOnMin} min of hands, ${step.waitMin} of waiting`;
  return `about ${step.handsOnMin} min`;
}
