import type { RouteStep, StepKind } from '../steps';

/** A ring's next step, as far as batching asks. */
export interface NextStep {
  readonly ringId: string;
  readonly ringName: string;
  readonly stepIndex: number;
  readonly step: Pick<RouteStep, 'kind' | 'title' | 'tool' | 'handsOnMin' | 'waitMin' | 'waits'>;
}

/** What several rings need at once: one torch, one bath, one set-up of the press. */
export interface Job {
  /** What they share: the flame, the bath, the tool. */
  readonly setUp: string;
  readonly by: 'flame' | 'bath' | 'press' | 'bench';
  readonly kind: StepKind;
  readonly rings: readonly NextStep[];
  /** Hands-on minutes of all. */
  readonly handsOnMin: number;
}

const PRESS_STEPS: readonly StepKind[] = [
  'cut',
  'fold',
  'flatten',
  'reduce',
  'stepped',
  'curl',
  'straighten',
];

/** What a step occupies beside the hands, and what has to be set up for it. */
export function setUpOf(
  step: Pick<RouteStep, 'kind' | 'title' | 'tool' | 'waits'>,
): Pick<Job, 'setUp' | 'by'> {
  const bath = step.waits?.find((wait) => wait.bath !== undefined)?.bath;
  if (step.kind === 'anneal') return { by: 'flame', setUp: 'the torch' };
  if (bath !== undefined) return { by: 'bath', setUp: bath };
  if (PRESS_STEPS.includes(step.kind)) return { by: 'press', setUp: step.tool ?? step.title };
  return { by: 'bench', setUp: step.tool ?? step.kind };
}

/** Baths run by themselves: they are started first; then the flame, then the press, then the vice. */
const ORDER: readonly Job['by'][] = ['bath', 'flame', 'press', 'bench'];

/**
 * What to do next over all rings, batched: those that share a flame, a bath or a set-up stand together, the largest
 * batch of each first.
 */
export function nextJobs(next: readonly NextStep[]): readonly Job[] {
  const jobs = new Map<string, Job>();
  for (const one of next) {
    const { by, setUp } = setUpOf(one.step);
    const key = by === 'flame' ? by : `${by}|${one.step.kind}|${setUp}`;
    const job = jobs.get(key) ?? { by, setUp, kind: one.step.kind, rings: [], handsOnMin: 0 };
    jobs.set(key, {
      ...job,
      rings: [...job.rings, one],
      handsOnMin: job.handsOnMin + one.step.handsOnMin,
    });
  }
  return [...jobs.values()].sort(
    (a, b) => ORDER.indexOf(a.by) - ORDER.indexOf(b.by) || b.rings.length - a.rings.length,
  );
}
