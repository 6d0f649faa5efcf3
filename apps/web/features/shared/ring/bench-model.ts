import { workWords } from '@round-mint/core/format';
import type { CoinRingWithEvents, RingWithEvents } from '@round-mint/contract/rings';
import type { MetalId } from '@round-mint/core/metal';
import { ringAtBench } from '@round-mint/contract/bench';
import {
  alongRoute,
  type DerivedRoute,
  type RingAtBench,
  stopAt,
  stopWords,
  storedState,
} from '@round-mint/core/bench';
import { type Job, nextJobs, type Reroute, type RingState } from '@round-mint/core/ring';
import type { SizeSystemId } from '@round-mint/core/size';
import {
  COIN_EDGES,
  edgeNamesOf,
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
  /** Its plan and its events: what all that the bench says is derived from. */
  readonly atBench: RingAtBench;
  /** The state along the routes that were kept. */
  readonly stored: RingState;
  /** The same along the route that follows from what was found last. */
  readonly state: RingState;
  /** The step to do; undefined when all are done. */
  readonly step: RouteStep | undefined;
  readonly next: RouteStep | undefined;
  /** The kept route that led to this step. */
  readonly reroute: Reroute | undefined;
  readonly targetMm: number;
}

/** What is told of a ring from where it stands. */
function standingOf(ring: RingWithEvents, state: RingState) {
  const reroute = state.reroutes.at(-1);
  return {
    state,
    step: state.steps[state.step],
    next: state.steps[state.step + 1],
    reroute: reroute?.step === state.step ? reroute : undefined,
    targetMm: state.targetInsideDiameterMm ?? ring.prediction.targetInsideDiameterMm,
  };
}

/** A ring along the routes that were kept. */
export function benchRing(ring: RingWithEvents): BenchRing {
  const coinRing = ring.kind === 'coin' ? ring : undefined;
  const atBench = ringAtBench(ring);
  const stored = storedState(atBench);
  const edges = edgeNamesOf(ring.kind);
  return { ring, coinRing, edges, atBench, stored, ...standingOf(ring, stored) };
}

/** The same along the route that follows from what was found last. */
export function benchAlong(bench: BenchRing, derived: DerivedRoute): BenchRing {
  return { ...bench, ...standingOf(bench.ring, alongRoute(bench.stored, derived)) };
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
  curl: 'Turn in',
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
export function verbOf({ kind, verb }: Pick<RouteStep, 'kind' | 'verb'>): string {
  return verb ?? VERBS[kind] ?? 'Work';
}

/** The number that matters at a step: where to stop, as the mandrel will read it. */
export function stopMark(
  step: RouteStep,
  system: SizeSystemId,
  length: (mm: number, decimals?: number) => string,
  names: EdgeNames = COIN_EDGES,
): string {
  const stop = stopAt(step, system);
  if (stop) return stopWords(stop, system, names);
  const { cutInsideDiameterMm: cut } = step.after;
  if (step.kind === 'cut' && step.blank === undefined) return `hole ${length(cut)}`;
  if (step.kind === 'saw') return `cut ${length(step.blank?.stations.at(-1)?.atMm ?? 0)} long`;
  if (step.kind === 'roll') return `${length(step.outline.thicknessMm[0] ?? 0, 2)} thick`;
  if (step.waitMin > 0) return workWords(step.handsOnMin, step.waitMin);
  return `about ${step.handsOnMin} min`;
}
