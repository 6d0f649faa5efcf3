import type { CoinRingWithEvents, RingWithEvents } from '@round-mint/contract/rings';
import type { MetalId } from '@round-mint/core/metal';
import {
  adviseReading,
  type EdgeAdvice,
  type Job,
  nextJobs,
  type Reroute,
  ringState,
  type RingState,
} from '@round-mint/core/ring';
import {
  BAND_EDGES,
  COIN_EDGES,
  type EdgeNames,
  type RouteStep,
  type StepKind,
} from '@round-mint/core/steps';

/** A ring at the bench, ready to show. */
export interface BenchRing {
  readonly ring: RingWithEvents;
  /** The same when it is a coin's; undefined for every other kind. */
  readonly coinRing: CoinRingWithEvents | undefined;
  /** What its edges are called. */
  readonly edges: EdgeNames;
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
  const coinRing = ring.kind === 'coin' ? ring : undefined;
  const edges = coinRing ? COIN_EDGES : BAND_EDGES;
  const state = ringState(
    {
      steps: ring.steps,
      mandrel: { mmPerUsSize: ring.mandrelMmPerUsSize },
      targetInsideDiameterMm: ring.prediction.targetInsideDiameterMm,
      holeMm: coinRing?.holeMm,
    },
    ring.events,
  );
  const step = state.steps[state.step];
  const read = state.stepReading;
  const reroute = state.reroutes.at(-1);
  const here = reroute && (reroute.step === state.step || reroute.because === read?.eventId);
  return {
    ring,
    coinRing,
    edges,
    state,
    step,
    next: state.steps[state.step + 1],
    advice: step && read ? adviseReading(step, read.leading, edges) : undefined,
    reroute: here ? reroute : undefined,
    targetMm: state.targetInsideDiameterMm ?? ring.prediction.targetInsideDiameterMm,
  };
}

/** What the ring is made of. */
export function ringMetal(ring: RingWithEvents): MetalId {
  return ring.kind === 'coin' ? ring.coin.metal : ring.metal;
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
  saw: 'Saw',
  bend: 'Bend',
  close: 'Close',
  solder: 'Solder',
  roll: 'Roll',
  assemble: 'Assemble',
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

/** Steps of a blank that end on the mandrel only when it has become a ring. */
const BENT: readonly StepKind[] = ['bend', 'close'];

export function isSized({ kind, reading }: Pick<RouteStep, 'kind' | 'reading'>): boolean {
  return SIZED.includes(kind) || (BENT.includes(kind) && reading !== undefined);
}

/** Edges this close are one size, mm. */
const SAME_MM = 0.05;

/** The number that matters at a step: where to stop. */
export function stopMark(
  step: RouteStep,
  size: (mm: number) => string,
  length: (mm: number) => string,
  names: EdgeNames = COIN_EDGES,
): string {
  const { rimInsideDiameterMm: rim, cutInsideDiameterMm: cut } = step.after;
  if (isSized(step)) {
    return Math.abs(rim - cut) < SAME_MM || size(rim) === size(cut)
      ? `${size(cut)}, both edges`
      : `${size(rim)} ${names.rim}, ${size(cut)} ${names.cut}`;
  }
  if (step.kind === 'cut' && step.blank === undefined) return `hole ${length(cut)}`;
  if (step.kind === 'fold') return `wall ${Math.round(90 - (step.outline.leanDeg[0] ?? 0))}° up from flat`;
  if (step.kind === 'saw') return `cut ${length(step.blank?.stations.at(-1)?.atMm ?? 0)} long`;
  if (step.kind === 'roll') return `${length(step.outline.thicknessMm[0] ?? 0)} thick`;
  if (step.waitMin > 0) return `${step.handsOnMin} min of hands, ${step.waitMin} of waiting`;
  return `about ${step.handsOnMin} min`;
}
